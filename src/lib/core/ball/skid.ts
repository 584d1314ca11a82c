import { BALL, GRAVITY, ROLL } from '../constants';
import { GroundSample, type Ground } from '../ground/ground';
import { SURFACES } from '../ground/surfaces';
import type { Metres, Seconds } from '../units';
import { drops, holeOut, type Hole } from './capture';
import { frictionOn, setFriction } from './rollFriction';
import type { BallState } from './state';

const PUSH = ROLL.skidFriction * GRAVITY;
const GRASS_STEP: Seconds = 0.02;
/** A ball slower than this in long grass no longer skids, m/s. */
const CREEP = 0.05;

const here = new GroundSample();

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
	if (SURFACES[here.kind]!.drags) {
		setFriction(greenSpeed, deviate);
		skidThroughGrass(ball, ground);
		return 'rest';
	}
	const ux = ball.vx + BALL.radius * ball.wz;
	const uz = ball.vz - BALL.radius * ball.wx;
	const slip = Math.sqrt(ux * ux + uz * uz);
	if (slip < 1e-9) return 'rest';
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

/** Slides a ball through grass that slows it as it would a rolling one, step by step until its spin matches or it is out of the grass. */
function skidThroughGrass(ball: BallState, ground: Ground): void {
	const spent = PUSH * (1 + 1 / BALL.inertia) * GRASS_STEP;
	const spin = 1 / (BALL.inertia * BALL.radius);
	for (;;) {
		ground.sample(ball.x, ball.z, here);
		const ux = ball.vx + BALL.radius * ball.wz;
		const uz = ball.vz - BALL.radius * ball.wx;
		const slip = Math.sqrt(ux * ux + uz * uz);
		const speed = Math.sqrt(ball.vx * ball.vx + ball.vz * ball.vz);
		if (slip <= spent || speed < CREEP || !SURFACES[here.kind]!.drags) return;
		const pushX = (PUSH * ux) / slip;
		const pushZ = (PUSH * uz) / slip;
		const drag = Math.min(frictionOn[here.kind]!, speed / GRASS_STEP) / speed;
		ball.x += ball.vx * GRASS_STEP;
		ball.z += ball.vz * GRASS_STEP;
		ball.vx -= (pushX + drag * ball.vx + GRAVITY * here.gradientX) * GRASS_STEP;
		ball.vz -= (pushZ + drag * ball.vz + GRAVITY * here.gradientZ) * GRASS_STEP;
		ball.wz -= pushX * spin * GRASS_STEP;
		ball.wx += pushZ * spin * GRASS_STEP;
		ball.t += GRASS_STEP;
	}
}
