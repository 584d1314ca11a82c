import { AERODYNAMICS, BALL, GRAVITY } from '../constants';
import type { Metres, Seconds } from '../units';
import { airFactor, dragRate, liftRate, spinRate, windShare, type Air } from './aerodynamics';
import type { BallState } from './state';

// One ball flies at a time and nothing is allocated while it does: what a step begins and ends with stays in these arrays.
export const X = 0;
export const Y = 1;
export const Z = 2;
const VX = 3;
export const VY = 4;
const VZ = 5;

/** Positions and velocities at the beginning and at the end of the step. */
export const now = new Float64Array(6);
export const next = new Float64Array(6);

/** Accelerations of the step: at its beginning, twice in its middle (their sum), at its end. */
const early = new Float64Array(3);
const middle = new Float64Array(3);
const late = new Float64Array(3);

/** Spin axis, wind and air of the flight under way, and what its spin adds to drag and lift. */
const medium = {
	axisX: 0.5,
	axisY: 0.5,
	axisZ: 0.5,
	windX: 0.5,
	windZ: 0.5,
	factor: 0.5,
	windy: false,
	spinDrag: 0.5,
	spinLift: 0.5
};

/** Length of the step under way and what of the spin's drag and lift is left after half of it. */
const pace = { h: 0.5, halfDecay: 0.5, halfLiftDecay: 0.5 };

/**
 * Share of the spin that is left.
 *
 * @param duration of the flight, 0 and up
 * @returns 0 to 1; a series for the usual short ones
 */
export function spinKept(duration: Seconds): number {
	const x = duration / AERODYNAMICS.spinDecayTime;
	return x < 0.02 ? 1 - x * (1 - (x / 2) * (1 - (x / 3) * (1 - x / 4))) : Math.exp(-x);
}

/**
 * Begins a flight.
 *
 * @param ball its place, velocity and spin are read
 * @returns whether there is wind
 */
export function takeOff(ball: BallState, air: Air): boolean {
	const spin = Math.sqrt(ball.wx * ball.wx + ball.wy * ball.wy + ball.wz * ball.wz);
	const surfaceSpeed = spin * BALL.radius;
	medium.axisX = spin > 0 ? ball.wx / spin : 0;
	medium.axisY = spin > 0 ? ball.wy / spin : 0;
	medium.axisZ = spin > 0 ? ball.wz / spin : 0;
	medium.windX = air.windAlong;
	medium.windZ = air.windAcross;
	medium.windy = air.windAlong !== 0 || air.windAcross !== 0;
	medium.factor = airFactor(air.density);
	medium.spinDrag = medium.factor * AERODYNAMICS.spinDrag * surfaceSpeed;
	medium.spinLift = medium.factor * AERODYNAMICS.liftFactor * spinRate(surfaceSpeed);
	now[X] = ball.x;
	now[Y] = ball.y;
	now[Z] = ball.z;
	now[VX] = ball.vx;
	now[VY] = ball.vy;
	now[VZ] = ball.vz;
	return medium.windy;
}

/**
 * Sets the length of the steps to come.
 *
 * @param h above 0
 */
export function setPace(h: Seconds): void {
	pace.h = h;
	pace.halfDecay = spinKept(h / 2);
	pace.halfLiftDecay = spinKept((AERODYNAMICS.liftExponent * h) / 2);
}

/**
 * One Runge–Kutta step of order four from `now` to `next`; what the spin adds decays along with it. The acceleration is gravity, drag
 * along the air speed r and lift along spin × r. The four stages are written out: in local variables they take two thirds of the time.
 */
export function step(): void {
	const { axisX, axisY, axisZ, windX, windZ, factor, windy, spinDrag, spinLift } = medium;
	const { h, halfDecay, halfLiftDecay } = pace;
	const midDrag = spinDrag * halfDecay;
	const midLift = spinLift * halfLiftDecay;
	const endDrag = midDrag * halfDecay;
	const endLift = midLift * halfLiftDecay;
	medium.spinDrag = endDrag;
	medium.spinLift = endLift;
	const half = h / 2;
	const y = now[Y]!;
	const vx = now[VX]!;
	const vy = now[VY]!;
	const vz = now[VZ]!;

	let share = windy ? windShare(y) : 0;
	let rx = vx - windX * share;
	let rz = vz - windZ * share;
	let speed = Math.sqrt(rx * rx + vy * vy + rz * rz);
	let drag = factor * dragRate(speed) + spinDrag;
	let lift = spinLift * liftRate(speed);
	const ax1 = lift * (axisY * rz - axisZ * vy) - drag * rx;
	const ay1 = lift * (axisZ * rx - axisX * rz) - drag * vy - GRAVITY;
	const az1 = lift * (axisX * vy - axisY * rx) - drag * rz;

	const vy2 = vy + half * ay1;
	share = windy ? windShare(y + half * vy) : 0;
	rx = vx + half * ax1 - windX * share;
	rz = vz + half * az1 - windZ * share;
	speed = Math.sqrt(rx * rx + vy2 * vy2 + rz * rz);
	drag = factor * dragRate(speed) + midDrag;
	lift = midLift * liftRate(speed);
	const ax2 = lift * (axisY * rz - axisZ * vy2) - drag * rx;
	const ay2 = lift * (axisZ * rx - axisX * rz) - drag * vy2 - GRAVITY;
	const az2 = lift * (axisX * vy2 - axisY * rx) - drag * rz;

	const vy3 = vy + half * ay2;
	share = windy ? windShare(y + half * vy2) : 0;
	rx = vx + half * ax2 - windX * share;
	rz = vz + half * az2 - windZ * share;
	speed = Math.sqrt(rx * rx + vy3 * vy3 + rz * rz);
	drag = factor * dragRate(speed) + midDrag;
	lift = midLift * liftRate(speed);
	const ax3 = lift * (axisY * rz - axisZ * vy3) - drag * rx;
	const ay3 = lift * (axisZ * rx - axisX * rz) - drag * vy3 - GRAVITY;
	const az3 = lift * (axisX * vy3 - axisY * rx) - drag * rz;

	const vy4 = vy + h * ay3;
	share = windy ? windShare(y + h * vy3) : 0;
	rx = vx + h * ax3 - windX * share;
	rz = vz + h * az3 - windZ * share;
	speed = Math.sqrt(rx * rx + vy4 * vy4 + rz * rz);
	drag = factor * dragRate(speed) + endDrag;
	lift = endLift * liftRate(speed);
	late[X] = lift * (axisY * rz - axisZ * vy4) - drag * rx;
	late[Y] = lift * (axisZ * rx - axisX * rz) - drag * vy4 - GRAVITY;
	late[Z] = lift * (axisX * vy4 - axisY * rx) - drag * rz;

	early[X] = ax1;
	early[Y] = ay1;
	early[Z] = az1;
	middle[X] = ax2 + ax3;
	middle[Y] = ay2 + ay3;
	middle[Z] = az2 + az3;
	const sixth = h / 6;
	next[X] = now[X]! + h * (vx + sixth * (ax1 + ax2 + ax3));
	next[Y] = y + h * (vy + sixth * (ay1 + ay2 + ay3));
	next[Z] = now[Z]! + h * (vz + sixth * (az1 + az2 + az3));
	next[VX] = vx + sixth * (ax1 + 2 * (ax2 + ax3) + late[X]);
	next[VY] = vy + sixth * (ay1 + 2 * (ay2 + ay3) + late[Y]);
	next[VZ] = vz + sixth * (az1 + 2 * (az2 + az3) + late[Z]);
}

/** Goes on from where the step ended. */
export function goOn(): void {
	for (let k = 0; k < 6; k++) now[k] = next[k]!;
}

/** Cubic Hermite value of one position at share s of the step. */
function within(axis: number, s: number): Metres {
	const h = pace.h;
	const u = 1 - s;
	return (
		u * u * ((1 + 2 * s) * now[axis]! + s * h * now[axis + 3]!) +
		s * s * ((3 - 2 * s) * next[axis]! - u * h * next[axis + 3]!)
	);
}

/**
 * Place within the step.
 *
 * @param s share of the step, 0 to 1
 */
export const xAt = (s: number): Metres => within(X, s);
export const yAt = (s: number): Metres => within(Y, s);
export const zAt = (s: number): Metres => within(Z, s);

/**
 * Writes time, place and velocity at share s of the step into the ball; the velocity is the step's own continuous extension.
 *
 * @source E. Hairer, S. Nørsett, G. Wanner, Solving Ordinary Differential Equations I (1993), II.6: order three between the ends
 */
export function settle(ball: BallState, s: number): void {
	ball.t += s * pace.h;
	ball.x = within(X, s);
	ball.y = within(Y, s);
	ball.z = within(Z, s);
	const cube = (2 * s * s * s) / 3;
	const first = pace.h * (s - 1.5 * s * s + cube);
	const mid = pace.h * (s * s - cube);
	const last = pace.h * (cube - (s * s) / 2);
	ball.vx = now[VX]! + first * early[X]! + mid * middle[X]! + last * late[X]!;
	ball.vy = now[VY]! + first * early[Y]! + mid * middle[Y]! + last * late[Y]!;
	ball.vz = now[VZ]! + first * early[Z]! + mid * middle[Z]! + last * late[Z]!;
}
