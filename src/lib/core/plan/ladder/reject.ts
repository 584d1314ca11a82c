import type { SchoolId } from '../../schools/school';
import type { LieId } from '../../lie/lies';
import { LIES } from '../../lie/lies';
import type { Intent } from '../../player/intent';
import type { Metres, MetresPerSecond, Radians, Ratio } from '../../units';
import { radians } from '../../units';
import {
	acrossLine,
	crestOf,
	segmentAt,
	type Hazard,
	type HazardKind,
	type Situation
} from '../question/situation';
import type { NotWanted } from '../question/wanted';
import type { Solution } from '../../solve/solve';

/** Why a shot is out; the words live where screens and files are made. */
export type Rejection =
	| { code: 'shortOfGreen'; by: Metres }
	| { code: 'notClear'; hazard: Hazard['kind']; by: Metres }
	| { code: 'landsInHazard'; hazard: Hazard['kind'] }
	| { code: 'landsOnSteep'; slope: Ratio }
	| { code: 'noStop' }
	| { code: 'tooFast' }
	| { code: 'tooFarForMeasured'; speed: MetresPerSecond; longest: MetresPerSecond }
	| { code: 'goesPast'; by: Metres }
	| { code: 'bounceOnTight'; bounce: Radians }
	| { code: 'blockedPutt' }
	| NotWanted
	| { code: 'notInSchool'; school: SchoolId };

/** A landing nearer to the edge than this may come down in the fringe (common practice: a couple of feet, no source). */
export const EDGE_MARGIN: Metres = 0.3;
/** Air that must remain over a hazard: less near the ball, where every flight of a club is alike (assumption). */
export const CLEARANCE = { least: 0.02, most: 0.25, from: 5 } satisfies Record<string, Metres>;

/**
 * Air that must remain over something that stands on the line.
 *
 * @param at metres from the ball
 */
export const clearanceAt = (at: Metres): Metres =>
	CLEARANCE.least + (CLEARANCE.most - CLEARANCE.least) * Math.min(1, at / CLEARANCE.from);
/** Least ground beyond a hazard that must remain before the landing (assumption). */
const BEYOND_HAZARD: Metres = 0.4;
/** … and this share of one standard deviation of the player's carry, where that is more (assumption). */
const BEYOND_SHARE = 0.25;
/** A change of slope as steep as this is a ridge or the face of a tier: not a place to land. */
const RIDGE_SLOPE: Ratio = 0.08;
/** Opening a sole with more bounce than this on hard ground blades the ball (common practice, no source). */
const MOST_BOUNCE_TO_OPEN: Radians = radians(9);

/**
 * Judged before anything is computed.
 *
 * @param intent of the play
 * @param lie the ball's
 * @returns null where it can be set up
 */
export function rejectSetup(intent: Intent, lie: LieId): Rejection | null {
	const { club, faceOpen } = intent.play;
	if (LIES[lie].hard && faceOpen > 0 && club.bounce > MOST_BOUNCE_TO_OPEN)
		return { code: 'bounceOnTight', bounce: club.bounce };
	return null;
}

/** What is known of a shot's flight when it is judged. */
export interface Flown {
	/** Height of the drawn flight over a station. */
	heightAt(x: Metres): Metres;
	/** One standard deviation of this player's carry. */
	carrySpread: Metres;
	/** What the ball would run into once it is down; null for nothing. */
	runsInto: HazardKind | null;
}

function rejectHazard(hazard: Hazard, solution: Solution, flown: Flown): Rejection | null {
	const landing = solution.outcome.landingX;
	const end = hazard.to + Math.max(BEYOND_HAZARD, BEYOND_SHARE * flown.carrySpread);
	if (landing >= hazard.from && landing <= end)
		return landing <= hazard.to
			? { code: 'landsInHazard', hazard: hazard.kind }
			: { code: 'notClear', hazard: hazard.kind, by: end - landing };
	if (landing < hazard.from) return null;
	const crest = crestOf(hazard);
	const height = flown.heightAt(crest);
	const wanted = hazard.height + (hazard.height > 0 ? clearanceAt(crest) : 0);
	return height < wanted ? { code: 'notClear', hazard: hazard.kind, by: wanted - height } : null;
}

/** A ball on the ground must not meet anything either. */
function rejectRoll(situation: Situation, solution: Solution, flown: Flown): Rejection | null {
	const { landingX, finishX } = solution.outcome;
	const met = acrossLine(situation.hazards).find(
		(hazard) => hazard.from >= landingX && hazard.from < finishX
	);
	const hazard = met?.kind ?? flown.runsInto;
	return hazard ? { code: 'landsInHazard', hazard } : null;
}

function rejectLanding(situation: Situation, solution: Solution): Rejection | null {
	const { landingX } = solution.outcome;
	const past = landingX - situation.toEdge;
	if (past < EDGE_MARGIN) return { code: 'shortOfGreen', by: EDGE_MARGIN - past };
	const { kind, slopeAlong } = segmentAt(situation, landingX);
	if (kind === 'rough' || kind === 'fringe') return { code: 'landsInHazard', hazard: 'rough' };
	const steep = Math.abs(slopeAlong) >= RIDGE_SLOPE && situation.segments.length > 1;
	return steep || kind === 'tier' || kind === 'ridge'
		? { code: 'landsOnSteep', slope: slopeAlong }
		: null;
}

function rejectPutt(situation: Situation, solution: Solution, flown: Flown): Rejection | null {
	const onLine = acrossLine(situation.hazards).some(
		(hazard) => hazard.from < solution.outcome.finishX
	);
	return onLine || flown.runsInto ? { code: 'blockedPutt' } : null;
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
 * @param flown what is known of its flight and of the player
 * @returns the first reason against it, or null
 */
export function rejectSolution(
	situation: Situation,
	intent: Intent,
	solution: Solution,
	flown: Flown
): Rejection | null {
	const unsolved = rejectSolve(solution);
	if (unsolved) return unsolved;
	if (intent.play.flight === 'putt') return rejectPutt(situation, solution, flown);
	for (const hazard of acrossLine(situation.hazards)) {
		const reason = rejectHazard(hazard, solution, flown);
		if (reason) return reason;
	}
	return rejectRoll(situation, solution, flown) ?? rejectLanding(situation, solution);
}
