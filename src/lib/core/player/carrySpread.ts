import type { Ratio } from '../units';

/** Carry goes with the square of head speed, so its relative spread is twice as large. */
const SQUARE = 2;
/**
 * Loft and the depth of the strike spread a carry beyond what head speed alone does. On the engine the factor is 1.6 (a sand wedge to 3 m)
 * to 2.2 (a lob wedge to 12 m), for every skill much the same.
 */
const BESIDES_SPEED = 2;

/**
 * Relative spread of a carry that comes with a relative spread of the head speed.
 *
 * @param speedSpread one standard deviation, 0 and up
 */
export const carrySpreadOf = (speedSpread: Ratio): Ratio => SQUARE * BESIDES_SPEED * speedSpread;

/**
 * Relative spread of the head speed behind a relative spread of carries: the other way round.
 *
 * @param carrySpread one standard deviation, 0 and up
 */
export const speedSpreadBehind = (carrySpread: Ratio): Ratio =>
	carrySpread / (SQUARE * BESIDES_SPEED);
