import { follow, Outcome, type Scene } from '../ball/simulate';
import { NO_LUCK } from '../ground/surfaces';
import { BallState } from '../ball/state';
import { findRoot, type RootOptions } from '../math/roots';
import type { Intent } from '../player/intent';
import { strikeAsIntended } from '../player/strike';
import type { Metres, MetresPerSecond, Radians } from '../units';

/**
 * `solved`: the ball ends at the target. `tooFar`: not even the fastest swing gets there. `tooNear`: the slowest swing goes past.
 * `noStop`: the ground lets no ball end there; the nearest ends at `miss` from it.
 */
export type SolveStatus = 'solved' | 'tooFar' | 'tooNear' | 'noStop';

export interface Solution {
	status: SolveStatus;
	speed: MetresPerSecond;
	aim: Radians;
	/** Past (+) or short (−) of the target along the line. */
	miss: Metres;
	outcome: Outcome;
}

const SLOWEST: MetresPerSecond = 1;
const SCAN = 9;
const AIM_ROUNDS = 8;
const TOLERANCE: Metres = 0.005;
const ROOT: RootOptions = { tolerance: TOLERANCE, width: 1e-6, maxIterations: 40 };
/** A ball that ends this near is called solved even where the ground jumps. */
const NEAR_ENOUGH: Metres = 0.3;

const ball = new BallState();

/** One ball as intended. */
export function playIntended(
	intent: Intent,
	scene: Scene,
	speed: MetresPerSecond,
	aim: Radians,
	out: Outcome
): Outcome {
	ball.t = ball.x = ball.z = 0;
	ball.y = ball.apex = scene.ground.height(0, 0);
	strikeAsIntended(intent, speed, aim, ball);
	follow(ball, scene, NO_LUCK, out);
	return out;
}

/** First speed interval in which `f` turns from negative to positive; `null` when it never does. */
function bracket(
	f: (speed: number) => number,
	fastest: MetresPerSecond
): { low: number; high: number } | { end: 'tooFar' | 'tooNear' } {
	const ratio = (fastest / SLOWEST) ** (1 / SCAN);
	let low = SLOWEST;
	if (f(low) > 0) return { end: 'tooNear' };
	for (let i = 1; i <= SCAN; i++) {
		const high = i === SCAN ? fastest : low * ratio;
		if (f(high) >= 0) return { low, high };
		low = high;
	}
	return { end: 'tooFar' };
}

/**
 * Finds the head speed for which a measure of the ball's outcome reaches zero, for a fixed aim.
 *
 * @param measure of the outcome, rising with head speed
 */
function solveSpeed(
	intent: Intent,
	scene: Scene,
	aim: Radians,
	fastest: MetresPerSecond,
	measure: (outcome: Outcome) => number
): { status: SolveStatus; speed: MetresPerSecond; miss: Metres } {
	const out = new Outcome();
	const f = (speed: number) => measure(playIntended(intent, scene, speed, aim, out));
	const found = bracket(f, fastest);
	if ('end' in found) {
		const speed = found.end === 'tooFar' ? fastest : SLOWEST;
		return { status: found.end, speed, miss: f(speed) };
	}
	const root = findRoot(f, found.low, found.high, ROOT);
	const ended = root.status === 'converged' || Math.abs(root.residual) < NEAR_ENOUGH;
	return { status: ended ? 'solved' : 'noStop', speed: root.x, miss: root.residual };
}

/**
 * Finds head speed and aim for which the ball, played as intended, ends at (targetX, 0).
 *
 * @param scene without hole; hazards are judged afterwards
 * @param fastest head speed that may be asked for
 * @returns the best found with its status; at most 8 rounds of aim, each a bracketed root find
 */
export function solveFinish(
	intent: Intent,
	scene: Scene,
	targetX: Metres,
	fastest: MetresPerSecond
): Solution {
	const outcome = new Outcome();
	let aim = 0;
	let solved = solveSpeed(intent, scene, aim, fastest, (o) => o.finishX - targetX);
	for (let round = 0; round < AIM_ROUNDS; round++) {
		playIntended(intent, scene, solved.speed, aim, outcome);
		if (solved.status !== 'solved' || Math.abs(outcome.finishZ) < 2 * TOLERANCE) break;
		aim -= Math.atan2(outcome.finishZ, targetX);
		solved = solveSpeed(intent, scene, aim, fastest, (o) => o.finishX - targetX);
	}
	playIntended(intent, scene, solved.speed, aim, outcome);
	return { ...solved, aim, outcome };
}

/** Finds the head speed that carries to a landing spot, whatever the ball does afterwards. */
export function solveCarry(
	intent: Intent,
	scene: Scene,
	carry: Metres,
	fastest: MetresPerSecond,
	aim: Radians = 0
): Solution {
	const solved = solveSpeed(intent, scene, aim, fastest, (o) => o.landingX - carry);
	const outcome = playIntended(intent, scene, solved.speed, aim, new Outcome());
	return { ...solved, aim, outcome };
}
