import { normalQuantile } from './normalQuantile';

/** A share that was counted, and what it may be. */
export interface Share {
	hits: number;
	of: number;
	low: number;
	high: number;
}

/**
 * What a share may be of which so many were counted.
 *
 * @param hits of `of`
 * @param of 0 and up; of none nothing is known
 * @param confidence in (0, 1)
 * @returns the score interval
 * @source E. B. Wilson 1927; recommended for small counts beside Jeffreys' by Brown, Cai and DasGupta, Statistical Science 16 (2001)
 */
export function shareOf(hits: number, of: number, confidence = 0.9): Share {
	if (of === 0) return { hits, of, low: 0, high: 1 };
	const z = normalQuantile((1 + confidence) / 2);
	const p = hits / of;
	const scale = 1 + (z * z) / of;
	const middle = (p + (z * z) / (2 * of)) / scale;
	const half = (z / scale) * Math.sqrt((p * (1 - p)) / of + (z * z) / (4 * of * of));
	return { hits, of, low: Math.max(0, middle - half), high: Math.min(1, middle + half) };
}

/** Natural logarithm of n!. */
function logFactorial(n: number): number {
	let sum = 0;
	for (let i = 2; i <= n; i++) sum += Math.log(i);
	return sum;
}

/** A difference that luck alone shows less often than this is told. */
const LUCK = 0.1;

/**
 * How often luck alone would give the first so many hits or more, if both were equally good: the exact tail of the hypergeometric
 * distribution.
 *
 * @source R. A. Fisher, The Design of Experiments (1935), chapter 2
 */
export function luckOfAtLeast(
	one: Pick<Share, 'hits' | 'of'>,
	other: Pick<Share, 'hits' | 'of'>
): number {
	const hits = one.hits + other.hits;
	const of = one.of + other.of;
	const ways = (n: number, k: number) => logFactorial(n) - logFactorial(k) - logFactorial(n - k);
	let tail = 0;
	for (let k = one.hits; k <= Math.min(one.of, hits); k++)
		if (hits - k <= other.of)
			tail += Math.exp(ways(one.of, k) + ways(other.of, hits - k) - ways(of, hits));
	return Math.min(1, tail);
}

/**
 * Whether one share can be told to be larger than another.
 *
 * @returns 1 where the first is larger, −1 where it is smaller, 0 where so few cannot tell
 */
export function compareShares(
	one: Pick<Share, 'hits' | 'of'>,
	other: Pick<Share, 'hits' | 'of'>
): 1 | -1 | 0 {
	if (luckOfAtLeast(one, other) < LUCK / 2) return 1;
	return luckOfAtLeast(other, one) < LUCK / 2 ? -1 : 0;
}
