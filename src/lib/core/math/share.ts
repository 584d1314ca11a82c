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
