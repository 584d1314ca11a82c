// Longer than most: one physical stage, whose stepping loop keeps its numbers in variables of this file so that it allocates nothing.
import { AERODYNAMICS, BALL, GRAVITY } from '../constants';
import type { Ground } from '../ground/ground';
import type { Metres } from '../units';
import { airFactor, baseDrag, windShare, type Air } from './aerodynamics';
import type { BallState, PathRecorder } from './state';

/** A crest the ball must fly over: `height` above the ball's origin at a station along the line. */
export interface Obstacle {
	at: Metres;
	height: Metres;
}

/** `blocked`: an obstacle stopped it in the air; `timeout`: the step cap, only reachable with absurd input. */
export type FlightStatus = 'landed' | 'blocked' | 'timeout';

const LONGEST_STEP = 0.16;
/** A path that is drawn wants more points than it needs. */
const LONGEST_DRAWN = 0.04;
/** Wind changes fast near the ground: with 0.06 s the worst of 250 random landings was 2 mm off. */
const LONGEST_STEP_IN_WIND = 0.025;
const FEWEST_STEPS = 2;
const SHORTEST_STEP = 0.004;
const MAX_STEPS = 1000;
const LIFT_POWER = (1 - AERODYNAMICS.liftExponent) / 2;

const X = 0;
const Y = 1;
const Z = 2;
const VX = 3;
const VY = 4;
const VZ = 5;

// Scratch of the stepper: one ball flies at a time and nothing is allocated while it does. Positions enter the forces through the wind
// alone, so that stages are kept as accelerations.
const now = new Float64Array(6);
const next = new Float64Array(6);
const a1 = new Float64Array(3);
const a2 = new Float64Array(3);
const a3 = new Float64Array(3);
const a4 = new Float64Array(3);

/** Spin axis, wind and air of the flight under way, and the two spin terms of the stage under way. */
const medium = { ax: 0.5, ay: 0.5, az: 0.5, windX: 0.5, windZ: 0.5, factor: 0.5, windy: false };
const spinTerms = new Float64Array(2);

/** Square of the air speed at which the lift was last raised to its power, and the result. */
const anchor = { squared: 0.5, power: 0.5 };
/** The series below is good to 2·10⁻⁵ out to this change of the squared speed; a power costs as much as the rest of a stage. */
const NEAR_ANCHOR = 0.2;
const P = LIFT_POWER;

/** squared^P, from the last power taken where that was near. */
function liftPower(squared: number): number {
	const q = squared / anchor.squared - 1;
	if (q > NEAR_ANCHOR || q < -NEAR_ANCHOR) {
		anchor.squared = squared;
		anchor.power = Math.pow(squared, P);
		return anchor.power;
	}
	const series = 1 + (((P - 2) * q) / 3) * (1 + ((P - 3) * q) / 4);
	return anchor.power * (1 + P * q * (1 + (((P - 1) * q) / 2) * series));
}

/** Acceleration at a height and velocity: gravity, drag along the air speed, lift along spin × air speed. */
function accelerate(
	y: number,
	vx: number,
	vy: number,
	vz: number,
	drag0: number,
	lift0: number,
	out: Float64Array
): void {
	let rx = vx;
	let rz = vz;
	if (medium.windy) {
		const share = windShare(y);
		rx -= medium.windX * share;
		rz -= medium.windZ * share;
	}
	const squared = rx * rx + vy * vy + rz * rz;
	const speed = Math.sqrt(squared);
	const drag = medium.factor * baseDrag(speed) * speed + drag0;
	const lift = lift0 === 0 ? 0 : lift0 * liftPower(squared);
	out[0] = lift * (medium.ay * rz - medium.az * vy) - drag * rx;
	out[1] = lift * (medium.az * rx - medium.ax * rz) - drag * vy - GRAVITY;
	out[2] = lift * (medium.ax * vy - medium.ay * rx) - drag * rz;
}

/** One Runge–Kutta step of order four from `now` to `next`; the spin terms decay along with it. */
function step(h: number, halfDecay: number, halfLiftDecay: number): void {
	const drag0 = spinTerms[0]!;
	const lift0 = spinTerms[1]!;
	const dragMid = drag0 * halfDecay;
	const liftMid = lift0 * halfLiftDecay;
	const drag1 = dragMid * halfDecay;
	const lift1 = liftMid * halfLiftDecay;
	spinTerms[0] = drag1;
	spinTerms[1] = lift1;
	const y = now[Y]!;
	const vx = now[VX]!;
	const vy = now[VY]!;
	const vz = now[VZ]!;
	const half = h / 2;
	accelerate(y, vx, vy, vz, drag0, lift0, a1);
	const vy2 = vy + half * a1[1]!;
	accelerate(y + half * vy, vx + half * a1[0]!, vy2, vz + half * a1[2]!, dragMid, liftMid, a2);
	const vy3 = vy + half * a2[1]!;
	accelerate(y + half * vy2, vx + half * a2[0]!, vy3, vz + half * a2[2]!, dragMid, liftMid, a3);
	accelerate(y + h * vy3, vx + h * a3[0]!, vy + h * a3[1]!, vz + h * a3[2]!, drag1, lift1, a4);
	const sixth = h / 6;
	for (let i = 0; i < 3; i++) {
		const v = now[i + 3]!;
		const early = a1[i]!;
		const middle = a2[i]! + a3[i]!;
		next[i] = now[i]! + h * (v + sixth * (early + middle));
		next[i + 3] = v + sixth * (early + 2 * middle + a4[i]!);
	}
}

/** Cubic Hermite value of position `axis` at share s of the step from `now` to `next`. */
function within(axis: number, s: number, h: number): number {
	const a = now[axis]!;
	const b = next[axis]!;
	const da = now[axis + 3]! * h;
	const db = next[axis + 3]! * h;
	const u = 1 - s;
	return u * u * ((1 + 2 * s) * a + s * da) + s * s * ((3 - 2 * s) * b - u * db);
}

/** Height of the ball above the ground at share s of the step. */
const clearance = (s: number, h: number, ground: Ground): Metres =>
	within(Y, s, h) - ground.height(within(X, s, h), within(Z, s, h));

const TOUCH: Metres = 1e-8;
const TOUCH_ROUNDS = 40;

/**
 * Share of the step at which the ball meets the ground, on the dense output: regula falsi (Illinois), since the ground may cost far
 * more than the ball. A ball that leaves the ground and is below it all along has met it where it stands.
 */
function touchdown(h: number, ground: Ground): number {
	let low = 0;
	let high = 1;
	let above = clearance(0, h, ground);
	for (let s = 0.5; above <= 0 && s > 1e-3; s /= 2) {
		above = clearance(s, h, ground);
		if (above > 0) low = s;
		else high = s;
	}
	if (above <= 0) return 0;
	let below = clearance(high, h, ground);
	let side = 0;
	for (let i = 0; i < TOUCH_ROUNDS; i++) {
		const s = (low * below - high * above) / (below - above);
		const gap = clearance(s, h, ground);
		if (gap <= TOUCH && gap > -TOUCH) return s;
		if (gap > 0) {
			low = s;
			above = gap;
			if (side === 1) below /= 2;
			side = 1;
		} else {
			high = s;
			below = gap;
			if (side === -1) above /= 2;
			side = -1;
		}
	}
	return high;
}

/** Share of the step at which the ball passes the station x, or -1. */
function passing(station: Metres, h: number): number {
	const a = now[X]!;
	const b = next[X]!;
	if (a >= station || b < station) return -1;
	let s = (station - a) / (b - a);
	s -= (within(X, s, h) - station) / (b - a);
	return s;
}

/** Share of the step at which an obstacle is struck, or 2 when none is. */
function obstruction(h: number, obstacles: readonly Obstacle[]): number {
	let first = 2;
	for (let i = 0; i < obstacles.length; i++) {
		const { at, height } = obstacles[i]!;
		const s = passing(at, h);
		if (s >= 0 && s < first && within(Y, s, h) < height) first = s;
	}
	return first;
}

/** Writes the state at share s of the step into the ball; the velocity is the Hermite cubic of its end values and accelerations. */
function settle(ball: BallState, s: number, h: number): void {
	ball.t += s * h;
	ball.x = within(X, s, h);
	ball.y = within(Y, s, h);
	ball.z = within(Z, s, h);
	const u = 1 - s;
	const w0 = u * u * (1 + 2 * s);
	const w1 = s * s * (3 - 2 * s);
	accelerate(next[Y]!, next[VX]!, next[VY]!, next[VZ]!, spinTerms[0]!, spinTerms[1]!, a4);
	const d0 = u * u * s * h;
	const d1 = -s * s * u * h;
	ball.vx = w0 * now[VX]! + w1 * next[VX]! + d0 * a1[0]! + d1 * a4[0]!;
	ball.vy = w0 * now[VY]! + w1 * next[VY]! + d0 * a1[1]! + d1 * a4[1]!;
	ball.vz = w0 * now[VZ]! + w1 * next[VZ]! + d0 * a1[2]! + d1 * a4[2]!;
}

function prepare(ball: BallState, air: Air): void {
	const spin = Math.hypot(ball.wx, ball.wy, ball.wz);
	const factor = airFactor(air.density);
	const surfaceSpeed = spin * BALL.radius;
	medium.ax = spin > 0 ? ball.wx / spin : 0;
	medium.ay = spin > 0 ? ball.wy / spin : 0;
	medium.az = spin > 0 ? ball.wz / spin : 0;
	medium.windX = air.windAlong;
	medium.windZ = air.windAcross;
	medium.windy = air.windAlong !== 0 || air.windAcross !== 0;
	medium.factor = factor;
	spinTerms[0] = factor * AERODYNAMICS.spinDrag * surfaceSpeed;
	spinTerms[1] =
		factor * AERODYNAMICS.liftFactor * Math.pow(surfaceSpeed, AERODYNAMICS.liftExponent);
	now[X] = ball.x;
	now[Y] = ball.y;
	now[Z] = ball.z;
	now[VX] = ball.vx;
	now[VY] = ball.vy;
	now[VZ] = ball.vz;
	// Each flight begins anew: the answer must not depend on the ball before.
	anchor.squared = ball.vx * ball.vx + ball.vy * ball.vy + ball.vz * ball.vz;
	anchor.power = Math.pow(anchor.squared, P);
}

/** Step length: half of the hop that gravity alone would make, bounded above, and not vanishing for a ball that only falls. */
const stepFor = (vy: number, drawn: boolean): number =>
	Math.min(
		medium.windy ? LONGEST_STEP_IN_WIND : drawn ? LONGEST_DRAWN : LONGEST_STEP,
		Math.max(SHORTEST_STEP, (2 * vy) / (GRAVITY * FEWEST_STEPS))
	);

/**
 * Flies a ball until it meets the ground or an obstacle: fixed-step Runge–Kutta of order four with dense output.
 *
 * @param ball starts at or above the ground and is moved to where the flight ends
 * @param obstacles in any order; only struck when passed in the direction of play
 * @param recorder receives every step when given
 * @returns the error of the landing point stays under 1 mm against a tight-tolerance integrator (tests/reference/flight)
 * @source forces: Smits and Smith (1994), Bearman and Harvey (1976), see `AERODYNAMICS`
 */
export function fly(
	ball: BallState,
	ground: Ground,
	air: Air,
	obstacles: readonly Obstacle[],
	recorder?: PathRecorder
): FlightStatus {
	prepare(ball, air);
	const h = stepFor(ball.vy, recorder !== undefined);
	const halfDecay = Math.exp(-h / 2 / AERODYNAMICS.spinDecayTime);
	const halfLiftDecay = Math.pow(halfDecay, AERODYNAMICS.liftExponent);
	const startTime = ball.t;
	let status: FlightStatus = 'timeout';
	for (let i = 0; i < MAX_STEPS; i++) {
		step(h, halfDecay, halfLiftDecay);
		if (now[VY]! > 0 && next[VY]! <= 0) markApex(ball, h);
		const blocked = obstacles.length === 0 ? 2 : obstruction(h, obstacles);
		const landed = next[Y]! <= ground.height(next[X]!, next[Z]!) ? touchdown(h, ground) : 2;
		if (blocked <= 1 || landed <= 1) {
			status = blocked < landed ? 'blocked' : 'landed';
			settle(ball, Math.min(blocked, landed), h);
			break;
		}
		for (let k = 0; k < 6; k++) now[k] = next[k]!;
		ball.t += h;
		if (recorder) recordStep(ball, recorder);
	}
	if (status === 'timeout') settle(ball, 0, h);
	decaySpin(ball, ball.t - startTime);
	recorder?.add(ball);
	return status;
}

/** The top lies where the vertical speed, nearly linear in time, passes zero. */
function markApex(ball: BallState, h: number): void {
	const top = within(Y, now[VY]! / (now[VY]! - next[VY]!), h);
	if (top > ball.apex) ball.apex = top;
}

function recordStep(ball: BallState, recorder: PathRecorder): void {
	ball.x = now[X]!;
	ball.y = now[Y]!;
	ball.z = now[Z]!;
	recorder.add(ball);
}

function decaySpin(ball: BallState, duration: number): void {
	const kept = Math.exp(-duration / AERODYNAMICS.spinDecayTime);
	ball.wx *= kept;
	ball.wy *= kept;
	ball.wz *= kept;
}
