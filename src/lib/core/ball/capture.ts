import { BALL, CAPTURE, GRAVITY, HOLE_RADIUS } from '../constants';
import type { GroundSample } from '../ground/ground';
import type { MetresPerSecond, Metres, Ratio } from '../units';
import type { BallState } from './state';

/** Where the hole is, in the frame of the line of play. */
export interface Hole {
	x: Metres;
	z: Metres;
}

/** Speed at which a ball in free fall past the near rim still meets the far one below its middle: (2R − r)√(g/2r). */
export const freeFallSpeed: MetresPerSecond =
	(2 * HOLE_RADIUS - BALL.radius) * Math.sqrt(GRAVITY / (2 * BALL.radius));

/** Free fall lasts √(2r/g); gravity along an uphill roll takes ½ g s t of speed meanwhile. */
const SLOPE_TERM = (GRAVITY / 2) * Math.sqrt((2 * BALL.radius) / GRAVITY);

/**
 * Fastest roll that the hole still takes.
 *
 * @param offset distance of the path from the middle of the hole, 0 and up; from the rim on the answer is 0
 * @param slope along the direction of roll, + uphill
 * @source centre: Holmes (1991); falling with the square of the offset: A. R. Penner, The physics of putting (2002), both from memory; the slope term is free fall, ours
 */
export function captureSpeed(offset: Metres, slope: Ratio): MetresPerSecond {
	const share = offset / HOLE_RADIUS;
	if (share >= 1) return 0;
	return Math.max(0, (CAPTURE.centralSpeed + SLOPE_TERM * slope) * (1 - share * share));
}

/**
 * Whether the straight piece from the ball to (x, z) drops into the hole.
 *
 * @param squaredHere, @param squaredThere squares of the speed at its ends: the speed over the hole lies between, linear in its square
 * @param ground its slope there
 */
export function drops(
	ball: BallState,
	x: Metres,
	z: Metres,
	squaredHere: number,
	squaredThere: number,
	hole: Hole,
	{ gradientX, gradientZ }: GroundSample
): boolean {
	const dx = x - ball.x;
	const dz = z - ball.z;
	const toX = hole.x - ball.x;
	const toZ = hole.z - ball.z;
	const squared = dx * dx + dz * dz;
	const along = toX * dx + toZ * dz;
	if (along < 0 || along > squared || squared === 0) return false;
	const length = Math.sqrt(squared);
	const offset = Math.abs(toX * dz - toZ * dx) / length;
	if (offset >= HOLE_RADIUS) return false;
	const share = along / squared;
	const speed = Math.sqrt(squaredHere + share * (squaredThere - squaredHere));
	return speed <= captureSpeed(offset, (gradientX * dx + gradientZ * dz) / length);
}

/** Puts a ball that has dropped to rest in the middle of the hole. */
export function holeOut(ball: BallState, hole: Hole): void {
	ball.x = hole.x;
	ball.z = hole.z;
	ball.vx = ball.vy = ball.vz = 0;
}
