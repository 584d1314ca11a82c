import { BALL, GRAVITY, ROLL } from '../constants';
import { GroundSample, type Ground } from '../ground/ground';
import { BEHAVIOUR } from '../ground/behaviour';
import type { Metres, Seconds } from '../units';
import { drops, holeOut, type Hole } from './capture';
import { BORDER, frictionOn, setFriction } from './rollFriction';
import type { BallState } from './state';

const PUSH = ROLL.skidFriction * GRAVITY;
const GRASS_STEP: Seconds = 0.02;
/** A ball slower than this in long grass no longer skids, m/s. */
const CREEP = 0.05;

/** Slip that the skid takes off in a second, and the spin that its push gives. */
const CATCH_UP = PUSH * (1 + 1 / BALL.inertia);
const SPIN_UP = 1 / (BALL.inertia * BALL.radius);
const LEAST_SLIP = 1e-9;

let here = new GroundSample();
let there = new GroundSample();

/**
 * Skids a ball on the surface until its spin matches its speed: backspin checks, topspin kicks.
 * Closed form with the direction of slip and the slope taken where the skid starts (ours: skids are under half a metre).
 *
 * @param greenSpeed, @param deviate as for `roll`: in long grass the ball is slowed while it slides, too
 * @returns 'holed' when it passes over the hole slowly enough, else 'rest' meaning: now rolling
 */
export function skid(
	ball: BallState,
	ground: Ground,
	hole: Hole | null,
	greenSpeed: Metres,
	deviate = 0
): 'rest' | 'holed' {
	ground.sample(ball.x, ball.z, here);
	if (BEHAVIOUR.drags[here.kind]! > 0) {
		setFriction(greenSpeed, deviate);
		skidThroughGrass(ball, ground);
		if (BEHAVIOUR.drags[here.kind]! > 0) return 'rest';
	}
	const ux = ball.vx + BALL.radius * ball.wz;
	const uz = ball.vz - BALL.radius * ball.wx;
	const slip = Math.sqrt(ux * ux + uz * uz);
	if (slip < LEAST_SLIP) return 'rest';
	const duration = (slip * BALL.inertia) / ((1 + BALL.inertia) * PUSH);
	const ax = (-PUSH * ux) / slip - GRAVITY * here.gradientX;
	const az = (-PUSH * uz) / slip - GRAVITY * here.gradientZ;
	const meanX = ball.vx + (ax * duration) / 2;
	const meanZ = ball.vz + (az * duration) / 2;
	const x = ball.x + meanX * duration;
	const z = ball.z + meanZ * duration;
	if (hole) {
		const squared = meanX * meanX + meanZ * meanZ;
		if (drops(ball, x, z, squared, squared, hole, here)) {
			holeOut(ball, hole);
			return 'holed';
		}
	}
	ball.t += duration;
	ball.x = x;
	ball.z = z;
	ball.vx += ax * duration;
	ball.vz += az * duration;
	return 'rest';
}

/**
 * Slides a ball through grass that slows it as it would a rolling one, in steps of second order, until its spin matches, it is slow, or
 * it is out of the grass; `here` is then the ground it is on.
 */
function skidThroughGrass(ball: BallState, ground: Ground): void {
	while (BEHAVIOUR.drags[here.kind]! > 0) {
		const ux = ball.vx + BALL.radius * ball.wz;
		const uz = ball.vz - BALL.radius * ball.wx;
		const slip = Math.sqrt(ux * ux + uz * uz);
		const speed = Math.sqrt(ball.vx * ball.vx + ball.vz * ball.vz);
		if (slip < LEAST_SLIP || speed < CREEP) return;
		const pushX = (PUSH * ux) / slip;
		const pushZ = (PUSH * uz) / slip;
		const left = slip / CATCH_UP;
		let dt = Math.min(GRASS_STEP, left);
		for (;;) {
			const drag = Math.min(frictionOn[here.kind]!, speed / dt) / speed;
			const ax = -pushX - drag * ball.vx - GRAVITY * here.gradientX;
			const az = -pushZ - drag * ball.vz - GRAVITY * here.gradientZ;
			const x = ball.x + (ball.vx + (ax * dt) / 2) * dt;
			const z = ball.z + (ball.vz + (az * dt) / 2) * dt;
			ground.sample(x, z, there);
			if (BEHAVIOUR.drags[there.kind]! === 0 && dt * speed > BORDER) {
				dt /= 2;
				continue;
			}
			ball.t += dt;
			ball.x = x;
			ball.z = z;
			ball.vx += ax * dt;
			ball.vz += az * dt;
			ball.wz -= pushX * SPIN_UP * dt;
			ball.wx += pushZ * SPIN_UP * dt;
			break;
		}
		[here, there] = [there, here];
		if (dt === left) return;
	}
}
