import { ROLL } from '../constants';
import type { Metres, Radians } from '../units';

/** How a line of play lies to the growth of the grass. */
export type Grain = 'none' | 'with' | 'against';

/** A line within this angle of the grain, or of its opposite, is played with or against it. */
const WITHIN: Radians = Math.PI / 3;

/**
 * How a line of play lies to the grain.
 *
 * @param growsTowards direction of the grass on the map; null for none
 * @param heading of the line of play, the same way round
 */
export function grainAlong(growsTowards: Radians | null, heading: Radians): Grain {
	if (growsTowards === null) return 'none';
	const along = Math.cos(growsTowards - heading);
	if (Math.abs(along) < Math.cos(WITHIN) - 1e-9) return 'none';
	return along > 0 ? 'with' : 'against';
}

/**
 * Green speed in the direction of play.
 *
 * @param greenSpeed of the level green without grain, as a length
 */
export function grainedSpeed(greenSpeed: Metres, grain: Grain): Metres {
	if (grain === 'none') return greenSpeed;
	return grain === 'with' ? greenSpeed * ROLL.grainFactor : greenSpeed / ROLL.grainFactor;
}
