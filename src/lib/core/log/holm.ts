import { studentQuantile } from '../math/studentT';

const STEPS = 40;

/**
 * How often luck alone is as far from nothing, either way.
 *
 * @param t estimate over its standard error
 * @param freedom degrees of freedom, 1 and up
 * @returns 0 to 1, to four digits
 */
export function luckOf(t: number, freedom: number): number {
	const size = Math.abs(t);
	let [low, high] = [0.5, 1];
	for (let step = 0; step < STEPS; step++) {
		const middle = (low + high) / 2;
		if (middle < 1 && studentQuantile(middle, freedom) < size) low = middle;
		else high = middle;
	}
	return 2 * (1 - low);
}

/**
 * Which of several findings hold although one looked at all of them: with nothing behind any, one is told no more often than `level` in all.
 *
 * @param lucks how often luck alone does as much, one a look
 * @param level in (0, 1)
 * @source S. Holm, A simple sequentially rejective multiple test procedure, Scandinavian Journal of Statistics 6 (1979)
 */
export function holding(lucks: readonly number[], level = 0.1): boolean[] {
	const order = lucks.map((luck, i) => ({ luck, i })).sort((a, b) => a.luck - b.luck);
	const holds = lucks.map(() => false);
	for (const [rank, { luck, i }] of order.entries()) {
		if (luck > level / (lucks.length - rank)) break;
		holds[i] = true;
	}
	return holds;
}
