import { BALL, GRAVITY, HOLE_RADIUS, ROLL } from '../constants';
import { GroundSample, UniformPatch, type Ground } from '../ground/ground';
import { rollDeceleration } from '../ground/greenSpeed';
import { lucky, SURFACES } from '../ground/surfaces';
import type { Metres } from '../units';
import { captureSpeed, type Hole } from './capture';
import type { BallState, PathRecorder } from './state';

/** `runaway`: the slope holds no ball, or it has left the map. */
export type RollStatus = 'rest' | 'holed' | 'runaway';

/** Share of gravity along a slope that speeds up a ball that rolls: 1/(1 + I/mr²) = 5/7. */
const ROLLING_SHARE = 1 / (1 + BALL.inertia);
const PULL = ROLLING_SHARE * GRAVITY;
const LONGEST_STEP: Metres = 0.25;
const LONGEST_TIME = 0.08;
const SHORTEST_TIME = 0.004;
const CREEP = 0.05;
const TIME_CAP = 45;
const RANGE: Metres = 150;

const here = new GroundSample();
const half = new GroundSample();
const patch = new UniformPatch();

/** Rolling deceleration by kind of surface for the ball under way; see `setFriction`. */
const frictionOn = new Float64Array(SURFACES.length);

function setFriction(greenSpeed: Metres, deviate: number): void {
	const green = rollDeceleration(greenSpeed);
	for (let kind = 0; kind < SURFACES.length; kind++) {
		const { speed, rollSpread } = SURFACES[kind]!;
		frictionOn[kind] = (green / speed) * Math.max(0.3, lucky(rollSpread, deviate));
	}
}

/** Tells whether the straight piece from the ball to (x, z), run at `speed`, drops into the hole. */
function drops(
	ball: BallState,
	x: Metres,
	z: Metres,
	speed: number,
	hole: Hole,
	slopeX: number,
	slopeZ: number
): boolean {
	const dx = x - ball.x;
	const dz = z - ball.z;
	const squared = dx * dx + dz * dz;
	if (squared === 0) return false;
	const share = ((hole.x - ball.x) * dx + (hole.z - ball.z) * dz) / squared;
	if (share < 0 || share > 1) return false;
	const offset = Math.hypot(ball.x + share * dx - hole.x, ball.z + share * dz - hole.z);
	if (offset >= HOLE_RADIUS) return false;
	const slope = (slopeX * dx + slopeZ * dz) / Math.sqrt(squared);
	return speed <= captureSpeed(offset, slope);
}

function holeOut(ball: BallState, hole: Hole): RollStatus {
	ball.x = hole.x;
	ball.z = hole.z;
	ball.vx = ball.vy = ball.vz = 0;
	return 'holed';
}

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
): RollStatus {
	ground.sample(ball.x, ball.z, here);
	if (SURFACES[here.kind]!.drags) return skidThroughGrass(ball, ground, greenSpeed, deviate);
	const ux = ball.vx + BALL.radius * ball.wz;
	const uz = ball.vz - BALL.radius * ball.wx;
	const slip = Math.sqrt(ux * ux + uz * uz);
	if (slip < 1e-9) return 'rest';
	const push = ROLL.skidFriction * GRAVITY;
	const duration = (slip * BALL.inertia) / ((1 + BALL.inertia) * push);
	const ax = (-push * ux) / slip - GRAVITY * here.gradientX;
	const az = (-push * uz) / slip - GRAVITY * here.gradientZ;
	const x = ball.x + (ball.vx + (ax * duration) / 2) * duration;
	const z = ball.z + (ball.vz + (az * duration) / 2) * duration;
	const speed = Math.hypot(ball.vx + (ax * duration) / 2, ball.vz + (az * duration) / 2);
	if (hole && drops(ball, x, z, speed, hole, here.gradientX, here.gradientZ))
		return holeOut(ball, hole);
	ball.t += duration;
	ball.x = x;
	ball.z = z;
	ball.vx += ax * duration;
	ball.vz += az * duration;
	return 'rest';
}

const GRASS_STEP = 0.02;

/** Slides a ball through grass that slows it as it would a rolling one, step by step until its spin matches or it is out of the grass. */
function skidThroughGrass(
	ball: BallState,
	ground: Ground,
	greenSpeed: Metres,
	deviate: number
): RollStatus {
	setFriction(greenSpeed, deviate);
	const push = ROLL.skidFriction * GRAVITY;
	for (;;) {
		ground.sample(ball.x, ball.z, here);
		const ux = ball.vx + BALL.radius * ball.wz;
		const uz = ball.vz - BALL.radius * ball.wx;
		const slip = Math.sqrt(ux * ux + uz * uz);
		const speed = Math.sqrt(ball.vx * ball.vx + ball.vz * ball.vz);
		const spent = push * (1 + 1 / BALL.inertia) * GRASS_STEP;
		if (slip <= spent || speed < CREEP || !SURFACES[here.kind]!.drags) return 'rest';
		const drag = Math.min(frictionOn[here.kind]!, speed / GRASS_STEP) / speed;
		ball.x += ball.vx * GRASS_STEP;
		ball.z += ball.vz * GRASS_STEP;
		ball.vx -= ((push * ux) / slip + drag * ball.vx + GRAVITY * here.gradientX) * GRASS_STEP;
		ball.vz -= ((push * uz) / slip + drag * ball.vz + GRAVITY * here.gradientZ) * GRASS_STEP;
		ball.wz -= ((push * ux) / slip / (BALL.inertia * BALL.radius)) * GRASS_STEP;
		ball.wx += ((push * uz) / slip / (BALL.inertia * BALL.radius)) * GRASS_STEP;
		ball.t += GRASS_STEP;
	}
}

/** The closed form on one slope, where the ball runs straight and stays on it; false when that does not hold. */
function rollStraight(ball: BallState, ground: Ground, hole: Hole | null): RollStatus | null {
	const speed = Math.sqrt(ball.vx * ball.vx + ball.vz * ball.vz);
	if (speed === 0 || !ground.patch(ball.x, ball.z, patch)) return null;
	const dx = ball.vx / speed;
	const dz = ball.vz / speed;
	const across = here.gradientX * dz - here.gradientZ * dx;
	if (Math.abs(across) > 1e-9) return null;
	const friction = frictionOn[here.kind]!;
	const along = PULL * (here.gradientX * dx + here.gradientZ * dz);
	const braking = friction + along;
	if (braking <= 0 || Math.abs(along) >= friction) return null;
	const length = (speed * speed) / (2 * braking);
	const x = ball.x + dx * length;
	const z = ball.z + dz * length;
	if (x < patch.fromX || x > patch.toX || z < patch.fromZ || z > patch.toZ) return null;
	if (hole) {
		const reach = (hole.x - ball.x) * dx + (hole.z - ball.z) * dz;
		const there = Math.sqrt(Math.max(0, speed * speed - 2 * braking * Math.max(0, reach)));
		if (drops(ball, x, z, there, hole, here.gradientX, here.gradientZ)) return holeOut(ball, hole);
	}
	ball.t += speed / braking;
	ball.x = x;
	ball.z = z;
	return 'rest';
}

/** Lets the last centimetres of a ball that is about to stop run out along its direction. */
function runOut(ball: BallState, speed: number, braking: number): void {
	const length = (speed * speed) / (2 * braking);
	ball.t += speed / braking;
	ball.x += (ball.vx / speed) * length;
	ball.z += (ball.vz / speed) * length;
}

/** One midpoint step of the rolling ball; `here` holds the ground at its start. */
function rollStep(ball: BallState, ground: Ground, speed: number, dt: number): void {
	const f0 = frictionOn[here.kind]! / Math.max(speed, 1e-9);
	const mx = ball.vx + (dt / 2) * (-f0 * ball.vx - PULL * here.gradientX);
	const mz = ball.vz + (dt / 2) * (-f0 * ball.vz - PULL * here.gradientZ);
	ground.sample(ball.x + (dt / 2) * ball.vx, ball.z + (dt / 2) * ball.vz, half);
	const middle = Math.max(Math.sqrt(mx * mx + mz * mz), 1e-9);
	const f1 = frictionOn[half.kind]! / middle;
	ball.x += dt * mx;
	ball.z += dt * mz;
	ball.vx += dt * (-f1 * mx - PULL * half.gradientX);
	ball.vz += dt * (-f1 * mz - PULL * half.gradientZ);
	ball.t += dt;
}

/**
 * Rolls a ball on any ground until it rests, drops or runs away.
 *
 * @param ball its horizontal velocity counts; ends with velocity zero unless it runs away
 * @param greenSpeed of the green, as a length above 0; other surfaces follow from it
 * @param hole tested for capture when given
 * @param deviate standard normal number of this ball's turf, 0 for the middle
 * @source deceleration v²/2S of the standard ramp, and 5/7 g per slope. Slopes are taken as small: lengths are horizontal (1 % long at 14 %).
 */
export function roll(
	ball: BallState,
	ground: Ground,
	greenSpeed: Metres,
	hole: Hole | null,
	deviate = 0,
	recorder?: PathRecorder
): RollStatus {
	setFriction(greenSpeed, deviate);
	const deadline = ball.t + TIME_CAP;
	ground.sample(ball.x, ball.z, here);
	if (!recorder) {
		const status = rollStraight(ball, ground, hole);
		if (status) return finish(ball, status);
	}
	while (ball.t < deadline) {
		ground.sample(ball.x, ball.z, here);
		if (SURFACES[here.kind]!.stops) return finish(ball, 'rest');
		const speed = Math.sqrt(ball.vx * ball.vx + ball.vz * ball.vz);
		const friction = frictionOn[here.kind]!;
		const steepness = Math.sqrt(here.gradientX * here.gradientX + here.gradientZ * here.gradientZ);
		if (speed < CREEP && PULL * steepness < friction) {
			const along =
				speed > 0 ? (PULL * (here.gradientX * ball.vx + here.gradientZ * ball.vz)) / speed : 0;
			if (speed > 0) runOut(ball, speed, Math.max(friction + along, friction / 4));
			recorder?.addOnGround(ball, ground.height(ball.x, ball.z));
			return finish(ball, 'rest');
		}
		const dt = Math.max(
			SHORTEST_TIME,
			Math.min(LONGEST_TIME, LONGEST_STEP / speed, speed / (2 * friction))
		);
		const fromX = ball.x;
		const fromZ = ball.z;
		rollStep(ball, ground, speed, dt);
		if (hole && Math.abs(ball.x - hole.x) < 0.3 && Math.abs(ball.z - hole.z) < 0.3) {
			const x = ball.x;
			const z = ball.z;
			ball.x = fromX;
			ball.z = fromZ;
			if (drops(ball, x, z, speed, hole, here.gradientX, here.gradientZ))
				return holeOut(ball, hole);
			ball.x = x;
			ball.z = z;
		}
		recorder?.addOnGround(ball, ground.height(ball.x, ball.z));
		if (Math.abs(ball.x) > RANGE || Math.abs(ball.z) > RANGE) break;
	}
	return 'runaway';
}

function finish(ball: BallState, status: RollStatus): RollStatus {
	ball.vx = ball.vy = ball.vz = 0;
	return status;
}
