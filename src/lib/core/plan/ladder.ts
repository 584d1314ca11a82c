import { sceneOf } from './scene';
import { candidates } from './candidates';
import { heightOnPath, pathOf, type Path } from './path';
import { rejectSetup, rejectSolution, type Flown, type Rejection } from './reject';
import { fastestSwing, type PlanRequest } from './request';
import { solveFinish, type Solution } from './solve';
import { longestMeasured } from './swing';
import type { HazardKind, Situation } from './situation';
import { pinTarget } from './target';
import { GroundSample } from '../ground/ground';
import { SURFACE, type SurfaceKind } from '../ground/surfaces';
import { flightSetup } from '../setup/flights';
import { intend, type Intent, type Play } from '../player/intent';
import type { Metres, Ratio } from '../units';

/** One play, solved as if nothing went wrong. */
export interface Rung {
	play: Play;
	solution: Solution;
	/** Station along the line where the ball is to end; the pin or a safer place. */
	target: Metres;
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
	/** True when nothing lands safely on the green and the shots that land short of it had to be let in. */
	compromised: boolean;
}

/** A measured carry may be exceeded by this share before the swing counts as unknown. */
const BEYOND_MEASURED = 1.1;

export const intentOf = (request: PlanRequest, play: Play): Intent =>
	intend(play, request.situation, request.player.technique, request.player.hand);

/** Solves one play for a target; judged elsewhere. */
export function solveRung(request: PlanRequest, play: Play, target: Metres): Rung {
	const scene = sceneOf(request.situation, { hazards: false, hole: false });
	const intent = intentOf(request, play);
	const solution = solveFinish(intent, scene, target, fastestSwing(play.club, request.player));
	const { carry, roll } = solution.outcome;
	return {
		play,
		solution,
		target,
		airShare: carry + roll > 0 ? carry / (carry + roll) : 0,
		path: pathOf(intent, scene, solution.speed, solution.aim)
	};
}

function rejectMeasured(request: PlanRequest, rung: Rung): Rejection | null {
	const longest = longestMeasured(rung.play.club, request.player);
	const { carry } = rung.solution.outcome;
	const known = rung.play.flight === 'standard' && carry > longest * BEYOND_MEASURED;
	return known ? { code: 'tooFarForMeasured', carry, longest } : null;
}

/** Carry grows with about the square of head speed, so one standard deviation of it is twice as large a share. */
const carrySpread = ({ player }: PlanRequest, { play, solution }: Rung): Metres =>
	2 *
	player.dispersion.speed *
	flightSetup(play.flight, player.technique).risk.speed *
	solution.outcome.carry;

const MET: Partial<Record<SurfaceKind, HazardKind>> = {
	[SURFACE.sand]: 'sand',
	[SURFACE.water]: 'water'
};

/** On a map the ball breaks around or into what the straight line misses: the ground under its whole roll is looked at. */
function runsInto(situation: Situation, { path, solution }: Rung): HazardKind | null {
	if (situation.survey?.kinds !== 'map') return null;
	const { ground } = sceneOf(situation, { hazards: true, hole: false });
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
export function rejectRung(request: PlanRequest, rung: Rung): Rejection | null {
	const intent = intentOf(request, rung.play);
	const flown: Flown = {
		heightAt: (x) => heightOnPath(rung.path, x),
		carrySpread: carrySpread(request, rung),
		runsInto: runsInto(request.situation, rung)
	};
	return (
		rejectSolution(request.situation, intent, rung.solution, flown) ?? rejectMeasured(request, rung)
	);
}

function judge(request: PlanRequest, play: Play): Rung | RejectedPlay {
	const setup = rejectSetup(intentOf(request, play), request.situation.lie);
	if (setup) return { play, rejection: setup, rung: null };
	const rung = solveRung(request, play, pinTarget(request.situation));
	const rejection = rejectRung(request, rung);
	return rejection ? { play, rejection, rung } : rung;
}

/** With fewer ways to the pin than this, places behind it are tried too. */
const FEW = 3;
/** Distances past the pin that are tried, as far as the green goes. */
const PAST: readonly Metres[] = [1.5, 3, 5];
const GREEN_MARGIN: Metres = 0.5;

/** The nearest place behind the pin that a play can reach safely; shaped shots are not asked, they are never the safe way. */
function pastThePin(request: PlanRequest, play: Play): Rung | null {
	const { situation } = request;
	if (play.shape !== 'straight') return null;
	for (const past of PAST) {
		if (past > situation.beyondPin - GREEN_MARGIN) return null;
		const rung = solveRung(request, play, pinTarget(situation) + past);
		if (rejectRung(request, rung) === null) return rung;
	}
	return null;
}

/** Nearest to the green first: these are what is left when nothing is right. */
const READMITTED = 4;

function readmit(rungs: Rung[], rejected: RejectedPlay[]): void {
	const short = rejected
		.filter(({ rejection, rung }) => rung && rejection.code === 'shortOfGreen')
		.sort((a, b) => b.rung!.solution.outcome.landingX - a.rung!.solution.outcome.landingX)
		.slice(0, READMITTED);
	for (const item of short) {
		rungs.push(item.rung!);
		rejected.splice(rejected.indexOf(item), 1);
	}
}

/**
 * Solves and judges every play the bag and the lie allow.
 *
 * @param plays fewer of them, where a quick look is enough
 * @returns rungs by rising air share. Where hardly anything gets to the pin, places behind it are played to; where all are out,
 *   those that merely land short of the green are let back in: a poor shot beats none.
 */
export function buildLadder(
	request: PlanRequest,
	plays: readonly Play[] = candidates(request.bag, request.situation.lie)
): Ladder {
	const rungs: Rung[] = [];
	const rejected: RejectedPlay[] = [];
	for (const play of plays) {
		const judged = judge(request, play);
		if ('rejection' in judged) rejected.push(judged);
		else rungs.push(judged);
	}
	if (rungs.length < FEW)
		rungs.push(...rejected.flatMap(({ play, rung }) => (rung && pastThePin(request, play)) ?? []));
	const compromised = rungs.length === 0;
	if (compromised) readmit(rungs, rejected);
	rungs.sort((a, b) => a.airShare - b.airShare);
	return { rungs, rejected, compromised: compromised && rungs.length > 0 };
}
