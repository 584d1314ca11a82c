import type { CarryCell } from '$lib/core/player/carryTable';
import { nearestMark, SWING_MARKS, type SwingVocabulary } from '$lib/core/player/swingLength';
import type { Metres, Radians } from '$lib/core/units';

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

/** Nearer to a mark than this share of the way to the next is on it. */
const ON: number = 0.1;
/** Farther than this share is half-way rather than a touch past. */
const TOUCH: number = 0.35;

/** Where a backswing stands to the marks: "a touch past thigh". */
export function markedWords(angle: Radians, vocabulary: SwingVocabulary): string {
	const marks = SWING_MARKS[vocabulary];
	const near = nearestMark(angle, vocabulary);
	const name = markWords(near.name, vocabulary);
	const other = marks[marks.indexOf(near) + (angle > near.angle ? 1 : -1)];
	if (!other) return angle > near.angle * (1 + ON) ? `past ${name}` : name;
	const share = Math.abs(angle - near.angle) / Math.abs(other.angle - near.angle);
	if (share < ON) return name;
	if (share > TOUCH) {
		const [low, high] = angle > near.angle ? [near, other] : [other, near];
		return `half-way from ${markWords(low.name, vocabulary)} to ${markWords(high.name, vocabulary)}`;
	}
	return `a touch ${angle > near.angle ? 'past' : 'short of'} ${name}`;
}

/**
 * A backswing against the measured ones it lies between: "a touch past thigh: between thigh 9.1 m and hip 13.8 m".
 *
 * @param cells of one club and flight
 * @returns empty where nothing is measured
 */
export function betweenMeasuredWords(
	angle: Radians,
	cells: readonly CarryCell[],
	vocabulary: SwingVocabulary,
	length: (metres: Metres) => string
): string {
	const row = [...cells].sort((a, b) => a.angle - b.angle);
	const said = (cell: CarryCell) => `${markWords(cell.swing, vocabulary)} ${length(cell.mean)}`;
	const above = row.find((cell) => cell.angle >= angle);
	const below = row.findLast((cell) => cell.angle <= angle);
	const where = markedWords(angle, vocabulary);
	if (above && below)
		return above === below
			? `${where}: as measured, ${length(above.mean)}`
			: `${where}: between ${said(below)} and ${said(above)}`;
	if (above) return `${where}: shorter than ${said(above)}`;
	return below ? `${where}: longer than ${said(below)}` : '';
}
