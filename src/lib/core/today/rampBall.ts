import { roll } from '../ball/roll';
import { BallState } from '../ball/state';
import { ROLL } from '../constants';
import { createPlane } from '../ground/plane';
import { SURFACE } from '../ground/surfaces';
import type { Rng } from '../math/random';
import type { Metres, Ratio } from '../units';

/** Spread of a hand-held release, relative (assumption). */
const RELEASE: Ratio = 0.012;
/** Spread of the turf between one roll and the next, in standard deviations of the surface's own. */
const TURF = 0.25;

/**
 * Rolls one ball off a standard ramp on a plane.
 *
 * @param speed of the level green as a length
 * @param slope along the roll, + uphill
 * @param rng spreads release and turf; without it the ball is exact
 * @returns roll-out; Infinity where the slope never lets it rest
 */
export function rollOffRamp(speed: Metres, slope: Ratio, rng?: Rng): Metres {
	const ground = createPlane({
		kind: 'plane',
		slopeAlong: slope,
		slopeAcross: 0,
		edge: 0,
		fringe: SURFACE.green
	});
	const ball = new BallState();
	ball.vx = ROLL.rampSpeed * (1 + (rng ? RELEASE * rng.normal() : 0));
	const status = roll(ball, ground, speed, null, rng ? TURF * rng.normal() : 0);
	return status === 'rest' ? ball.x : Infinity;
}
