import { quantileSorted } from '../../math/quantiles';
import type { Metres } from '../../units';
import { FINISH, type Finishes } from './sample';

/** What a sampled shot is worth. */
export interface ShotStatistics {
	balls: number;
	expectedStrokes: number;
	standardError: number;
	leave: { median: Metres; p90: Metres };
	chances: {
		holed: number;
		inside1m: number;
		inside2m: number;
		inside3m: number;
		missGreen: number;
		hazard: number;
		upAndDown: number;
		fourOrMore: number;
		heavy: number;
		thin: number;
	};
	/** Where the middle one of those that were caught heavy, or thin, ends past (+) or short (−) of the hole; null for a handful. */
	ends: { heavy: Metres | null; thin: Metres | null };
}

/** Fewer mishits than this say nothing of where they end. */
const HANDFUL = 5;

/**
 * What can go wrong with a shot, in one number: the chance of sand or water and that of four strokes and more, added.
 *
 * @param statistics of one play
 * @returns 0 to 1
 */
export const troubleOf = ({ chances }: ShotStatistics): number =>
	chances.hazard + chances.fourOrMore;

/**
 * The mean; NaN for no values.
 *
 * @param values in any order
 */
export function mean(values: ArrayLike<number>): number {
	let sum = 0;
	for (let i = 0; i < values.length; i++) sum += values[i]!;
	return sum / values.length;
}

/**
 * Standard error of the mean; 0 for fewer than two values.
 *
 * @param values in any order
 */
export function standardError(values: ArrayLike<number>): number {
	const n = values.length;
	if (n < 2) return 0;
	const middle = mean(values);
	let squares = 0;
	for (let i = 0; i < n; i++) squares += (values[i]! - middle) ** 2;
	return Math.sqrt(squares / (n - 1) / n);
}

/**
 * Balls are spread evenly over what can happen: how far their average errs shows in how much so many blocks of them differ. Fewer blocks
 * agree by luck now and then; of fewer than half of these the balls are taken as independent.
 */
const BLOCKS = 16;
const FEWEST_IN_BLOCK = 4;

/** How evenly balls fill what they are an average of. */
export interface Evenness {
	/** What one block has too much of the next has too little: an average errs about this share of what independent blocks would. */
	evenedOut: number;
	/** … and is never taken to err by less than this share of independent luck's. */
	least: number;
}

/**
 * Of one shot, so that nine shots in ten err no more than is said, and of two shots' difference, which is less smooth, as the middle one errs:
 * measured on 32 to 49 situations of the audit's grid by 30 seeds each.
 */
export const ONE_SHOT: Evenness = { evenedOut: 0.74, least: 0.44 };
export const DIFFERENCE: Evenness = { evenedOut: 0.88, least: 0.5 };

/**
 * Standard error of the mean over balls of `drawDeviates`, in their order: smaller than that of independent luck.
 *
 * @param values one a ball; few are taken as independent
 * @param evenness what they are an average of
 */
export function evenError(values: Float64Array, { evenedOut, least }: Evenness): number {
	const blocks = Math.min(BLOCKS, Math.floor(values.length / FEWEST_IN_BLOCK));
	if (blocks < BLOCKS / 2) return standardError(values);
	const size = Math.floor(values.length / blocks);
	const means = new Float64Array(blocks);
	for (let block = 0; block < blocks; block++)
		means[block] = mean(values.subarray(block * size, (block + 1) * size));
	return Math.max(evenedOut * standardError(means), least * standardError(values));
}

function share(length: number, test: (i: number) => boolean): number {
	let count = 0;
	for (let i = 0; i < length; i++) if (test(i)) count++;
	return count / length;
}

/**
 * Counts and averages over finishes; at least one ball.
 *
 * @param finishes at least two balls
 * @param holeX metres from the ball
 */
export function statisticsOf(finishes: Finishes, holeX: Metres): ShotStatistics {
	const balls = finishes.x.length;
	const leaves = Float64Array.from({ length: balls }, (_, i) =>
		finishes.kind[i] === FINISH.holed ? 0 : Math.hypot(finishes.x[i]! - holeX, finishes.z[i]!)
	);
	const sorted = Float64Array.from(leaves).sort();
	const inside = (limit: Metres) =>
		share(balls, (i) => leaves[i]! <= limit && finishes.kind[i]! <= FINISH.holed);
	const endOf = (contact: number): Metres | null => {
		const ends = finishes.x.filter((_, i) => finishes.contact[i] === contact).sort();
		return ends.length < HANDFUL ? null : quantileSorted(ends, 0.5) - holeX;
	};
	return {
		balls,
		expectedStrokes: mean(finishes.strokes),
		standardError: evenError(finishes.strokes, ONE_SHOT),
		leave: { median: quantileSorted(sorted, 0.5), p90: quantileSorted(sorted, 0.9) },
		chances: {
			holed: share(balls, (i) => finishes.kind[i] === FINISH.holed),
			inside1m: inside(1),
			inside2m: inside(2),
			inside3m: inside(3),
			missGreen: share(balls, (i) => finishes.kind[i]! >= FINISH.missed),
			hazard: share(balls, (i) => finishes.kind[i] === FINISH.hazard),
			upAndDown: mean(finishes.upAndDown),
			fourOrMore: mean(finishes.fourOrMore),
			heavy: share(balls, (i) => finishes.contact[i] === 1),
			thin: share(balls, (i) => finishes.contact[i] === 2)
		},
		ends: { heavy: endOf(1), thin: endOf(2) }
	};
}

/** The mean of a difference over balls, and its standard error. */
interface Difference {
	mean: number;
	standardError: number;
}

function differenceOf(
	a: Finishes,
	b: Finishes,
	of: (finishes: Finishes, ball: number) => number
): Difference {
	const length = Math.min(a.strokes.length, b.strokes.length);
	const differences = Float64Array.from({ length }, (_, i) => of(a, i) - of(b, i));
	return { mean: mean(differences), standardError: evenError(differences, DIFFERENCE) };
}

/**
 * Compares two shots ball by ball: the same deviates make most of the luck cancel.
 *
 * @param a played with the same seeds as b
 * @param b as many balls
 * @returns mean of a − b over the balls both have, and its standard error
 */
export const pairedDifference = (a: Finishes, b: Finishes): Difference =>
	differenceOf(a, b, ({ strokes }, i) => strokes[i]!);

/**
 * Compares what goes wrong with two shots ball by ball, as `troubleOf` counts it.
 *
 * @param a played with the same seeds as b
 * @param b as many balls
 * @returns mean of a − b over the balls both have, and its standard error
 */
export const troubleDifference = (a: Finishes, b: Finishes): Difference =>
	differenceOf(
		a,
		b,
		({ kind, fourOrMore }, i) => (kind[i] === FINISH.hazard ? 1 : 0) + fourOrMore[i]!
	);
