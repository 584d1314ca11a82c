import { Outcome } from '../../ball/simulate';
import { findRoot } from '../../math/roots';
import { LIES, type LieId } from '../../lie/lies';
import { LEVEL_STANCE } from '../../lie/stance';
import { straight, type Intent } from '../../player/intent';
import type { Beyond, School, SchoolAdvice, SchoolFacts, SchoolId } from '../../schools/school';
import { SCHOOLS } from '../../schools/registry';

import { nearestByLoft } from '../../club/club';
import { fromFeet, radians, type Metres, type Ratio } from '../../units';
import type { Question } from '../question/question';
import { sceneOf } from '../question/scene';
import { groundToAir } from '../question/shotKind';
import { slopeAt, type Situation } from '../question/situation';
import { playIntended, solveCarry } from '../../solve/solve';

/** What one rule of thumb says here, and what would become of its ball. */
export interface SchoolCall {
	id: SchoolId;
	advice: SchoolAdvice;
	/** Ground over air of its ball here; null for one that never flew. */
	ratio: Ratio | null;
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

/**
 * Landing spot the rules are asked about.
 *
 * @param situation as asked
 * @returns metres from the ball
 */
export const ruleSpot = (situation: Situation): Metres =>
	situation.toEdge + Math.min(SPOT_PAST_EDGE, situation.edgeToPin * SPOT_SHARE_OF_GREEN);

const levelled = (situation: Situation): Situation => ({
	...situation,
	lie: 'fairway',
	wet: false,
	toEdge: 1,
	edgeToPin: 60,
	beyondPin: 40,
	grass: [{ kind: 'smooth', length: 1 }],
	grain: 'none',
	air: { ...situation.air, windAlong: 0, windAcross: 0 },
	rise: 0,
	hazards: [],
	stance: LEVEL_STANCE,
	width: undefined,
	survey: undefined,
	segments: [{ length: 100, slopeAlong: 0, slopeAcross: 0 }]
});

/** Share in the air that a pitching wedge shows on a level part of today's greens: of the day, whatever shot is asked about. */
function todaysAirShare(question: Question): Ratio {
	const club = nearestByLoft(question.clubs, radians(46));
	if (!club) return 0.5;
	const level = question.within(levelled(question.situation));
	const play = straight(club);
	const { outcome } = solveCarry(
		level.intent(play),
		level.bare,
		PERCENTAGE_CARRY,
		level.fastest(play)
	);
	return outcome.carry / (outcome.carry + outcome.roll);
}

/**
 * What the rules are told of a request.
 *
 * @param question opened
 */
export function schoolFacts(question: Question): SchoolFacts {
	const { situation, clubs: bag } = question;
	const spot = ruleSpot(situation);
	const total = question.pin;
	return {
		spot,
		total,
		rollFromSpot: total - spot,
		slope: slopeAt(situation, (spot + total) / 2),
		bag,
		todaysAirShare: todaysAirShare(question)
	};
}

/** Green speed that brings this shot to the hole. */
function holdsAt({ situation, pin }: Question, intent: Intent, speed: number): Metres | null {
	const out = new Outcome();
	const miss = (greenSpeed: Metres) => {
		const scene = sceneOf({ ...situation, greenSpeed }, { hazards: false, hole: false });
		return playIntended(intent, scene, speed, 0, out).finishX - pin;
	};
	const root = findRoot(miss, SLOWEST_GREEN, FASTEST_GREEN, {
		tolerance: 0.02,
		width: 1e-3,
		maxIterations: 30
	});
	return root.status === 'converged' ? root.x : null;
}

/** The rules were made for chips and short pitches from clean lies. */
const LONGEST_CARRY: Metres = 18;
const UNCLEAN: ReadonlySet<LieId> = new Set(['sitting-down', 'semi-rough', 'deep-rough']);

/** Why a rule is used here outside what it was made for: by the lie, by its own word, or by the length. */
function outsideOf({ lie }: Situation, { beyond, carry }: SchoolAdvice): SchoolAdvice['beyond'] {
	if (lie === 'sand') return 'madeForGrass';
	if (UNCLEAN.has(lie)) return 'madeForCleanLies';
	return beyond ?? (carry > LONGEST_CARRY ? 'carryTooLong' : null);
}

/**
 * Why a pupil's school does not bind here: its rule was made for other shots, or does not hold by its own word.
 *
 * @param question opened
 * @param school the pupil's
 * @param facts what the rules are told
 * @returns null where it binds
 */
export function beyondSchool(
	{ situation }: Question,
	school: School,
	facts: SchoolFacts
): Beyond | null {
	if (LIES[situation.lie].sand) return 'madeForGrass';
	return school.advise(facts)?.beyond ?? null;
}

/**
 * Asks one school.
 *
 * @param facts what the rules are told of the question
 * @returns null where the bag lacks its clubs
 */
export function callSchool(
	school: School,
	facts: SchoolFacts,
	question: Question
): SchoolCall | null {
	const said = school.advise(facts);
	if (!said) return null;
	const advice = { ...said, beyond: outsideOf(question.situation, said) };
	const intent = question.intent(advice.play);
	const { bare, obstructed } = question;
	const { speed } = solveCarry(intent, bare, advice.carry, question.fastest(advice.play));
	const free = playIntended(intent, bare, speed, 0, new Outcome()).finishX;
	const ball = playIntended(intent, obstructed, speed, 0, new Outcome());
	const stopped = ball.finishX;
	return {
		id: school.id,
		advice,
		ratio: groundToAir(ball.carry, ball.roll),
		missAtHole: stopped - question.pin,
		blocked: Math.abs(stopped - free) > 0.5,
		holdsAt: holdsAt(question, intent, speed)
	};
}

/**
 * Asks every school. Those whose clubs the bag lacks do not answer.
 *
 * @param question opened
 */
export function callSchools(question: Question): SchoolCall[] {
	const facts = schoolFacts(question);
	return SCHOOLS.flatMap((school) => callSchool(school, facts, question) ?? []);
}
