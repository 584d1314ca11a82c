import { candidates } from './candidates';
import { heightOnPath, pathOf, type Path } from '../solve/path';
import { rejectSetup, rejectSolution, type Flown, type Rejection } from './reject';
import type { Question } from './question';
import { solveFinish, type Solution } from '../solve/solve';
import { longestMeasured } from './swing';
import type { HazardKind } from './situation';
import { GroundSample } from '../ground/ground';
import { SURFACE, type SurfaceKind } from '../ground/surfaces';
import { flightSetup } from '../setup/flights';
import type { Play } from '../player/intent';
import type { Metres, Ratio } from '../units';

/** One play, solved as if nothing went wrong. */
export interface Rung {
	play: Play;
	solution: Solution;
	/** Station along the line where the ball is to end. */
	target: Metres;
	/** Played at a place that is not the pin. */
	safe: boolean;
	/** Why it would be out if anything else were left; null for a shot that works. */
	against: Rejection | null;
	/** Carry as a share of carry and roll. */
	airShare: Ratio;
	path: Path;
}

export interface RejectedPlay {
	play: Play;
	rejection: Rejection;
	/** Null when it was out before anything was computed. */
	rung: Rung | null;
}

/** The deterministic first answer: every play that works, least air first, and every one that does not, with its reason. */
export interface Ladder {
	rungs: Rung[];
	rejected: RejectedPlay[];
	/** True when nothing works as it should and the least bad had to be let in. */
	compromised: boolean;
}

/** A measured carry may be exceeded by this share before the swing counts as unknown. */
const BEYOND_MEASURED = 1.1;

/** Solves one play for the pin, or for a place that is safer; judged elsewhere. */
export function solveRung(question: Question, play: Play, saferTarget?: Metres): Rung {
	const scene = question.bare;
	const intent = question.intent(play);
	const target = saferTarget ?? question.target;
	const solution = solveFinish(intent, scene, target, question.fastest(play));
	const { carry, roll } = solution.outcome;
	return {
		play,
		solution,
		target,
		safe: saferTarget !== undefined,
		against: null,
		airShare: carry + roll > 0 ? carry / (carry + roll) : 0,
		path: pathOf(intent, scene, solution.speed, solution.aim)
	};
}

function rejectMeasured({ request }: Question, rung: Rung): Rejection | null {
	const longest = longestMeasured(rung.play.club, request.player);
	const { carry } = rung.solution.outcome;
	const known = rung.play.flight === 'standard' && carry > longest * BEYOND_MEASURED;
	return known ? { code: 'tooFarForMeasured', carry, longest } : null;
}

/** Carry grows with about the square of head speed, so one standard deviation of it is twice as large a share. */
const carrySpread = ({ request: { player } }: Question, { play, solution }: Rung): Metres =>
	2 *
	player.dispersion.speed *
	flightSetup(play.flight, player.technique).risk.speed *
	solution.outcome.carry;

const MET: Partial<Record<SurfaceKind, HazardKind>> = {
	[SURFACE.sand]: 'sand',
	[SURFACE.water]: 'water'
};

/** On a map the ball breaks around or into what the straight line misses: the ground under its whole roll is looked at. */
function runsInto(question: Question, { path, solution }: Rung): HazardKind | null {
	if (question.situation.survey?.kinds !== 'map') return null;
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

/** The first reason against a solved rung, or null. */
export function rejectRung(question: Question, rung: Rung): Rejection | null {
	const intent = question.intent(rung.play);
	const flown: Flown = {
		heightAt: (x) => heightOnPath(rung.path, x),
		carrySpread: carrySpread(question, rung),
		runsInto: runsInto(question, rung)
	};
	return (
		rejectSolution(question.situation, intent, rung.solution, flown) ??
		rejectMeasured(question, rung)
	);
}

function judge(question: Question, play: Play): Rung | RejectedPlay {
	const setup = rejectSetup(question.intent(play), question.situation.lie);
	if (setup) return { play, rejection: setup, rung: null };
	const rung = solveRung(question, play);
	const rejection = rejectRung(question, rung);
	return rejection ? { play, rejection, rung } : rung;
}

/** With fewer ways to the pin than this, places behind it are tried too. */
const FEW = 3;
/** Distances past the pin that are tried, as far as the green goes. */
const PAST: readonly Metres[] = [1.5, 3, 5];
const GREEN_MARGIN: Metres = 0.5;

/** The nearest place behind the pin that a play can reach safely; shaped shots are not asked, they are never the safe way. */
function pastThePin(question: Question, play: Play): Rung | null {
	if (play.shape !== 'straight') return null;
	for (const past of PAST) {
		if (past > question.situation.beyondPin - GREEN_MARGIN) return null;
		const rung = solveRung(question, play, question.target + past);
		if (rejectRung(question, rung) === null) return rung;
	}
	return null;
}

/** So many of each kind of fault are let back in when nothing is right; what they cost decides between them. */
const READMITTED = 4;

type Solved = RejectedPlay & { rung: Rung };

const finishOff = ({ pin }: Question, { solution: { outcome } }: Rung): Metres =>
	Math.hypot(outcome.finishX - pin, outcome.finishZ);

/** The best of those that share a fault: the longest of those that land short of the green, else those that end nearest the hole. */
function bestOf(question: Question, alike: readonly Solved[]): Solved[] {
	const short = alike[0]?.rejection.code === 'shortOfGreen';
	const worth = ({ rung }: Solved): number =>
		short ? -rung.solution.outcome.landingX : finishOff(question, rung);
	return [...alike].sort((a, b) => worth(a) - worth(b)).slice(0, READMITTED);
}

/** Lets the least bad back in: a poor shot beats none. Those that merely land short come before those that end in trouble. */
function readmit(question: Question, rungs: Rung[], rejected: RejectedPlay[]): void {
	const solved = rejected.filter((item): item is Solved => item.rung !== null);
	const short = solved.filter(({ rejection }) => rejection.code === 'shortOfGreen');
	const codes = new Set((short.length > 0 ? short : solved).map(({ rejection }) => rejection.code));
	for (const code of codes)
		for (const item of bestOf(
			question,
			solved.filter(({ rejection }) => rejection.code === code)
		)) {
			rungs.push({ ...item.rung, against: item.rejection });
			rejected.splice(rejected.indexOf(item), 1);
		}
}

/**
 * Solves and judges every play the bag and the lie allow.
 *
 * @param plays fewer of them, where a quick look is enough
 * @returns rungs by rising air share. Where hardly anything gets to the pin, places behind it are played to; where all are out,
 *   the least bad are let back in, with what speaks against them; a bag that holds a club always has an answer.
 */
export function buildLadder(
	question: Question,
	plays: readonly Play[] = candidates(question.request.bag, question.situation.lie)
): Ladder {
	const rungs: Rung[] = [];
	const rejected: RejectedPlay[] = [];
	for (const play of plays) {
		const judged = judge(question, play);
		if ('rejection' in judged) rejected.push(judged);
		else rungs.push(judged);
	}
	if (rungs.length < FEW)
		rungs.push(...rejected.flatMap(({ play, rung }) => (rung && pastThePin(question, play)) ?? []));
	const compromised = rungs.length === 0;
	if (compromised) readmit(question, rungs, rejected);
	rungs.sort((a, b) => a.airShare - b.airShare);
	return { rungs, rejected, compromised: compromised && rungs.length > 0 };
}
