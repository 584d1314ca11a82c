import { Outcome } from '../ball/simulate';
import { findRoot } from '../math/roots';
import type { Intent } from '../player/intent';
import type { School, SchoolAdvice, SchoolFacts, SchoolId } from '../schools/school';
import { SCHOOLS } from '../schools/registry';
import { straight } from '../schools/school';
import { nearestByLoft } from '../club/club';
import { fromFeet, radians, type Metres, type Ratio } from '../units';
import { intentOf } from './ladder';
import { fastestSwing, type PlanRequest } from './request';
import { sceneOf } from './scene';
import { pinDistance, slopeAt, type Situation } from './situation';
import { playIntended, solveCarry } from './solve';

/** What one rule of thumb says here, and what would become of its ball. */
export interface SchoolCall {
	id: SchoolId;
	advice: SchoolAdvice;
	/** Past (+) or short (−) of the hole along the line. */
	missAtHole: Metres;
	/** Whether a hazard or a wall of ground stops the ball. */
	blocked: boolean;
	/** Green speed at which the rule would be right here; null when no speed makes it so. */
	holdsAt: Metres | null;
}

/** The trade lands it a couple of feet to three paces past the edge; the rules here take one pace, or less on a short green. */
const SPOT_PAST_EDGE: Metres = 0.9;
const SPOT_SHARE_OF_GREEN = 0.4;
const SLOWEST_GREEN = fromFeet(4);
const FASTEST_GREEN = fromFeet(16);
/** Carry from which the wedge of the day's percentage is measured. */
const PERCENTAGE_CARRY: Metres = 5;

/** Landing spot the rules are asked about. */
export const ruleSpot = (situation: Situation): Metres =>
	situation.toEdge + Math.min(SPOT_PAST_EDGE, situation.edgeToPin * SPOT_SHARE_OF_GREEN);

const levelled = (situation: Situation): Situation => ({
	...situation,
	lie: 'fairway',
	wet: false,
	toEdge: 1,
	rise: 0,
	hazards: [],
	survey: undefined,
	segments: [{ length: 100, slopeAlong: 0, slopeAcross: 0 }]
});

/** Share in the air that a pitching wedge shows on a level part of today's greens. */
function todaysAirShare(request: PlanRequest): Ratio {
	const club = nearestByLoft(request.bag, radians(46));
	if (!club) return 0.5;
	const level = { ...request, situation: levelled(request.situation) };
	const scene = sceneOf(level.situation, { hazards: false, hole: false });
	const intent = intentOf(level, straight(club));
	const { outcome } = solveCarry(
		intent,
		scene,
		PERCENTAGE_CARRY,
		fastestSwing(club, request.player)
	);
	return outcome.carry / (outcome.carry + outcome.roll);
}

/** What the rules are told of a request. */
export function schoolFacts(request: PlanRequest): SchoolFacts {
	const { situation, bag } = request;
	const spot = ruleSpot(situation);
	const total = pinDistance(situation);
	return {
		spot,
		total,
		rollFromSpot: total - spot,
		slope: slopeAt(situation, (spot + total) / 2),
		bag,
		todaysAirShare: todaysAirShare(request)
	};
}

/** Green speed that brings this shot to the hole. */
function holdsAt(request: PlanRequest, intent: Intent, speed: number): Metres | null {
	const out = new Outcome();
	const miss = (greenSpeed: Metres) => {
		const scene = sceneOf({ ...request.situation, greenSpeed }, { hazards: false, hole: false });
		return playIntended(intent, scene, speed, 0, out).finishX - pinDistance(request.situation);
	};
	const root = findRoot(miss, SLOWEST_GREEN, FASTEST_GREEN, {
		tolerance: 0.02,
		width: 1e-3,
		maxIterations: 30
	});
	return root.status === 'converged' ? root.x : null;
}

function callOf(school: School, facts: SchoolFacts, request: PlanRequest): SchoolCall | null {
	const advice = school.advise(facts);
	if (!advice) return null;
	const intent = intentOf(request, advice.play);
	const fastest = fastestSwing(advice.play.club, request.player);
	const bare = sceneOf(request.situation, { hazards: false, hole: false });
	const { speed } = solveCarry(intent, bare, advice.carry, fastest);
	const real = sceneOf(request.situation, { hazards: true, hole: false });
	const free = playIntended(intent, bare, speed, 0, new Outcome()).finishX;
	const stopped = playIntended(intent, real, speed, 0, new Outcome()).finishX;
	return {
		id: school.id,
		advice,
		missAtHole: stopped - pinDistance(request.situation),
		blocked: Math.abs(stopped - free) > 0.5,
		holdsAt: holdsAt(request, intent, speed)
	};
}

/** Asks every school. Those whose clubs the bag lacks do not answer. */
export function callSchools(request: PlanRequest): SchoolCall[] {
	const facts = schoolFacts(request);
	return SCHOOLS.flatMap((school) => callOf(school, facts, request) ?? []);
}
