import { HOLE_RADIUS } from '../constants';
import { GroundSample, UniformPatch, type Ground } from '../ground/ground';
import { BEHAVIOUR } from '../ground/behaviour';
import type { Metres, Seconds } from '../units';
import { drops, holeOut, type Hole } from './capture';
import { restOnSlope, RestOnSlope } from './restOnSlope';
import { BORDER, frictionOn, PULL, setFriction } from './rollFriction';
import type { BallState, PathRecorder } from './state';

/** `runaway`: the slope holds no ball, or it has left the map. */
export type RollStatus = 'rest' | 'holed' | 'runaway';

const LONGEST_STEP: Metres = 0.6;
const LONGEST_TIME: Seconds = 0.3;
/** A path that is drawn wants more points than it needs. */
const LONGEST_DRAWN: Seconds = 0.05;
const SHORTEST_TIME: Seconds = 0.004;
/** On ground without a known slope the closed form is good for so much, with the slope half-way. */
const SHORT: Metres = 0.25;
/** What is shorter than this is run straight. */
const CREEP: Metres = 0.01;
/** Keeps the direction of a ball that stands still finite, m/s. */
const SLOWEST = 1e-9;
const TIME_CAP: Seconds = 45;
/** A ball that is within this of where it was so many steps ago rocks in a fold of the ground, and rests there. */
const FOLD: Metres = 0.02;
const FOLD_STEPS = 64;
const RANGE: Metres = 150;

/** The ground where the ball is, half-way through a step, and at its end. */
let here = new GroundSample();
const half = new GroundSample();
let there = new GroundSample();
const patch = new UniformPatch();
const rest = new RestOnSlope();

/** What a step of the roll changes in a ball. */
type Motion = Pick<BallState, 't' | 'x' | 'z' | 'vx' | 'vz'>;

/** Motion at the beginning of a step, for one that is taken back. */
const before: Motion = { t: 0.5, x: 0.5, z: 0.5, vx: 0.5, vz: 0.5 };

function copyMotion(from: Motion, to: Motion): void {
	to.t = from.t;
	to.x = from.x;
	to.z = from.z;
	to.vx = from.vx;
	to.vz = from.vz;
}

const inPatch = (x: Metres, z: Metres): boolean =>
	x >= patch.fromX && x <= patch.toX && z >= patch.fromZ && z <= patch.toZ;

/** Whether the path to `rest`, as far as it may bend away from the straight line there, comes by the hole. */
function passesHole(ball: BallState, hole: Hole): boolean {
	const dx = rest.x - ball.x;
	const dz = rest.z - ball.z;
	const length = Math.sqrt(dx * dx + dz * dz);
	if (length === 0) return false;
	const toX = hole.x - ball.x;
	const toZ = hole.z - ball.z;
	const bend =
		Math.abs((rest.cornerX - ball.x) * dz - (rest.cornerZ - ball.z) * dx) / length + HOLE_RADIUS;
	const along = (toX * dx + toZ * dz) / length;
	return Math.abs(toX * dz - toZ * dx) < bend * length && along > -bend && along < length + bend;
}

/** The longest that the path to `rest` can be: along its two tangents. */
function reach(ball: BallState): Metres {
	const first = Math.abs(rest.cornerX - ball.x) + Math.abs(rest.cornerZ - ball.z);
	return first + Math.abs(rest.x - rest.cornerX) + Math.abs(rest.z - rest.cornerZ);
}

/** Whether a ball surely runs farther than this on the slope of `here`: even straight up it would. */
function runsPast(length: Metres, { vx, vz }: BallState, friction: number): boolean {
	const steepest = Math.abs(here.gradientX) + Math.abs(here.gradientZ);
	return vx * vx + vz * vz > 2 * length * (friction + PULL * steepest);
}

/**
 * The way to rest in one piece, where slope and kind are known all the way: on a patch of one slope, or close by.
 *
 * @returns null when the ball has to be followed step by step
 */
function runOut(
	ball: BallState,
	ground: Ground,
	hole: Hole | null,
	uniform: boolean,
	drawn: boolean
): RollStatus | null {
	const friction = frictionOn[here.kind]!;
	if (!uniform && runsPast(SHORT, ball, friction)) return null;
	if (!restOnSlope(ball, friction, here.gradientX, here.gradientZ, rest)) return null;
	const length = reach(ball);
	if (length > RANGE || rest.time > TIME_CAP) return null;
	if (uniform) {
		if (drawn && length > SHORT) return null;
		if (!inPatch(rest.x, rest.z) || !inPatch(rest.cornerX, rest.cornerZ)) return null;
	} else {
		if (length > SHORT) return null;
		ground.sample((ball.x + rest.x) / 2, (ball.z + rest.z) / 2, half);
		if (!restOnSlope(ball, friction, half.gradientX, half.gradientZ, rest)) return null;
		ground.sample(rest.x, rest.z, there);
		if (length > CREEP && (half.kind !== here.kind || there.kind !== here.kind)) return null;
	}
	if (hole && passesHole(ball, hole)) {
		const bent = Math.abs(here.gradientX * ball.vz - here.gradientZ * ball.vx) > 1e-9;
		if (bent && length > CREEP) return null;
		const squared = ball.vx * ball.vx + ball.vz * ball.vz;
		if (drops(ball, rest.x, rest.z, squared, 0, hole, here)) {
			holeOut(ball, hole);
			return 'holed';
		}
	}
	ball.t += rest.time;
	ball.x = rest.x;
	ball.z = rest.z;
	return 'rest';
}

/** The ground of a place: that of `here` on a patch of one slope, and else what lies there. */
function groundAt(x: Metres, z: Metres, ground: Ground, uniform: boolean, into: GroundSample) {
	if (uniform) return here;
	ground.sample(x, z, into);
	return into;
}

/**
 * One step of the rolling ball, of Kutta's third order but for the place of its last stage, which is where the midpoint rule ends: that
 * ground is wanted anyway. `here` holds the ground at its start, `there` at its end where that is no patch of one slope.
 */
function rollStep(
	ball: BallState,
	ground: Ground,
	uniform: boolean,
	speed: number,
	dt: number
): void {
	const { x, z, vx, vz } = before;
	const friction = frictionOn[here.kind]!;
	const f0 = friction / Math.max(speed, SLOWEST);
	const ax0 = -f0 * vx - PULL * here.gradientX;
	const az0 = -f0 * vz - PULL * here.gradientZ;
	const mx = vx + (dt / 2) * ax0;
	const mz = vz + (dt / 2) * az0;
	const mid = groundAt(x + (dt / 2) * vx, z + (dt / 2) * vz, ground, uniform, half);
	const f1 = friction / Math.max(Math.sqrt(mx * mx + mz * mz), SLOWEST);
	const ax1 = -f1 * mx - PULL * mid.gradientX;
	const az1 = -f1 * mz - PULL * mid.gradientZ;
	const ex = vx + dt * ax1;
	const ez = vz + dt * az1;
	const end = groundAt(x + dt * mx, z + dt * mz, ground, uniform, there);
	const f2 = friction / Math.max(Math.sqrt(ex * ex + ez * ez), SLOWEST);
	ball.x = x + (dt / 6) * (vx + 4 * mx + ex);
	ball.z = z + (dt / 6) * (vz + 4 * mz + ez);
	ball.vx = vx + (dt / 6) * (ax0 + 4 * ax1 - f2 * ex - PULL * end.gradientX);
	ball.vz = vz + (dt / 6) * (az0 + 4 * az1 - f2 * ez - PULL * end.gradientZ);
	ball.t = before.t + dt;
}

/** Whether a place lies beyond the border of what `here` knows: of its patch, or of its kind of surface. */
function isBeyond(x: Metres, z: Metres, ground: Ground, uniform: boolean): boolean {
	if (uniform) return !inPatch(x, z);
	ground.sample(x, z, half);
	return half.kind !== here.kind;
}

/** Share of the step just taken after which the border was crossed, less than `BORDER` late: on the parabola that the ends of the step give. */
function shareToBorder(ball: BallState, ground: Ground, uniform: boolean, dt: number): number {
	const { x, z } = before;
	const startX = dt * before.vx;
	const startZ = dt * before.vz;
	const bendX = ball.x - x - startX;
	const bendZ = ball.z - z - startZ;
	const exact = BORDER / (Math.abs(startX) + Math.abs(startZ));
	let low = 0;
	let high = 1;
	while (high - low > exact) {
		const s = (low + high) / 2;
		const isPast = isBeyond(
			x + s * (startX + s * bendX),
			z + s * (startZ + s * bendZ),
			ground,
			uniform
		);
		if (isPast) high = s;
		else low = s;
	}
	return high;
}

/**
 * Steps on, no farther than just past the border of what `here` knows.
 *
 * @returns whether the ground at the end is another, which `there` then holds
 */
function advance(
	ball: BallState,
	ground: Ground,
	uniform: boolean,
	speed: number,
	longest: Seconds
): boolean {
	const braking = frictionOn[here.kind]! / Math.max(speed, SLOWEST);
	const ax = braking * ball.vx + PULL * here.gradientX;
	const az = braking * ball.vz + PULL * here.gradientZ;
	// At most half of what would stop it.
	const halting = speed / (2 * Math.sqrt(ax * ax + az * az));
	const dt = Math.max(SHORTEST_TIME, Math.min(longest, LONGEST_STEP / speed, halting));
	copyMotion(ball, before);
	rollStep(ball, ground, uniform, speed, dt);
	const crossed = uniform ? !inPatch(ball.x, ball.z) : there.kind !== here.kind;
	if (crossed && dt * speed > BORDER)
		rollStep(ball, ground, uniform, speed, dt * shareToBorder(ball, ground, uniform, dt));
	if (uniform && inPatch(ball.x, ball.z)) return false;
	if (uniform) ground.sample(ball.x, ball.z, there);
	return true;
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
	const longest = recorder ? LONGEST_DRAWN : LONGEST_TIME;
	let known = false;
	let [anchorX, anchorZ] = [Infinity, Infinity];
	ground.sample(ball.x, ball.z, here);
	for (let steps = 1; ball.t < deadline; steps++) {
		if (BEHAVIOUR.stops[here.kind]! > 0) return finish(ball, 'rest');
		if (!known || !inPatch(ball.x, ball.z)) known = ground.patch(ball.x, ball.z, patch);
		const status = runOut(ball, ground, hole, known, recorder !== undefined);
		if (status) {
			recorder?.addOnGround(ball, ground.height(ball.x, ball.z));
			return finish(ball, status);
		}
		const squared = ball.vx * ball.vx + ball.vz * ball.vz;
		const onOther = advance(ball, ground, known, Math.sqrt(squared), longest);
		if (hole && passedHole(ball, squared, hole)) return 'holed';
		if (onOther) [here, there] = [there, here];
		recorder?.addOnGround(ball, ground.height(ball.x, ball.z));
		if (Math.abs(ball.x) > RANGE || Math.abs(ball.z) > RANGE) break;
		if (steps % FOLD_STEPS !== 0) continue;
		if (Math.abs(ball.x - anchorX) < FOLD && Math.abs(ball.z - anchorZ) < FOLD)
			return finish(ball, 'rest');
		anchorX = ball.x;
		anchorZ = ball.z;
	}
	return 'runaway';
}

/** Whether the step just taken, which began with this square of the speed, drops into the hole; the ball then lies in it. */
function passedHole(ball: BallState, squared: number, hole: Hole): boolean {
	const { x, z } = ball;
	ball.x = before.x;
	ball.z = before.z;
	const there = ball.vx * ball.vx + ball.vz * ball.vz;
	if (drops(ball, x, z, squared, there, hole, here)) {
		holeOut(ball, hole);
		return true;
	}
	ball.x = x;
	ball.z = z;
	return false;
}

function finish(ball: BallState, status: RollStatus): RollStatus {
	ball.vx = ball.vy = ball.vz = 0;
	return status;
}
