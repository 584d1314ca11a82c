import { follow, Outcome, type Scene } from '../ball/simulate';
import { UniformPatch } from '../ground/ground';
import { NO_LUCK } from '../ground/surfaces';
import { BallState } from '../ball/state';
import {
	correctTogether,
	findAim,
	NEAR_ENOUGH,
	TOLERANCE,
	type AimTried,
	type Shooter,
	type SolveStatus
} from './aim';
import { findRoot, type Ends, type RootOptions } from '../math/roots';
import type { Intent } from '../player/intent';
import { strikeAsIntended } from '../player/strike';
import type { Metres, MetresPerSecond, Radians } from '../units';

export interface Solution {
	status: SolveStatus;
	speed: MetresPerSecond;
	aim: Radians;
	/** Past (+) or short (−) of the target along the line. */
	miss: Metres;
	outcome: Outcome;
	/** Searched for, not corrected from a guess: where that went through everything, doing it again finds no more. */
	searched?: boolean;
}

/** What solved a question nearby, to start from. */
export interface Guess {
	speed: MetresPerSecond;
	aim: Radians;
	/** Nothing was found there after a full search: where starting from it leads nowhere either, there is none. */
	hopeless: boolean;
}

/** How a search begins, and how far it goes. */
export interface Start {
	/** What solved the same play for a place nearby: it is corrected, and all the rest is done where that fails. */
	from: Guess | null;
	/** Whether the aims beside the line are looked through where correcting a straight shot leads nowhere. */
	around: boolean;
}

/** From nothing, through everything. */
export const ANEW: Start = { from: null, around: true };

export const SLOWEST: MetresPerSecond = 1;
const SCAN = 9;
/** Head speeds so near to each other do not end so far apart but where the ground jumps. */
const GAP = { width: 0.01, size: NEAR_ENOUGH };
export const ROOT: RootOptions = { tolerance: TOLERANCE, width: 1e-6, maxIterations: 40, gap: GAP };
/** Good enough to tell one aim from another. */
const COARSE_ROOT: RootOptions = { tolerance: 0.05, width: 2e-3, maxIterations: 14, gap: GAP };

const ball = new BallState();
const patch = new UniformPatch();

/**
 * One ball as intended.
 *
 * @param intent of the play
 * @param scene ground, air and obstacles
 * @param speed of the head, m/s
 * @param aim + to the right, radians
 * @param out is overwritten
 */
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

/** An interval of speeds, and a measure at its ends. */
interface Bracket {
	low: MetresPerSecond;
	high: MetresPerSecond;
	ends: Ends;
}

/** The slowest or the fastest swing, where that is not slow or fast enough, and the measure there. */
interface OutOfReach {
	status: 'tooFar' | 'tooNear';
	speed: MetresPerSecond;
	miss: Metres;
}

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
	const short = f(low);
	if (!(short < 0)) return null;
	const past = f(high);
	return past >= 0 ? { low, high, ends: [short, past] } : null;
}

/** First speed interval in which `f` turns from negative to positive, or the end it never passes. */
function bracket(f: (speed: number) => number, fastest: MetresPerSecond): Bracket | OutOfReach {
	const ratio = (fastest / SLOWEST) ** (1 / SCAN);
	let low = SLOWEST;
	let short = f(low);
	if (short > 0) return { status: 'tooNear', speed: low, miss: short };
	for (let i = 1; i <= SCAN; i++) {
		const high = i === SCAN ? fastest : low * ratio;
		const past = f(high);
		if (past >= 0) return { low, high, ends: [short, past] };
		low = high;
		short = past;
	}
	return { status: 'tooFar', speed: fastest, miss: short };
}

/** Head speeds of a putt over a bank are looked at in steps of this, up to so much faster than the first that is found. */
const PUTT_STEP = 1.08;
export const OTHER_PUTT = 1.6;

/**
 * A putt over a bank may end at one place with two head speeds: it rolls down the bank, or hops over it. Of the two intervals
 * the one in which the finish asks less of the speed.
 */
function bracketOfPutt(
	f: (speed: number) => number,
	fastest: MetresPerSecond
): ReturnType<typeof bracket> {
	const first = bracket(f, fastest);
	if ('status' in first) return first;
	const most = Math.min(fastest, first.high * OTHER_PUTT);
	let found: Bracket = first;
	let steepest = Infinity;
	let { low } = first;
	let [short] = first.ends;
	while (low < most) {
		const high = Math.min(most, low * PUTT_STEP);
		const past = f(high);
		const rise = (past - short) / Math.log(high / low);
		if (short < 0 && past >= 0 && rise < steepest) {
			found = { low, high, ends: [short, past] };
			steepest = rise;
		}
		low = high;
		short = past;
	}
	return found;
}

/**
 * Finds the head speed for which a measure of the ball's outcome reaches zero, for a fixed aim.
 *
 * @param measure of the outcome, rising with head speed
 * @param guess the answer for a neighbouring question
 * @returns with the outcome of that head speed
 */
function solveSpeed(
	intent: Intent,
	scene: Scene,
	aim: Radians,
	fastest: MetresPerSecond,
	measure: (outcome: Outcome) => number,
	guess: MetresPerSecond | null = null,
	options: RootOptions = ROOT
): Pick<Solution, 'status' | 'speed' | 'miss' | 'outcome'> {
	const outcome = new Outcome();
	let played: MetresPerSecond = NaN;
	const f = (speed: number) => measure(playIntended(intent, scene, (played = speed), aim, outcome));
	const near = guess === null ? null : bracketNear(f, guess, fastest);
	const found = near ?? (intent.play.club.putter ? bracketOfPutt : bracket)(f, fastest);
	if ('status' in found) return { ...found, outcome };
	const root = findRoot(f, found.low, found.high, options, found.ends);
	if (played !== root.x) f(root.x);
	const ended = root.status === 'converged' || Math.abs(root.residual) < NEAR_ENOUGH;
	return { status: ended ? 'solved' : 'noStop', speed: root.x, miss: root.residual, outcome };
}

/** Ground of one slope lets every ball rest or none; only there is a straight shot that does not stop the last word. */
const isUniform = (scene: Scene): boolean => scene.ground.patch(0, 0, patch);

function search(shooter: Shooter, scene: Scene, around: boolean): AimTried {
	const straight = shooter.tryAim(0, false, null);
	// Where nothing turned the ball the ground is alike to both sides: turning the aim finds no other place to stop.
	const turned = straight.side !== 0 && !isUniform(scene);
	const searchable = straight.status === 'noStop' ? turned : straight.status === 'solved';
	return searchable ? findAim(shooter, straight, around) : straight;
}

/** A guess that is any good settles in so many rounds; one that led nowhere last time is given fewer. */
const GUESS_ROUNDS = 6;
const HOPELESS_ROUNDS = 3;

/** Corrects a guess; null where that does not settle and there may be more to find. */
function startFrom(shooter: Shooter, { speed, aim, hopeless }: Guess): AimTried | null {
	const { finishX, finishZ } = shooter.play(speed, aim);
	const guessed = { speed, aim, miss: finishX - shooter.targetX, side: finishZ };
	const rounds = hopeless ? HOPELESS_ROUNDS : GUESS_ROUNDS;
	const settled = correctTogether(shooter, { ...guessed, status: 'solved' }, rounds);
	return settled ?? (hopeless ? { ...guessed, status: 'noStop' } : null);
}

/**
 * Finds head speed and aim for which the ball, played as intended, ends at (targetX, 0).
 *
 * @param scene without hole; hazards are judged afterwards
 * @param fastest head speed that may be asked for
 * @param start what to begin with
 * @returns the best found with its status: a bracketed root find straight ahead, then the searches of `aim.ts`. `noStop` where even
 *   the best ends more than 0.45 m away.
 */
export function solveFinish(
	intent: Intent,
	scene: Scene,
	targetX: Metres,
	fastest: MetresPerSecond,
	{ from, around }: Start = ANEW
): Solution {
	const outcome = new Outcome();
	const past = (o: Outcome) => o.finishX - targetX;
	const play: Shooter['play'] = (speed, aim) => playIntended(intent, scene, speed, aim, outcome);
	const tryAim: Shooter['tryAim'] = (aim, coarse, guess) => {
		const root = coarse ? COARSE_ROOT : ROOT;
		const { outcome: ended, ...solved } = solveSpeed(
			intent,
			scene,
			aim,
			fastest,
			past,
			guess,
			root
		);
		return { ...solved, aim, side: ended.finishZ };
	};
	const shooter: Shooter = { targetX, slowest: SLOWEST, fastest, play, tryAim };
	const begun = from && startFrom(shooter, from);
	const found = begun ?? search(shooter, scene, around);
	const { speed, aim } = found;
	play(speed, aim);
	const near = Math.hypot(past(outcome), outcome.finishZ) <= 1.5 * NEAR_ENOUGH;
	const status = found.status === 'solved' && !near ? 'noStop' : found.status;
	return { status, speed, aim, miss: past(outcome), outcome, searched: begun === null };
}

/**
 * Finds the head speed that carries to a landing spot, whatever the ball does afterwards.
 *
 * @param intent of the play
 * @param scene ground, air and obstacles
 * @param carry wanted, metres, above 0
 * @param fastest head speed that is tried, m/s
 * @param aim + to the right, radians
 */
export function solveCarry(
	intent: Intent,
	scene: Scene,
	carry: Metres,
	fastest: MetresPerSecond,
	aim: Radians = 0
): Solution {
	return { ...solveSpeed(intent, scene, aim, fastest, (o) => o.landingX - carry), aim };
}
