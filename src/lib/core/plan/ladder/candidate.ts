import { Outcome } from '../../ball/simulate';
import { GroundSample } from '../../ground/ground';
import { SURFACE, type SurfaceKind } from '../../ground/surfaces';
import type { Play } from '../../player/intent';
import { dispersionWith } from '../../player/player';
import { flightSetup } from '../../setup/flights';
import { otherFinishes } from '../../solve/otherFinishes';
import { heightOnPath, pathOf, type Path } from '../../solve/path';
import {
	ANEW,
	playIntended,
	solveFinish,
	type Guess,
	type Solution,
	type Start
} from '../../solve/solve';
import type { Metres, Ratio } from '../../units';
import type { Question } from '../question/question';
import { rejectSolution, type Flown, type Rejection } from './reject';
import type { HazardKind, Situation } from '../question/situation';
import { notWanted } from '../question/wanted';
import { fastestMeasured } from './swing';

/** One play, solved as if nothing went wrong. */
export interface Candidate {
	play: Play;
	solution: Solution;
	/** Station along the line where the ball is to end. */
	target: Metres;
	/** How far to the side it is meant to end, + right. */
	side: Metres;
	/** Played at a place that is not the pin. */
	safe: boolean;
	/** Why it would be out if anything else were left; null for a shot that works. */
	against: Rejection | null;
	/** Carry as a share of carry and roll. */
	airShare: Ratio;
	/** Empty where no swing was found that does it, until it is drawn; see `drawn`. */
	path: Path;
}

/** A measured swing may be exceeded by this share of its head speed before the swing counts as unknown. */
const BEYOND_MEASURED = 1.25;

const drawnPath = (question: Question, play: Play, { speed, aim }: Solution): Path =>
	pathOf(question.intent(play), question.bare, speed, aim);

function candidateOf(
	question: Question,
	play: Play,
	target: Metres,
	solution: Solution
): Candidate {
	const { carry, roll } = solution.outcome;
	const worksOut = solution.status === 'solved';
	return {
		play,
		solution,
		target,
		side: 0,
		safe: Math.abs(target - question.target) > 1e-9,
		against: null,
		airShare: carry + roll > 0 ? carry / (carry + roll) : 0,
		path: worksOut ? drawnPath(question, play, solution) : []
	};
}

/**
 * With its path, whether it works or not.
 *
 * @param question opened
 * @param candidate solved or not
 */
export const drawn = (question: Question, candidate: Candidate): Candidate =>
	candidate.path.length > 0
		? candidate
		: { ...candidate, path: drawnPath(question, candidate.play, candidate.solution) };

/**
 * Solves one play; judged elsewhere.
 *
 * @param target station where the ball is to end, the pin's own where it is left out
 * @param start what to begin with, from nothing where it is left out
 */
export function solveCandidate(
	question: Question,
	play: Play,
	target: Metres = question.target,
	start: Start = ANEW
): Candidate {
	const intent = question.intent(play);
	const solution = solveFinish(intent, question.bare, target, question.fastest(play), start);
	return candidateOf(question, play, target, solution);
}

/**
 * The other ways in which a play ends at the place of a candidate: softer down a bank, or harder over it.
 *
 * @param question opened
 * @param candidate solved for its target
 */
export function otherWays(question: Question, { play, target, solution }: Candidate): Candidate[] {
	if (isEven(question.situation)) return [];
	const intent = question.intent(play);
	const fastest = question.fastest(play);
	const found = otherFinishes(intent, question.bare, target, fastest, solution);
	return found.map((other) => candidateOf(question, play, target, other));
}

/** On ground of one slope, reached without a bank or a change of grass, whoever swings harder ends farther. */
const isEven = ({ rise, segments, grass, survey }: Situation): boolean =>
	rise === 0 && segments.length === 1 && grass.length === 1 && survey === undefined;

/**
 * The same shot turned so that it ends to one side of where it did, right (+) or left (−).
 *
 * @param question opened
 * @param candidate solved for its target
 * @param side metres to the right of the target, − to the left
 */
export function leanTo(
	question: Question,
	{ play, solution, target }: Candidate,
	side: Metres
): Candidate {
	const { speed } = solution;
	const aim = solution.aim + Math.atan2(side, target);
	const outcome = playIntended(question.intent(play), question.bare, speed, aim, new Outcome());
	return {
		...candidateOf(question, play, target, { ...solution, aim, outcome }),
		side,
		safe: true
	};
}

/**
 * A putt over a bank that ends so far short of where one at the pin is meant to, or past it, is still played at the pin: half its balls hop
 * and run on, and the middle one may be of the other half.
 */
const AT_THE_PIN = { short: 2, past: 1 } satisfies Record<string, Metres>;

/** A play as it was struck. */
type Struck = Pick<Candidate, 'play'> & { solution: Pick<Solution, 'speed' | 'aim'> };

/**
 * The same shot struck harder or softer: at the pin where it ends about there, else to where it then ends.
 *
 * @param question opened
 * @param candidate solved
 * @param harder factor on the head speed
 */
export function struck(question: Question, { play, solution }: Struck, harder: Ratio): Candidate {
	const { aim } = solution;
	const speed = solution.speed * harder;
	const outcome = playIntended(question.intent(play), question.bare, speed, aim, new Outcome());
	const off = outcome.finishX - question.target;
	const atPin = off > -AT_THE_PIN.short && off < AT_THE_PIN.past;
	const target = atPin ? question.target : outcome.finishX;
	const miss = outcome.finishX - target;
	return candidateOf(question, play, target, { status: 'solved', speed, aim, miss, outcome });
}

/**
 * Where to start from for the same play at a place nearby.
 *
 * @param candidate solved
 * @returns `hopeless` where the search found no place to stop
 */
export const guessFrom = ({ solution: { speed, aim, status } }: Candidate): Guess => ({
	speed,
	aim,
	hopeless: status === 'noStop'
});

/** Whatever its flight, a shot that asks for a swing far past any measured with this club is a guess. */
function rejectMeasured({ request }: Question, { play, solution }: Candidate): Rejection | null {
	const longest = fastestMeasured(play.club, request.player);
	const { speed } = solution;
	return speed > longest * BEYOND_MEASURED ? { code: 'tooFarForMeasured', speed, longest } : null;
}

/** Carry grows with about the square of head speed, so one standard deviation of it is twice as large a share. */
const carrySpread = ({ request: { player } }: Question, { play, solution }: Candidate): Metres =>
	2 *
	dispersionWith(play.club, player).speed *
	flightSetup(play.flight, player.technique).risk.speed *
	solution.outcome.carry;

const MET: Partial<Record<SurfaceKind, HazardKind>> = {
	[SURFACE.sand]: 'sand',
	[SURFACE.water]: 'water'
};

/** A ball may break around or into what the straight line misses: the ground under its whole roll is looked at. */
function runsInto(question: Question, { path, solution }: Candidate): HazardKind | null {
	const { survey, hazards } = question.situation;
	if (survey?.kinds !== 'map' && hazards.every(({ beside }) => !beside)) return null;
	const { ground } = question.obstructed;
	const under = new GroundSample();
	for (const [t, x, , z] of path) {
		if (t < solution.outcome.flightTime - 1e-6) continue;
		ground.sample(x, z, under);
		const met = MET[under.kind];
		if (met) return met;
	}
	return null;
}

/**
 * The first reason against a solved candidate, or null.
 *
 * @param question opened
 * @param candidate solved
 * @returns null where nothing speaks against it
 */
export function rejectCandidate(question: Question, candidate: Candidate): Rejection | null {
	const other = notWanted(question.wanted, candidate);
	if (other) return other;
	const intent = question.intent(candidate.play);
	const flown: Flown = {
		heightAt: (x) => heightOnPath(candidate.path, x),
		carrySpread: carrySpread(question, candidate),
		runsInto: runsInto(question, candidate)
	};
	return (
		rejectSolution(question.situation, intent, candidate.solution, flown) ??
		rejectMeasured(question, candidate)
	);
}
