import { BALL, GRAVITY } from '../constants';
import { rollDeceleration } from '../ground/greenSpeed';
import { BEHAVIOUR } from '../ground/behaviour';
import { lucky, SURFACE } from '../ground/surfaces';
import type { Metres } from '../units';

/** Pull of a slope of one on a ball that rolls: 1/(1 + I/mr²) = 5/7 of gravity. */
export const PULL = GRAVITY / (1 + BALL.inertia);

/** A step into other grass, or another slope, is halved until it ends this near to the border. */
export const BORDER: Metres = 0.01;

/** Turf keeps at least this share of its friction on the luckiest ball, and no fringe is ever faster than the green it belongs to. */
const LEAST_SHARE = 0.3;

/** Rolling deceleration in m/s² by kind of surface for the ball under way; see `setFriction`. */
export const frictionOn = new Float64Array(BEHAVIOUR.speed.length);

/**
 * Prepares `frictionOn` for one ball.
 *
 * @param greenSpeed of the green, as a length above 0; other surfaces follow from it
 * @param deviate standard normal number of this ball's turf, 0 for the middle
 */
export function setFriction(greenSpeed: Metres, deviate: number): void {
	const green = rollDeceleration(greenSpeed);
	for (let kind = 0; kind < frictionOn.length; kind++) {
		const speed = BEHAVIOUR.speed[kind]!;
		const least = kind === SURFACE.green ? LEAST_SHARE : Math.max(speed, LEAST_SHARE);
		frictionOn[kind] =
			(green / speed) * Math.max(least, lucky(BEHAVIOUR.rollSpread[kind]!, deviate));
	}
}
