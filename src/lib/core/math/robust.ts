import { quantileSorted } from './quantiles';

/** Median absolute deviation to standard deviation, for normal errors. */
const MAD_TO_SIGMA = 1.4826;
/** Farther from the median than this many robust deviations is wild. */
const WILD_FROM = 3.5;
/** Beyond the customary limit for so many values as there are: by simulation of normal ones, 4 to 60. */
const FEW_VALUES = 14;
/** With fewer values no one of them can be called wild. */
const FEWEST_FOR_WILD = 4;

const sortedUp = (values: ArrayLike<number>): Float64Array => Float64Array.from(values).sort();

/**
 * The middle one.
 *
 * @param values in any order; NaN for none
 */
export const median = (values: ArrayLike<number>): number => quantileSorted(sortedUp(values), 0.5);

/**
 * Spread by the median absolute deviation, scaled to a standard deviation.
 *
 * @param values in any order; NaN for none
 */
export function madSpread(values: ArrayLike<number>): number {
	const middle = median(values);
	return MAD_TO_SIGMA * median(Array.from(values, (value) => Math.abs(value - middle)));
}

/**
 * Which values lie too far from the others to belong to them: more than 3.5 robust deviations from the median, more among few, whose
 * deviation is known badly, so that one group of normal values in twenty has one.
 *
 * @param values in any order; of fewer than four none is wild
 * @param resolution deviations below this are taken for it, so that a heap of equal values calls no neighbour wild
 * @source the modified z-score with its customary limit (Iglewicz and Hoaglin 1993)
 */
export function wildOnes(values: readonly number[], resolution: number): boolean[] {
	if (values.length < FEWEST_FOR_WILD) return values.map(() => false);
	const middle = median(values);
	const spread = Math.max(resolution, madSpread(values));
	const limit = WILD_FROM + FEW_VALUES / values.length;
	return values.map((value) => Math.abs(value - middle) > limit * spread);
}

/** Values farther out than this many deviations count as if they lay there. */
const HUBER_K = 1.5;
/** Shrinks what is cut off at 1.5 deviations back to a normal's variance: Φ(k) − Φ(−k) + k²·2Φ(−k) − 2kφ(k). */
const CONSISTENCY = 0.778465;
const MOST_ROUNDS = 200;
const CLOSE = 1e-7;

/** Where values lie and how far apart. */
export interface Centre {
	centre: number;
	/** Standard deviation; 0 for a single value. */
	spread: number;
}

/**
 * Location and scale together, of which values far out take no more than their share.
 *
 * @param values at least one
 * @returns NaN for none
 * @source Huber's second proposal (Huber 1964), as in Venables and Ripley, Modern Applied Statistics with S, 2002
 */
export function huberCentre(values: readonly number[]): Centre {
	let centre = median(values);
	const n = values.length;
	if (n < 2) return { centre, spread: n === 1 ? 0 : NaN };
	let spread = madSpread(values) || ordinarySpread(values, centre);
	if (spread === 0) return { centre, spread };
	for (let round = 0; round < MOST_ROUNDS; round++) {
		const reach = HUBER_K * spread;
		const drawn = values.map((value) => Math.min(centre + reach, Math.max(centre - reach, value)));
		const mean = drawn.reduce((sum, value) => sum + value, 0) / n;
		const squares = drawn.reduce((sum, value) => sum + (value - mean) ** 2, 0);
		const next = Math.sqrt(squares / (n - 1) / CONSISTENCY);
		const still =
			Math.abs(mean - centre) < CLOSE * spread && Math.abs(next - spread) < CLOSE * spread;
		centre = mean;
		spread = next;
		if (still || spread === 0) break;
	}
	return { centre, spread };
}

const ordinarySpread = (values: readonly number[], centre: number): number =>
	Math.sqrt(values.reduce((sum, value) => sum + (value - centre) ** 2, 0) / (values.length - 1));
