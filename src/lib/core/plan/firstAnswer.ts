import { schoolOf } from '../schools/registry';
import type { Beyond, SchoolId } from '../schools/school';
import { adviseSetup, type SetupAdvice } from '../setup/advise';
import type { Metres } from '../units';
import { beyondSchool, schoolFacts } from './explain/schoolCalls';
import { buildLadder, type Ladder } from './ladder/ladder';
import type { Candidate } from './ladder/candidate';
import { planSwing, type PlannedSwing } from './ladder/swing';
import type { Question } from './question/question';
import { isRestricted } from './question/wanted';

/** What can be said before a ball is sampled: the ladder, drawn and set up. */
export interface FirstAnswer {
	ladder: Ladder;
	details: CandidateDetails[];
}

export interface CandidateDetails {
	swing: PlannedSwing;
	setup: SetupAdvice;
	aimOffset: Metres;
}

/**
 * Swing, setup and aim of a solved candidate.
 *
 * @param question opened
 * @param candidate of its ladder
 */
export function detailsOf(question: Question, candidate: Candidate): CandidateDetails {
	const { play, solution } = candidate;
	const intent = question.intent(play);
	const { lie } = question.situation;
	const { player } = question.request;
	return {
		swing: planSwing(play.club, solution.speed, player),
		setup: adviseSetup({
			club: play.club,
			flight: play.flight,
			faceOpen: play.faceOpen,
			stanceOpen: intent.stanceOpen,
			lie,
			setup: intent.setup,
			speed: solution.speed,
			technique: player.technique,
			stance: question.stance,
			sand: question.situation.sand
		}),
		aimOffset: Math.tan(solution.aim) * question.pin
	};
}

/**
 * The deterministic ladder with its details: fast enough to follow a dragging finger.
 *
 * @param question opened
 * @param found its ladder without a school
 */
export function firstAnswer(question: Question, found = buildLadder(question)): FirstAnswer {
	// Where no club makes what is asked for, the best shot of all is shown.
	const asked = found.candidates.length === 0 && isRestricted(question.wanted);
	const free = asked ? buildLadder(question.freed()) : found;
	const { ladder } = withinSchool(question, free);
	return { ladder, details: ladder.candidates.map((candidate) => detailsOf(question, candidate)) };
}

/** What a pupil's school makes of a ladder: nothing, a shorter one, or it is lifted because nothing it plays works here. */
export interface Schooled {
	ladder: Ladder;
	/** Whether it leaves out what would be played without it: at the pin, or with the ball left elsewhere. */
	restricted: boolean;
	lifted: SchoolId | null;
	/** Why it was, where it was not made for such a shot. */
	beyond: Beyond | null;
}

/** Takes out what the pupil's school would not play, unless nothing that works would be left. */
export function withinSchool(question: Question, ladder: Ladder): Schooled {
	const school = schoolOf(question.request.school);
	if (!school) return { ladder, restricted: false, lifted: null, beyond: null };
	const facts = schoolFacts(question);
	const beyond = beyondSchool(question, school, facts);
	if (beyond) return { ladder, restricted: false, lifted: school.id, beyond };
	const suits = ({ play }: Pick<Candidate, 'play'>) => school.allows(play, facts);
	const allowed = ladder.candidates.filter(suits);
	const works = allowed.some(({ against }) => against === null);
	if (!works && !(ladder.compromised && allowed.length > 0))
		return { ladder, restricted: false, lifted: school.id, beyond: null };
	if (allowed.length === ladder.candidates.length && ladder.rejected.every(suits))
		return { ladder, restricted: false, lifted: null, beyond: null };
	const rejection = { code: 'notInSchool', school: school.id } as const;
	const out = ladder.candidates
		.filter((candidate) => !allowed.includes(candidate))
		.map((candidate) => ({ play: candidate.play, candidate, rejection }));
	const rejected = ladder.rejected.map((item) => (suits(item) ? item : { ...item, rejection }));
	return {
		ladder: {
			...ladder,
			candidates: allowed,
			otherWays: ladder.otherWays.filter(suits),
			landingShort: ladder.landingShort.filter(suits),
			rejected: [...rejected, ...out]
		},
		restricted: true,
		lifted: null,
		beyond: null
	};
}
