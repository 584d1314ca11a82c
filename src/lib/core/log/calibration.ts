import { binomialBand } from '../math/binomial';
import { normalTail } from '../math/normalTail';
import { mean } from '../plan/race/statistics';
import type { Ratio } from '../units';
import { EVEN_VARIANCE } from './depth';

/** Shares of the balls that the rings are to hold. */
export const RINGS = [0.1, 0.25, 0.5, 0.75, 0.9] as const;

/** How many results ended inside a ring, and how many of so many an honest forecast has there, nine times in ten. */
export interface RingCount {
	share: Ratio;
	inside: number;
	of: number;
	least: number;
	most: number;
}

/** Whether forecasts were as wide as what came. */
export interface Calibration {
	n: number;
	rings: RingCount[];
	/** Results lie on average this far out: 0.5 for an honest forecast, more for one that is too narrow or off. */
	middle: number;
	/** How often luck alone puts the average as far from a half. */
	luck: number;
	verdict: 'honest' | 'too narrow' | 'too wide' | 'too few';
}

/** With fewer results no verdict is given. */
export const FEWEST_TO_JUDGE = 12;
/** Luck rarer than this is told. */
const LUCK = 0.1;

/**
 * How many results ended inside the rings that were to hold them.
 *
 * @param ranks from `depthRank`, in any order
 */
export function calibrationOf(ranks: readonly number[]): Calibration {
	const n = ranks.length;
	const rings = RINGS.map((share) => {
		const { least, most } = binomialBand(n, share);
		return { share, inside: ranks.filter((rank) => rank < share).length, of: n, least, most };
	});
	const middle = n === 0 ? 0.5 : mean(ranks);
	const z = (middle - 0.5) / Math.sqrt(EVEN_VARIANCE / Math.max(1, n));
	const luck = n === 0 ? 1 : 2 * normalTail(Math.abs(z));
	const off = luck < LUCK ? (z > 0 ? 'too narrow' : 'too wide') : 'honest';
	return { n, rings, middle, luck, verdict: n < FEWEST_TO_JUDGE ? 'too few' : off };
}
