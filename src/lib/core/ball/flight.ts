import { GRAVITY } from '../constants';
import type { Ground } from '../ground/ground';
import type { Metres, MetresPerSecond, Seconds } from '../units';
import type { Air } from './aerodynamics';
import {
	goOn,
	next,
	now,
	setPace,
	settle,
	spinKept,
	step,
	takeOff,
	VY,
	X,
	xAt,
	Y,
	yAt,
	Z,
	zAt
} from './flightStep';
import type { BallState, PathRecorder } from './state';

/** A crest the ball must fly over: `height` above the ball's origin at a station along the line. */
export interface Obstacle {
	at: Metres;
	height: Metres;
}

/** `blocked`: an obstacle stopped it in the air; `timeout`: the step cap, only reachable with absurd input. */
export type FlightStatus = 'landed' | 'blocked' | 'timeout';

/** With 0.3 s the worst of 256 random landings was a third of a millimetre off. */
const LONGEST_STEP: Seconds = 0.25;
/** A path that is drawn wants more points than it needs. */
const LONGEST_DRAWN: Seconds = 0.04;
/** In wind a step climbs or falls by no more than this share of its height, counted from below the ground: wind changes fast down there. */
const CLIMB_IN_WIND = 0.18;
const WIND_FLOOR: Metres = 0.3;
/** Flights are as long as without air, and a little more: a hop is one step. */
const AIR_MARGIN = 1.02;
/** A ball that is not going up is looked at as often as one that rises with this. */
const SLOWEST_RISE: MetresPerSecond = 0.05;
const MAX_STEPS = 1000;

/** Height of the ball above the ground at share s of the step. */
const clearance = (s: number, ground: Ground): Metres => yAt(s) - ground.height(xAt(s), zAt(s));

const TOUCH: Metres = 1e-8;
const HALVINGS = 40;
const PARABOLA_ROUNDS = 4;
/** Share of a step in which a ball that leaves the ground must get clear of it. */
const SHORTEST_HOP = 2e-3;

/**
 * Share of the step at which the ball meets the ground, on the dense output. The clearance is nearly a parabola, whose root is corrected
 * along it; on broken ground it is halved in on. A ball that leaves the ground and is below it all along has met it where it
 * stands.
 */
function touchdown(ground: Ground, gapAtEnd: Metres): number {
	let high = 1;
	let below = gapAtEnd;
	const above = clearance(0, ground);
	let middle = clearance(0.5, ground);
	if (above <= TOUCH) {
		while (middle <= TOUCH && high > SHORTEST_HOP) {
			high /= 2;
			below = middle;
			middle = clearance(high / 2, ground);
		}
		if (middle <= TOUCH) return 0;
	}
	const rise = 4 * middle - 3 * above - below;
	const bend = 2 * (above - 2 * middle + below);
	// The later root of above + rise r + bend r², written so that neither sign of the rise cancels.
	const root = Math.sqrt(Math.max(0, rise * rise - 4 * bend * above));
	let r = rise < 0 ? (2 * above) / (root - rise) : -(rise + root) / (2 * bend);
	for (let i = 0; i < PARABOLA_ROUNDS && r > 0 && r <= 1; i++) {
		const gap = clearance(r * high, ground);
		if (gap <= TOUCH && gap > -TOUCH) return r * high;
		r -= gap / (rise + 2 * bend * r);
	}
	return middle > 0 ? between(high / 2, high, ground) : between(0, high / 2, ground);
}

/** Halves in between a share where the ball is above the ground and one where it is below. */
function between(low: number, high: number, ground: Ground): number {
	for (let i = 0; i < HALVINGS; i++) {
		const s = (low + high) / 2;
		if (clearance(s, ground) > 0) low = s;
		else high = s;
	}
	return high;
}

/** Share of the step at which the ball passes the station x, or -1. */
function passing(station: Metres): number {
	const a = now[X]!;
	const b = next[X]!;
	if (a >= station || b < station) return -1;
	const s = (station - a) / (b - a);
	return s - (xAt(s) - station) / (b - a);
}

/** Share of the step at which an obstacle is struck, or 2 when none is. */
function obstruction(obstacles: readonly Obstacle[]): number {
	let first = 2;
	for (let i = 0; i < obstacles.length; i++) {
		const { at, height } = obstacles[i]!;
		const s = passing(at);
		if (s >= 0 && s < first && yAt(s) < height) first = s;
	}
	return first;
}

/** Equal steps over the flight as it would be without air, the last one ending just below the ground. */
function stepFor(rise: MetresPerSecond, longest: Seconds): Seconds {
	const time = ((2 * Math.max(rise, SLOWEST_RISE)) / GRAVITY) * AIR_MARGIN;
	return time / Math.ceil(time / longest);
}

function stepInWind(longest: Seconds): Seconds {
	const climb = CLIMB_IN_WIND * (Math.max(0, now[Y]!) + WIND_FLOOR);
	// At the top gravity alone makes it fall so far.
	const speed = Math.max(Math.abs(now[VY]!), Math.sqrt((GRAVITY * climb) / 2));
	return Math.min(longest, climb / speed);
}

/**
 * Flies a ball until it meets the ground or an obstacle: Runge–Kutta of order four with dense output.
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
	const windy = takeOff(ball, air);
	const longest = recorder ? LONGEST_DRAWN : LONGEST_STEP;
	let h = stepFor(ball.vy, longest);
	setPace(h);
	const startTime = ball.t;
	let status: FlightStatus = 'timeout';
	for (let i = 0; i < MAX_STEPS; i++) {
		if (windy) setPace((h = stepInWind(longest)));
		step();
		if (now[VY]! > 0 && next[VY]! <= 0) markApex(ball);
		const blocked = obstacles.length === 0 ? 2 : obstruction(obstacles);
		const gap = next[Y]! - ground.height(next[X]!, next[Z]!);
		const landed = gap <= 0 ? touchdown(ground, gap) : 2;
		if (blocked <= 1 || landed <= 1) {
			status = blocked < landed ? 'blocked' : 'landed';
			settle(ball, Math.min(blocked, landed));
			break;
		}
		goOn();
		ball.t += h;
		if (recorder) recordStep(ball, recorder);
	}
	if (status === 'timeout') settle(ball, 0);
	loseSpin(ball, ball.t - startTime);
	recorder?.add(ball);
	return status;
}

/** The top lies where the vertical speed, nearly linear in time, passes zero. */
function markApex(ball: BallState): void {
	const top = yAt(now[VY]! / (now[VY]! - next[VY]!));
	if (top > ball.apex) ball.apex = top;
}

function recordStep(ball: BallState, recorder: PathRecorder): void {
	ball.x = now[X]!;
	ball.y = now[Y]!;
	ball.z = now[Z]!;
	recorder.add(ball);
}

function loseSpin(ball: BallState, duration: Seconds): void {
	const kept = spinKept(duration);
	ball.wx *= kept;
	ball.wy *= kept;
	ball.wz *= kept;
}
