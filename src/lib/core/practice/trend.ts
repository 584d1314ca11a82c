import { normalTail } from '../math/normalTail';
import type { Share } from '../math/share';

/** Of one day or session: how many did what was meant. */
export type Counted = Pick<Share, 'hits' | 'of'>;

/** A trend that luck alone shows less often than this is told. */
const LUCK = 0.1;
/** Fewer sessions than this have no trend. */
const LEAST = 3;

/** Whether shares rise or fall over sessions by more than luck makes them. */
export interface Trend {
	/** 1 better, −1 worse, 0 where it cannot be told. */
	way: 1 | -1 | 0;
	/** How often luck alone would show as much, either way; 1 where too little is there. */
	luck: number;
}

/**
 * Whether shares that were counted one after another have a trend.
 *
 * @param sessions oldest first, evenly weighted by their order
 * @source P. Armitage, Tests for linear trends in proportions and frequencies, Biometrics 11 (1955); both tails, normal approximation
 */
export function trendOf(sessions: readonly Counted[]): Trend {
	const counted = sessions.filter(({ of }) => of > 0);
	const all = counted.reduce((sum, { of }) => sum + of, 0);
	const hits = counted.reduce((sum, one) => sum + one.hits, 0);
	if (counted.length < LEAST || hits === 0 || hits === all) return { way: 0, luck: 1 };
	const p = hits / all;
	const middle = counted.reduce((sum, { of }, i) => sum + of * i, 0) / all;
	const score = counted.reduce((sum, { hits: n, of }, i) => sum + (i - middle) * (n - of * p), 0);
	const variance =
		p * (1 - p) * counted.reduce((sum, { of }, i) => sum + of * (i - middle) ** 2, 0);
	const z = score / Math.sqrt(variance);
	const luck = 2 * normalTail(Math.abs(z));
	return { way: luck < LUCK ? (z > 0 ? 1 : -1) : 0, luck };
}
