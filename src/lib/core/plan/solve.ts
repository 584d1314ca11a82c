import { follow, Outcome, type Scene } from '../ball/simulate';
import { UniformPatch } from '../ground/ground';
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
const JOINT_ROUNDS = 12;
const MOST_TURN: Radians = radians(12);
const MOST_FASTER = 0.12;
const SCAN_AIMS = 6;
const WIDEST_AIM: Radians = radians(30);
const AIM_HALVINGS = 12;
const TOLERANCE: Metres = 0.005;
const ROOT: RootOptions = { tolerance: TOLERANCE, width: 1e-6, maxIterations: 40 };
/** Good enough to tell one aim from another. */
const COARSE_ROOT: RootOptions = { tolerance: 0.05, width: 2e-3, maxIterations: 14 };
/** A ball that ends this near is called solved even where the ground jumps. */
const NEAR_ENOUGH: Metres = 0.3;

const ball = new BallState();
const patch = new UniformPatch();

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
	guess: MetresPerSecond | null = null,
	options: RootOptions = ROOT
): { status: SolveStatus; speed: MetresPerSecond; miss: Metres } {
	const out = new Outcome();
	const f = (speed: number) => measure(playIntended(intent, scene, speed, aim, out));
	const near = guess === null ? null : bracketNear(f, guess, fastest);
	const found = near ?? bracket(f, fastest);
	if ('end' in found) {
		const speed = found.end === 'tooFar' ? fastest : SLOWEST;
		return { status: found.end, speed, miss: f(speed) };
	}
	const root = findRoot(f, found.low, found.high, options);
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

/**
 * Corrects head speed and aim together from a straight shot that ends beside the target (Broyden's method on the relative head speed
 * and the aim): a handful of balls where the ground is smooth.
 *
 * @returns null where it does not settle
 * @source C. Broyden, A class of methods for solving nonlinear simultaneous equations, Mathematics of Computation 19 (1965)
 */
function correctTogether(
	play: (speed: MetresPerSecond, aim: Radians) => Outcome,
	targetX: Metres,
	straight: AimTried,
	fastest: MetresPerSecond
): AimTried | null {
	let { speed, aim, miss, side } = straight;
	// Rows: miss along, miss aside; columns: relative head speed (range grows with its square), aim.
	const slope = [2 * targetX, 0, 0, targetX];
	for (let round = 0; round < JOINT_ROUNDS; round++) {
		if (Math.abs(miss) <= TOLERANCE && Math.abs(side) <= 2 * TOLERANCE)
			return { status: 'solved', speed, aim, miss, side };
		const [a, b, c, d] = slope as [number, number, number, number];
		const determinant = a * d - b * c;
		if (!(Math.abs(determinant) > 1e-6)) return null;
		const faster = clamped((b * side - d * miss) / determinant, MOST_FASTER);
		const turn = clamped((c * miss - a * side) / determinant, MOST_TURN);
		speed *= 1 + faster;
		aim += turn;
		if (speed > fastest || speed < SLOWEST || Math.abs(aim) > WIDEST_AIM) return null;
		const { finishX, finishZ } = play(speed, aim);
		const squared = faster * faster + turn * turn;
		const along = (finishX - targetX - miss - a * faster - b * turn) / squared;
		const aside = (finishZ - side - c * faster - d * turn) / squared;
		slope[0] = a + along * faster;
		slope[1] = b + along * turn;
		slope[2] = c + aside * faster;
		slope[3] = d + aside * turn;
		miss = finishX - targetX;
		side = finishZ;
	}
	return null;
}

const clamped = (value: number, most: number): number => Math.max(-most, Math.min(most, value));

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

/** Ground of one slope lets every ball rest or none; only there is a straight shot that does not stop the last word. */
const isUniform = (scene: Scene): boolean => scene.ground.patch(0, 0, patch);

/**
 * Finds head speed and aim for which the ball, played as intended, ends at (targetX, 0).
 *
 * @param scene without hole; hazards are judged afterwards
 * @param fastest head speed that may be asked for
 * @returns the best found with its status: a bracketed root find straight ahead, at most 12 rounds on speed and aim together, and
 *   where they do not settle 13 aims over ±30° and halvings between them. `noStop` where even the best ends more than 0.3 m away.
 */
export function solveFinish(
	intent: Intent,
	scene: Scene,
	targetX: Metres,
	fastest: MetresPerSecond
): Solution {
	const outcome = new Outcome();
	const past = (o: Outcome) => o.finishX - targetX;
	const play = (speed: MetresPerSecond, aim: Radians) =>
		playIntended(intent, scene, speed, aim, outcome);
	const tryAim = (aim: Radians, options: RootOptions, guess: MetresPerSecond | null): AimTried => {
		const solved = solveSpeed(intent, scene, aim, fastest, past, guess, options);
		return { ...solved, aim, side: play(solved.speed, aim).finishZ };
	};
	const straight = tryAim(0, ROOT, null);
	let found = straight;
	if (straight.status === 'solved' && Math.abs(straight.side) > 2 * TOLERANCE) {
		const joint = correctTogether(play, targetX, straight, fastest);
		found = joint ?? scanned(tryAim, straight);
	} else if (straight.status === 'noStop' && !isUniform(scene)) found = scanned(tryAim, straight);
	const { speed, aim } = found;
	play(speed, aim);
	const near = Math.hypot(past(outcome), outcome.finishZ) <= 1.5 * NEAR_ENOUGH;
	const status = found.status === 'solved' && !near ? 'noStop' : found.status;
	return { status, speed, aim, miss: past(outcome), outcome };
}

/** The best of all aims, its head speed found finely. */
function scanned(
	tryAim: (aim: Radians, options: RootOptions, guess: MetresPerSecond | null) => AimTried,
	straight: AimTried
): AimTried {
	const coarse = scanAim((aim) => tryAim(aim, COARSE_ROOT, straight.speed), straight);
	return coarse.status === 'solved' ? tryAim(coarse.aim, ROOT, coarse.speed) : coarse;
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
