import { adviseSetup, type SetupAdvice } from '../setup/advise';
import { schoolOf } from '../schools/registry';
import type { Metres } from '../units';
import { buildLadder, intentOf, type Ladder, type RejectedPlay, type Rung } from './ladder';
import { rankLadder, type Progress, type SampledRung, type Sampler } from './rank';
import { cautionsFor, reasonsFor, type Caution, type Reason } from './reasons';
import type { PlanRequest } from './request';
import { callSchools, schoolFacts, type SchoolCall } from './schoolCalls';
import { sensitivityOf, type Sensitivity } from './sensitivity';
import { pinDistance } from './situation';
import type { ShotStatistics } from './statistics';
import { pairedDifference } from './statistics';
import { planSwing, type PlannedSwing } from './swing';

/** One way to play it, with everything a coach would ask of it. */
export interface PlanOption {
	rung: Rung;
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
	/** Aimed at a place that is not the pin. */
	safe: boolean;
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
}

/** What can be said before a ball is sampled: the ladder, drawn and set up. */
export interface FirstAnswer {
	ladder: Ladder;
	details: RungDetails[];
}

export interface RungDetails {
	swing: PlannedSwing;
	setup: SetupAdvice;
	aimOffset: Metres;
}

const MOST_FINISHES = 200;

/** Swing, setup and aim of a solved rung. */
export function detailsOf(request: PlanRequest, rung: Rung): RungDetails {
	const { play, solution } = rung;
	const intent = intentOf(request, play);
	const { lie } = request.situation;
	return {
		swing: planSwing(play.club, solution.speed, request.player),
		setup: adviseSetup({
			club: play.club,
			flight: play.flight,
			faceOpen: play.faceOpen,
			stanceOpen: intent.stanceOpen,
			lie,
			setup: intent.setup,
			speed: solution.speed,
			technique: request.player.technique
		}),
		aimOffset: Math.tan(solution.aim) * pinDistance(request.situation)
	};
}

/** The deterministic ladder with its details: fast enough to follow a dragging finger. */
export function firstAnswer(request: PlanRequest): FirstAnswer {
	const ladder = withinSchool(request, buildLadder(request)).ladder;
	return { ladder, details: ladder.rungs.map((rung) => detailsOf(request, rung)) };
}

/** Takes out what the pupil's school would not play, unless nothing would be left. */
function withinSchool(
	request: PlanRequest,
	ladder: Ladder
): { ladder: Ladder; restricted: boolean } {
	const school = schoolOf(request.school);
	if (!school) return { ladder, restricted: false };
	const facts = schoolFacts(request);
	const allowed = ladder.rungs.filter((rung) => school.allows(rung.play, facts));
	if (allowed.length === 0 || allowed.length === ladder.rungs.length)
		return { ladder, restricted: false };
	const out = ladder.rungs
		.filter((rung) => !allowed.includes(rung))
		.map((rung) => ({
			play: rung.play,
			rung,
			rejection: { code: 'notInSchool', school: school.id } as const
		}));
	return {
		ladder: { ...ladder, rungs: allowed, rejected: [...ladder.rejected, ...out] },
		restricted: true
	};
}

function optionOf(
	request: PlanRequest,
	{ rung, finishes, statistics, tied, safe }: SampledRung
): PlanOption {
	const points = (x: Float64Array, z: Float64Array): [Metres, Metres][] =>
		Array.from({ length: Math.min(MOST_FINISHES, x.length) }, (_, i) => [x[i]!, z[i]!]);
	return {
		rung,
		...detailsOf(request, rung),
		statistics,
		finishes: points(finishes.x, finishes.z),
		landings: points(finishes.landingX, finishes.landingZ),
		tied,
		safe
	};
}

/** Strokes that the school's best costs over the best of all; the comparison is ball by ball. */
function costOfSchool(all: readonly SampledRung[], allowed: readonly SampledRung[]): number {
	return Math.max(0, pairedDifference(allowed[0]!.finishes, all[0]!.finishes).mean);
}

/**
 * Decides a shot: enumerate, solve, reject, sample, rank, explain.
 *
 * @param sampler where the balls are played: this thread, a pool, a server
 * @returns best option first; no options when nothing can be played, with every reason in `rejected`
 */
export async function plan(
	request: PlanRequest,
	sampler: Sampler,
	progress?: Progress
): Promise<Plan> {
	const free = buildLadder(request);
	const { ladder, restricted } = withinSchool(request, free);
	const ranked = await rankLadder(request, ladder, sampler, progress);
	const schoolCost = restricted
		? costOfSchool(await rankLadder(request, free, sampler), ranked)
		: null;
	const best = ranked[0];
	const sensitivity = best ? sensitivityOf(request, best.rung) : null;
	return {
		options: ranked.map((sampled) => optionOf(request, sampled)),
		rejected: ladder.rejected,
		schools: callSchools(request),
		sensitivity,
		why: sensitivity ? reasonsFor(request, ranked, ladder, sensitivity, schoolCost) : [],
		cautions: cautionsFor(request, best?.rung),
		compromised: ladder.compromised
	};
}
