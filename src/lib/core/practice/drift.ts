import { studentQuantile } from '../math/studentT';

/** Fewer values than this show no drift. */
const LEAST = 8;
/** Luck alone shows a drift that is told no more often than this. */
const LUCK = 0.01;

/** Where values began and where they ended, by the straight line through them. */
export interface Drift<T extends number = number> {
	from: T;
	to: T;
}

/**
 * Whether values that came one after another rose or fell by more than luck makes them: arms that tire, or that take a while to warm up.
 *
 * @param values in the order they came
 * @returns null where it cannot be told
 * @source t-test of the slope of a least-squares line, as in any textbook
 */
export function driftOf<T extends number>(values: readonly T[]): Drift<T> | null {
	const n = values.length;
	if (n < LEAST) return null;
	const middle = (n - 1) / 2;
	const mean = values.reduce((sum, value) => sum + value, 0) / n;
	const orders = values.reduce((sum, _, i) => sum + (i - middle) ** 2, 0);
	const slope = values.reduce((sum, value, i) => sum + (i - middle) * (value - mean), 0) / orders;
	const left = values.reduce(
		(sum, value, i) => sum + (value - mean - slope * (i - middle)) ** 2,
		0
	);
	const error = Math.sqrt(left / (n - 2) / orders);
	if (Math.abs(slope) <= studentQuantile(1 - LUCK / 2, n - 2) * error) return null;
	return { from: (mean - slope * middle) as T, to: (mean + slope * middle) as T };
}
