import type { PlannedSwing } from '$lib/core/plan/ladder/swing';
import type { CarryCell } from '$lib/core/player/carryTable';
import { nearestMark, SWING_MARKS, type SwingVocabulary } from '$lib/core/player/swingLength';
import type { Metres, Radians, Ratio } from '$lib/core/units';
import { markWords, swingWords } from './swing';

/** A smaller share of the swing than this nobody can tell. */
const FELT: Ratio = 0.02;

/**
 * What to swing instead of the called swing.
 *
 * @param called as the call has it
 * @param other that does it
 */
export function insteadWords(called: PlannedSwing, other: PlannedSwing): string {
	const by = other.angle - called.angle;
	const marks = SWING_MARKS[called.vocabulary];
	if (by > 0 && called.angle >= marks.at(-1)!.angle) return 'take a longer club';
	if (Math.abs(by) < FELT * called.angle)
		return `less than a swing can tell: land it a little ${by > 0 ? 'farther' : 'nearer'}`;
	if (other.name === called.name) return by > 0 ? 'a touch more swing' : 'a touch less swing';
	return `${swingWords(other.name, other.vocabulary)} instead`;
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
