import type { SchoolId } from '../schools/school';
import type { LieId } from '../lie/lies';
import { LIES } from '../lie/lies';
import type { Intent } from '../player/intent';
import type { Metres, Radians, Ratio } from '../units';
import { radians } from '../units';
import { crestOf, slopeAt, type Hazard, type Situation } from './situation';
import type { Solution } from './solve';

/** Why a shot is out; the words live where screens and files are made. */
export type Rejection =
	| { code: 'shortOfGreen'; by: Metres }
	| { code: 'notClear'; hazard: Hazard['kind']; by: Metres }
	| { code: 'landsInHazard'; hazard: Hazard['kind'] }
	| { code: 'landsOnSteep'; slope: Ratio }
	| { code: 'noStop' }
	| { code: 'tooFast' }
	| { code: 'tooFarForMeasured'; carry: Metres; longest: Metres }
	| { code: 'goesPast'; by: Metres }
	| { code: 'bounceOnTight'; bounce: Radians }
	| { code: 'blockedPutt' }
	| { code: 'grabsPutt' }
	| { code: 'notInSchool'; school: SchoolId };

/** A landing nearer to the edge than this may come down in the fringe (common practice: a couple of feet, no source). */
export const EDGE_MARGIN: Metres = 0.3;
/** Air that must remain over a hazard (assumption). */
export const CLEARANCE: Metres = 0.25;
/** Ground beyond a hazard that must remain before the landing (assumption). */
export const BEYOND_HAZARD: Metres = 0.4;
/** A change of slope as steep as this is a ridge or the face of a tier: not a place to land. */
const RIDGE_SLOPE: Ratio = 0.08;
/** Opening a sole with more bounce than this on hard ground blades the ball (common practice, no source). */
const MOST_BOUNCE_TO_OPEN: Radians = radians(9);

/** Judged before anything is computed. */
export function rejectSetup(intent: Intent, lie: LieId): Rejection | null {
	const { club, faceOpen } = intent.play;
	if (LIES[lie].hard && faceOpen > 0 && club.bounce > MOST_BOUNCE_TO_OPEN)
		return { code: 'bounceOnTight', bounce: club.bounce };
	return null;
}

/** Height of the drawn flight over a station. */
export type HeightAt = (x: Metres) => Metres;

function rejectHazard(hazard: Hazard, solution: Solution, heightAt: HeightAt): Rejection | null {
	const landing = solution.outcome.landingX;
	const end = hazard.to + BEYOND_HAZARD;
	if (landing >= hazard.from && landing <= end)
		return landing <= hazard.to
			? { code: 'landsInHazard', hazard: hazard.kind }
			: { code: 'notClear', hazard: hazard.kind, by: end - landing };
	if (landing < hazard.from) return null;
	const height = heightAt(crestOf(hazard));
	const wanted = hazard.height + (hazard.height > 0 ? CLEARANCE : 0);
	return height < wanted ? { code: 'notClear', hazard: hazard.kind, by: wanted - height } : null;
}

/** A ball on the ground must not meet anything either. */
function rejectRoll(situation: Situation, solution: Solution): Rejection | null {
	const { landingX, finishX } = solution.outcome;
	const met = situation.hazards.find((hazard) => hazard.from >= landingX && hazard.from < finishX);
	return met ? { code: 'landsInHazard', hazard: met.kind } : null;
}

function rejectLanding(situation: Situation, solution: Solution): Rejection | null {
	const { landingX } = solution.outcome;
	const past = landingX - situation.toEdge;
	if (past < EDGE_MARGIN) return { code: 'shortOfGreen', by: EDGE_MARGIN - past };
	const slope = slopeAt(situation, landingX);
	return Math.abs(slope) >= RIDGE_SLOPE && situation.segments.length > 1
		? { code: 'landsOnSteep', slope }
		: null;
}

/** Grass between ball and edge that a putt may have to cross, by how it is cut (common practice, no source). */
const PUTTABLE_FRINGE: Record<Situation['fringe'], Metres> = {
	smooth: Infinity,
	grainy: 1.2,
	rough: 0.3
};

function rejectPutt(situation: Situation, solution: Solution): Rejection | null {
	if (situation.hazards.some((hazard) => hazard.from < solution.outcome.finishX))
		return { code: 'blockedPutt' };
	return situation.toEdge > PUTTABLE_FRINGE[situation.fringe] ? { code: 'grabsPutt' } : null;
}

function rejectSolve(solution: Solution): Rejection | null {
	if (solution.status === 'tooFar') return { code: 'tooFast' };
	if (solution.status === 'tooNear') return { code: 'goesPast', by: solution.miss };
	if (solution.status === 'noStop') return { code: 'noStop' };
	return null;
}

/**
 * Judges a solved shot.
 *
 * @param heightAt height of its flight over a station
 * @returns the first reason against it, or null
 */
export function rejectSolution(
	situation: Situation,
	intent: Intent,
	solution: Solution,
	heightAt: HeightAt
): Rejection | null {
	const unsolved = rejectSolve(solution);
	if (unsolved) return unsolved;
	if (intent.play.flight === 'putt') return rejectPutt(situation, solution);
	for (const hazard of situation.hazards) {
		const reason = rejectHazard(hazard, solution, heightAt);
		if (reason) return reason;
	}
	return rejectRoll(situation, solution) ?? rejectLanding(situation, solution);
}
