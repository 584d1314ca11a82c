import { BALL, BOUNCE, GRAVITY } from '../constants';
import { GroundSample } from '../ground/ground';
import { BEHAVIOUR } from '../ground/behaviour';
import { lucky } from '../ground/surfaces';
import type { Turf } from '../ground/turf';
import type { MetresPerSecond, Radians } from '../units';
import type { BallState } from './state';

/**
 * Normal restitution of ball on turf by the speed into the tilted surface (Penner 2002).
 *
 * @param speed of the ball into the turf, along its normal, 0 and up
 * @returns 0 to 1
 */
export const turfRestitution = (speed: MetresPerSecond): number =>
	speed > BOUNCE.fastSpeed
		? BOUNCE.fastRestitution
		: BOUNCE.e0 + BOUNCE.e1 * speed + BOUNCE.e2 * speed * speed;

const TILT_SCALE = BOUNCE.tilt / (BOUNCE.tiltSpeed * Math.sin(2 * BOUNCE.tiltAngle));

/**
 * Angle by which the dent leans back toward the ball.
 *
 * @param into speed of the impact into the surface, m/s, above 0
 * @param along speed along it, 0 and up
 * @source Penner (2002) has θc ∝ speed · angle. That grows toward grazing impacts, where it has no data and makes a rolling ball hop;
 *   sin 2θ in place of θ is equal at the paper's point and zero at grazing (ours). Faster than any ball it was measured with, the dent
 *   tilts no more (ours): a bladed ball must not come back off a bank.
 */
export function turfTilt(into: MetresPerSecond, along: MetresPerSecond): Radians {
	const squared = into * into + along * along;
	const sinTwice = (2 * into * along) / squared;
	return TILT_SCALE * Math.min(Math.sqrt(squared), BOUNCE.fastestTilt) * sinTwice;
}

const SLIP_TO_ROLL = BALL.inertia / (1 + BALL.inertia);
const SPIN_PER_IMPULSE = 1 / (BALL.inertia * BALL.radius);

/**
 * Bounces a ball off turf, in the local frame of the surface: tilt, normal restitution, sliding or rolling contact.
 *
 * @param ball velocity and spin are changed in place
 * @param deviate standard normal number of this ball: how this spot of turf differs; 0 for the middle
 * @returns true when the rebound is a hop worth flying; false leaves the ball moving along the surface
 */
export function bounce(
	ball: BallState,
	surface: GroundSample,
	turf: Turf,
	deviate: number
): boolean {
	const { kind } = surface;
	const length = Math.sqrt(
		1 + surface.gradientX * surface.gradientX + surface.gradientZ * surface.gradientZ
	);
	const nx = -surface.gradientX / length;
	const ny = 1 / length;
	const nz = -surface.gradientZ / length;
	const normalSpeed = -(ball.vx * nx + ball.vy * ny + ball.vz * nz);
	if (!(normalSpeed > 0)) return false;

	// Unit vector of the motion along the surface, and the tilted normal that leans against it.
	let tx = ball.vx + normalSpeed * nx;
	let ty = ball.vy + normalSpeed * ny;
	let tz = ball.vz + normalSpeed * nz;
	const along = Math.sqrt(tx * tx + ty * ty + tz * tz);
	const scale = along > 1e-12 ? 1 / along : 0;
	tx *= scale;
	ty *= scale;
	tz *= scale;
	const tilt = turf.tilt * turfTilt(normalSpeed, along);
	const cosTilt = Math.cos(tilt);
	const sinTilt = Math.sin(tilt);
	const mx = cosTilt * nx - sinTilt * tx;
	const my = cosTilt * ny - sinTilt * ty;
	const mz = cosTilt * nz - sinTilt * tz;

	rebound(
		ball,
		mx,
		my,
		mz,
		turf.restitution * BEHAVIOUR.bounce[kind]! * lucky(BEHAVIOUR.spread[kind]!, deviate),
		BEHAVIOUR.grip[kind]!
	);
	const rise = ball.vx * nx + ball.vy * ny + ball.vz * nz;
	if (rise * rise > 2 * GRAVITY * BOUNCE.lowestHop && rise > 0) return true;
	ball.vx -= rise * nx;
	ball.vy -= rise * ny;
	ball.vz -= rise * nz;
	return false;
}

/** Rigid bounce from a surface with unit normal m: the slip of the contact point decides between sliding and rolling. */
function rebound(
	ball: BallState,
	mx: number,
	my: number,
	mz: number,
	firmness: number,
	grip: number
): void {
	const into = -(ball.vx * mx + ball.vy * my + ball.vz * mz);
	const e = Math.min(0.95, firmness * turfRestitution(into));
	// Slip u = v_tangential + ω × (−r m).
	const r = BALL.radius;
	const ux = ball.vx + into * mx - r * (ball.wy * mz - ball.wz * my);
	const uy = ball.vy + into * my - r * (ball.wz * mx - ball.wx * mz);
	const uz = ball.vz + into * mz - r * (ball.wx * my - ball.wy * mx);
	const slip = Math.sqrt(ux * ux + uy * uy + uz * uz);
	const impulse = Math.min(SLIP_TO_ROLL * slip, BOUNCE.friction * grip * (1 + e) * into);
	const s = slip > 1e-12 ? impulse / slip : 0;
	const normal = (1 + e) * into;
	ball.vx += normal * mx - s * ux;
	ball.vy += normal * my - s * uy;
	ball.vz += normal * mz - s * uz;
	const spin = s * SPIN_PER_IMPULSE;
	ball.wx += spin * (my * uz - mz * uy);
	ball.wy += spin * (mz * ux - mx * uz);
	ball.wz += spin * (mx * uy - my * ux);
}
