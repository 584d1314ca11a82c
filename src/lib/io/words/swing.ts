import type { SwingVocabulary } from '$lib/core/player/swingLength';

/** What the marks that are not plain body parts or hours mean to a player. */
const MARK_WORDS: Readonly<Record<string, string>> = {
	foot: 'a foot',
	seam: 'trail-leg seam',
	level: 'shaft level'
};

const WHOLE_HOUR = /^\d+$/;

/** A mark as it is said on its own: "9 o’clock", "trail-leg seam". */
export function markWords(name: string, vocabulary: SwingVocabulary): string {
	if (vocabulary === 'clock' && WHOLE_HOUR.test(name)) return `${name} o’clock`;
	return MARK_WORDS[name] ?? name;
}

const to = (vocabulary: SwingVocabulary, mark: string): string => {
	if (vocabulary === 'body')
		return mark === 'foot'
			? 'club head a foot back'
			: `hands to the ${markWords(mark, vocabulary)}`;
	return `swing to ${markWords(mark, vocabulary)}`;
};

/** A backswing as it is asked for: "hands between knee and thigh". */
export function swingWords(name: string, vocabulary: SwingVocabulary): string {
	const [low, high] = name.split(' to ');
	if (!low || !high) return to(vocabulary, name);
	const both = `${markWords(low, vocabulary)} and ${markWords(high, vocabulary)}`;
	return `${vocabulary === 'body' && low !== 'foot' ? 'hands' : 'swing'} between ${both}`;
}
