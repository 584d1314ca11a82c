import { follow, Outcome, type Scene } from '../ball/simulate';
import { NO_LUCK } from '../ground/surfaces';
import { BallState } from '../ball/state';
import { findRoot, type RootOptions } from '../math/roots';
import type { Intent } from '../player/intent';
import { strikeAsIntended } from '../player/strike';
import { radians, type Metres, type MetresPerSecond, type Radians } from '../units';

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
const MOST_TURN: Radians = radians(25);
const SCAN_AIMS = 6;
const WIDEST_AIM: Radians = radians(30);
const AIM_HALVINGS = 12;
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

type Bracket = { low: number; high: number };

/** The answer for a neighbouring aim lies this near in speed, as a rule. */
const NEIGHBOURHOOD = 1.08;

/** A narrow interval around a guess, where it holds the crossing. */
function bracketNear(
	f: (speed: number) => number,
	guess: MetresPerSecond,
	fastest: MetresPerSecond
): Bracket | null {
	const low = Math.max(SLOWEST, guess / NEIGHBOURHOOD);
	const high = Math.min(fastest, guess * NEIGHBOURHOOD);
	return f(low) < 0 && f(high) >= 0 ? { low, high } : null;
}

/** First speed interval in which `f` turns from negative to positive, or the end it never passes. */
function bracket(
	f: (speed: number) => number,
	fastest: MetresPerSecond
): Bracket | { end: 'tooFar' | 'tooNear' } {
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
 * @param guess the answer for a neighbouring question
 */
function solveSpeed(
	intent: Intent,
	scene: Scene,
	aim: Radians,
	fastest: MetresPerSecond,
	measure: (outcome: Outcome) => number,
	guess: MetresPerSecond | null = null
): { status: SolveStatus; speed: MetresPerSecond; miss: Metres } {
	const out = new Outcome();
	const f = (speed: number) => measure(playIntended(intent, scene, speed, aim, out));
	const near = guess === null ? null : bracketNear(f, guess, fastest);
	const found = near ?? bracket(f, fastest);
	if ('end' in found) {
		const speed = found.end === 'tooFar' ? fastest : SLOWEST;
		return { status: found.end, speed, miss: f(speed) };
	}
	const root = findRoot(f, found.low, found.high, ROOT);
	const ended = root.status === 'converged' || Math.abs(root.residual) < NEAR_ENOUGH;
	return { status: ended ? 'solved' : 'noStop', speed: root.x, miss: root.residual };
}

/** One aim tried: the head speed that brings the ball level with the target, and how far it then ends to the side. */
interface AimTried {
	aim: Radians;
	status: SolveStatus;
	speed: MetresPerSecond;
	miss: Metres;
	/** Right (+) or left (−) of the target. */
	side: Metres;
}

/** Rounds of aim from straight: each answers the last miss, then follows the trend of the last two. */
function approachAim(tryAim: (aim: Radians) => AimTried, targetX: Metres): AimTried {
	let last = tryAim(0);
	let best = last;
	let gain = -1 / targetX;
	for (let round = 0; round < AIM_ROUNDS; round++) {
		if (last.status !== 'solved' || Math.abs(last.side) < 2 * TOLERANCE) return last;
		const turn = Math.max(-MOST_TURN, Math.min(MOST_TURN, gain * last.side));
		const next = tryAim(last.aim + turn);
		const trend = (next.aim - last.aim) / (next.side - last.side);
		// A trend of the wrong sign or size comes from a jump of the ground: keep to the simple answer there.
		gain = trend < 0.2 * gain || trend > 4 * gain ? -1 / targetX : -trend;
		if (next.status === 'solved' && Math.abs(next.side) < Math.abs(best.side)) best = next;
		last = next;
	}
	return best;
}

/** Searches all sensible aims for one where the side changes sign, and halves in on it; ground with tiers and saddles may need it. */
function scanAim(tryAim: (aim: Radians) => AimTried, best: AimTried): AimTried {
	let nearest = best;
	let before: AimTried | null = null;
	for (let k = -SCAN_AIMS; k <= SCAN_AIMS; k++) {
		const tried = tryAim((k / SCAN_AIMS) * WIDEST_AIM);
		if (tried.status !== 'solved') {
			before = null;
			continue;
		}
		if (before && before.side < 0 !== tried.side < 0)
			nearest = nearer(nearest, halve(tryAim, before, tried));
		nearest = nearer(nearest, tried);
		before = tried;
	}
	return nearest;
}

const nearer = (a: AimTried, b: AimTried): AimTried =>
	b.status === 'solved' && (a.status !== 'solved' || Math.abs(b.side) < Math.abs(a.side)) ? b : a;

function halve(tryAim: (aim: Radians) => AimTried, from: AimTried, to: AimTried): AimTried {
	let [low, high] = [from, to];
	for (let i = 0; i < AIM_HALVINGS && Math.abs(low.side - high.side) > TOLERANCE; i++) {
		const middle = tryAim((low.aim + high.aim) / 2);
		if (middle.status !== 'solved') break;
		if (middle.side < 0 === low.side < 0) low = middle;
		else high = middle;
	}
	return nearer(low, high);
}

/**
 * Finds head speed and aim for which the ball, played as intended, ends at (targetX, 0).
 *
 * @param scene without hole; hazards are judged afterwards
 * @param fastest head speed that may be asked for
 * @returns the best found with its status: at most 8 rounds of aim, then 13 aims over ±30° and their halvings, each a bracketed
 *   root find. `noStop` where even the best ends more than 0.3 m from the target.
 */
export function solveFinish(
	intent: Intent,
	scene: Scene,
	targetX: Metres,
	fastest: MetresPerSecond
): Solution {
	const outcome = new Outcome();
	let guess: MetresPerSecond | null = null;
	const tryAim = (aim: Radians): AimTried => {
		const solved = solveSpeed(intent, scene, aim, fastest, (o) => o.finishX - targetX, guess);
		if (solved.status === 'solved') guess = solved.speed;
		playIntended(intent, scene, solved.speed, aim, outcome);
		return { ...solved, aim, side: outcome.finishZ };
	};
	let found = approachAim(tryAim, targetX);
	if (found.status === 'solved' && Math.abs(found.side) > NEAR_ENOUGH)
		found = scanAim(tryAim, found);
	const { status, speed, aim, miss } = found;
	playIntended(intent, scene, speed, aim, outcome);
	const ended = status !== 'solved' || Math.abs(outcome.finishZ) <= NEAR_ENOUGH;
	return { status: ended ? status : 'noStop', speed, aim, miss, outcome };
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
