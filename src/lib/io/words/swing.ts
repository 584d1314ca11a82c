import type { SwingVocabulary } from '$lib/core/player/swingLength';

/** What the marks that are not plain body parts or hours mean to a player. */
const MARK_WORDS: Readonly<Record<string, string>> = {
	foot: 'a foot',
	seam: 'trail-leg seam',
	level: 'shaft level'
};

/** A mark as it is said on its own: "9 o’clock", "trail-leg seam". */
export function markWords(name: string, vocabulary: SwingVocabulary): string {
	if (vocabulary === 'clock') return name.includes(':') ? name : `${name} o’clock`;
	return MARK_WORDS[name] ?? name;
}

/** How a vocabulary is meant, for whoever meets it first. */
export const VOCABULARY_WORDS: Readonly<Record<SwingVocabulary, { name: string; means: string }>> =
	{
		clock: {
			name: 'Clock',
			means: 'the lead arm as the hour hand: 6 hangs straight down, 9 is level'
		},
		body: {
			name: 'Body',
			means:
				'how far the hands go back: to the seam of the trail leg, knee, thigh, hip, ribs, shoulder; “a foot” is the club head’s way'
		},
		shape: {
			name: 'Letters',
			means:
				'what arms and club look like: I hardly leaves the ball, Y rocks back, V hands thigh-high, shaft level, L lead arm level with the wrists set'
		}
	};

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
