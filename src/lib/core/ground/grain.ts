import { ROLL } from '../constants';
import type { Metres, Radians, Ratio } from '../units';

/** How a line of play lies to the growth of the grass: along it, or growing toward its left or right. */
export type Grain = 'none' | 'with' | 'against' | 'left' | 'right';

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
	if (Math.abs(along) < Math.cos(WITHIN) - 1e-9)
		return Math.sin(growsTowards - heading) > 0 ? 'left' : 'right';
	return along > 0 ? 'with' : 'against';
}

/**
 * Green speed in the direction of play.
 *
 * @param greenSpeed of the level green without grain, as a length
 */
export function grainedSpeed(greenSpeed: Metres, grain: Grain): Metres {
	if (grain === 'with') return greenSpeed * ROLL.grainFactor;
	return grain === 'against' ? greenSpeed / ROLL.grainFactor : greenSpeed;
}

/**
 * Slope across, + falls to the right, that pulls a rolling ball as much as grass growing across the line does.
 *
 * @param grain as the golfer sees it from the ball
 * @returns + to the right, 0 for none
 */
export function grainAcross(grain: Grain): Ratio {
	if (grain === 'right') return ROLL.grainAcross;
	return grain === 'left' ? -ROLL.grainAcross : 0;
}
