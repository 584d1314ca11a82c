import type { SetupAdvice } from '../setup/advise';
import { detailsOf, withinSchool, type Schooled } from './firstAnswer';
import type { Metres } from '../units';
import { possiblePlays, wantedPlays } from './ladder/possiblePlays';
import { buildLadder, type Ladder, type RejectedPlay } from './ladder/ladder';
import { type Candidate } from './ladder/candidate';
import { rankLadder, type Progress, type SampledCandidate, type Sampler } from './race/rank';
import type { Reason } from './explain/reason';
import { cautionsFor, reasonsFor, type Caution } from './explain/reasons';
import type { Question } from './question/question';
import { isRestricted } from './question/wanted';
import { remembering } from './race/remembering';
import { callSchools, type SchoolCall } from './explain/schoolCalls';
import { sensitivityOf, type Sensitivity } from './explain/sensitivity';
import type { ShotStatistics } from './race/statistics';
import { pairedDifference } from './race/statistics';
import type { PlannedSwing } from './ladder/swing';

/** One way to play it, with everything a coach would ask of it. */
export interface PlanOption {
	candidate: Candidate;
	swing: PlannedSwing;
	setup: SetupAdvice;
	/** Aim at the hole's distance, + right. */
	aimOffset: Metres;
	statistics: ShotStatistics;
	/** Sampled finishes (x, z) in the frame of the line, at most 200. */
	finishes: [Metres, Metres][];
	/** Where the same balls came down. */
	landings: [Metres, Metres][];
	tied: boolean;
}

export interface Plan {
	options: PlanOption[];
	rejected: RejectedPlay[];
	schools: SchoolCall[];
	/** Null when nothing can be played. */
	sensitivity: Sensitivity | null;
	why: Reason[];
	cautions: Caution[];
	compromised: boolean;
	/** What would be played if nothing in particular were asked for and no school restricted it; null where neither does. */
	free: FreeChoice | null;
}

/** The best shot of all, beside the best of what was asked for. */
export interface FreeChoice {
	candidate: Candidate;
	expectedStrokes: number;
	/** Strokes that it saves over the best of what was asked for, 0 and up. */
	saves: number;
	/** Whether no club that may be chosen makes a shot that was asked for: then this is what the plan is about. */
	instead: boolean;
}

const MOST_FINISHES = 200;

function optionOf(
	question: Question,
	{ candidate, finishes, statistics, tied }: SampledCandidate
): PlanOption {
	const points = (x: Float64Array, z: Float64Array): [Metres, Metres][] =>
		Array.from({ length: Math.min(MOST_FINISHES, x.length) }, (_, i) => [x[i]!, z[i]!]);
	return {
		candidate,
		...detailsOf(question, candidate),
		statistics,
		finishes: points(finishes.x, finishes.z),
		landings: points(finishes.landingX, finishes.landingZ),
		tied
	};
}

/** Strokes that the best of some costs over the best of all; the comparison is ball by ball. */
function costOver(all: readonly SampledCandidate[], allowed: readonly SampledCandidate[]): number {
	return Math.max(0, pairedDifference(allowed[0]!.finishes, all[0]!.finishes).mean);
}

/** The ladders of a question: of what is asked for, within the pupil's school, and of everything where that is more. */
interface Asked {
	/** The question that the plan answers: the free one where nothing of what was asked for can be made. */
	question: Question;
	schooled: Schooled;
	free: { question: Question; ladder: Ladder } | null;
	instead: boolean;
}

function laddersOf(question: Question): Asked {
	const restricts = isRestricted(question.wanted);
	if (!restricts) {
		const unschooled = buildLadder(question);
		const schooled = withinSchool(question, unschooled);
		const free = schooled.restricted ? { question, ladder: unschooled } : null;
		return { question, schooled, free, instead: false };
	}
	const freed = question.freed();
	const plays = possiblePlays(question.request.bag, question.situation);
	const free = { question: freed, ladder: buildLadder(freed, plays) };
	// The same plays, so that no ball is played twice.
	const asked = wantedPlays(question, plays);
	const unschooled = buildLadder(question, asked, null, free.ladder);
	if (unschooled.candidates.length > 0) {
		const schooled = withinSchool(question, unschooled);
		return { question, schooled, free, instead: false };
	}
	const { ladder } = free;
	const schooled = { ladder, restricted: false, lifted: null, beyond: null };
	return { question: freed, schooled, free, instead: true };
}

/**
 * Decides a shot: enumerate, solve, reject, sample, rank, explain.
 *
 * @param sampler where the balls are played: this thread, a pool, a server
 * @returns best option first; no options when nothing can be played, with every reason in `rejected`
 */
export async function plan(
	asked: Question,
	sampler: Sampler,
	progress: Progress = () => {}
): Promise<Plan> {
	const { question, schooled, free, instead } = laddersOf(asked);
	const { ladder, restricted, lifted, beyond } = schooled;
	// What is asked for is ranked beside the free choice, so that its price can be told: two halves of the work, the second shorter.
	const twice = free !== null && !instead;
	const own = twice ? 0.5 : 1;
	const played = twice ? remembering(sampler) : sampler;
	const ranked = await rankLadder(question, ladder, played, (share) => progress(own * share));
	const all = twice
		? await rankLadder(free.question, free.ladder, played, (share) => progress(own + own * share))
		: ranked;
	const best = ranked[0];
	const bySchool = restricted && !isRestricted(question.wanted);
	const sensitivity = best ? sensitivityOf(question, best.candidate) : null;
	const options = ranked.map((sampled) => optionOf(question, sampled));
	return {
		options,
		rejected: ladder.rejected.filter(
			({ play }) => !options.some(({ candidate }) => candidate.play === play)
		),
		schools: callSchools(question),
		sensitivity,
		why: sensitivity
			? reasonsFor(question, ranked, ladder, sensitivity, {
					cost: bySchool ? costOver(all, ranked) : null,
					lifted,
					beyond
				})
			: [],
		cautions: cautionsFor(question, best?.candidate),
		compromised: ladder.compromised && best !== undefined && best.candidate.against !== null,
		free: free && freeChoice(all, ranked, instead)
	};
}

/** The best of all beside the best of what was asked for. */
function freeChoice(
	all: readonly SampledCandidate[],
	asked: readonly SampledCandidate[],
	instead: boolean
): FreeChoice | null {
	const [best] = all;
	if (!best) return null;
	const { expectedStrokes } = best.statistics;
	const own = asked[0]?.statistics.expectedStrokes ?? expectedStrokes;
	return {
		candidate: best.candidate,
		expectedStrokes,
		saves: Math.max(0, own - expectedStrokes),
		instead
	};
}
