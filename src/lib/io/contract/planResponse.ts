import * as z from 'zod/mini';
import type { RejectedPlay } from '$lib/core/plan/ladder/ladder';
import type { FreeChoice, Plan, PlanOption } from '$lib/core/plan/plan';
import type { PlanRequest } from '$lib/core/plan/question/request';
import type { SchoolCall } from '$lib/core/plan/explain/schoolCalls';
import type { Sensitivity } from '$lib/core/plan/explain/sensitivity';
import { groundToAir, SHOT_KINDS, shotKind } from '$lib/core/plan/question/shotKind';
import type { FlightId } from '$lib/core/setup/flights';
import { degrees, toFeet } from '$lib/core/units';
import { CAUTION_WORDS, reasonWords } from '../words/reason';
import { rejectionWords } from '../words/rejection';
import { SAY_METRIC } from '../words/say';
import { schoolAdviceWords } from '../words/school';
import { ALTERNATIVE_WORDS, CUE_WORDS, SLOPE_WORDS } from '../words/cues';

const chance = z.number().check(z.minimum(0), z.maximum(1));

const optionSchema = z.strictObject({
	club: z.string(),
	shot: z.enum(SHOT_KINDS),
	flight: z.enum(['low', 'standard', 'high', 'open']),
	carry: z.number(),
	landingPastEdge: z.number(),
	roll: z.number(),
	airShare: chance,
	/** Ground over air; null for a ball that never flew. */
	ratio: z.nullable(z.number()),
	clubSpeed: z.number(),
	apex: z.number(),
	landingAngle: z.number(),
	aim: z.strictObject({ offset: z.number(), side: z.enum(['left', 'right', 'straight']) }),
	swing: z.strictObject({
		vocabulary: z.enum(['clock', 'body', 'shape']),
		name: z.string(),
		between: z.tuple([z.string(), z.string()]),
		source: z.enum(['measured', 'model'])
	}),
	setup: z.strictObject({
		ballPosition: z.number().check(z.minimum(-1), z.maximum(1)),
		leadWeight: z.number(),
		shaftLean: z.number(),
		faceOpen: z.number(),
		stance: z.enum(['narrow', 'medium', 'wide']),
		stanceOpen: z.number(),
		gripDown: z.number(),
		wrists: z.string(),
		finish: z.string(),
		cue: z.string(),
		alternatives: z.array(z.string())
	}),
	expectedStrokes: z.number(),
	standardError: z.number(),
	leave: z.strictObject({ median: z.number(), p90: z.number() }),
	chances: z.strictObject({
		holed: chance,
		inside1m: chance,
		inside2m: chance,
		inside3m: chance,
		missGreen: chance,
		hazard: chance,
		upAndDown: chance,
		fourOrMore: chance
	}),
	finishes: z.array(z.tuple([z.number(), z.number()])).check(z.maxLength(200)),
	tiedWithBest: z.boolean(),
	notes: z.array(z.string())
});

export const planResponseSchema = z.strictObject({
	best: z.int(),
	options: z.array(optionSchema),
	rejected: z.array(
		z.strictObject({ club: z.string(), flight: z.string(), reason: z.string(), code: z.string() })
	),
	schools: z.array(
		z.strictObject({
			id: z.string(),
			club: z.string(),
			carry: z.number(),
			ratio: z.nullable(z.number()),
			missAtHole: z.number(),
			advice: z.string(),
			holdsAtStimp: z.nullable(z.number())
		})
	),
	/** The best shot of all, where what was asked for or a school restricts the choice. */
	free: z.optional(
		z.strictObject({ club: z.string(), shot: z.enum(SHOT_KINDS), expectedStrokes: z.number() })
	),
	sensitivity: z.nullable(
		z.strictObject({
			stimpPlus1: z.number(),
			stimpMinus1: z.number(),
			slopePlus1: z.number(),
			slopeMinus1: z.number(),
			distancePlus1: z.number(),
			distanceMinus1: z.number()
		})
	),
	why: z.array(z.string()),
	cautions: z.array(z.string())
});

export type PlanResponse = z.infer<typeof planResponseSchema>;

const FLIGHT_NAME: Record<FlightId, 'low' | 'standard' | 'high' | 'open'> = {
	putt: 'low',
	low: 'low',
	standard: 'standard',
	high: 'high',
	open: 'open',
	splash: 'open'
};

const AIM_STRAIGHT = 0.01;
const sideOf = (offset: number): 'left' | 'right' | 'straight' =>
	Math.abs(offset) < AIM_STRAIGHT ? 'straight' : offset < 0 ? 'left' : 'right';

function setupOf({ setup }: PlanOption) {
	return {
		ballPosition: setup.ballPosition,
		leadWeight: setup.leadWeight,
		shaftLean: degrees(setup.shaftLean),
		faceOpen: degrees(setup.faceOpen),
		stance: setup.stance,
		stanceOpen: degrees(setup.stanceOpen),
		gripDown: setup.gripDown,
		wrists: setup.wrists,
		finish: setup.finish,
		cue: CUE_WORDS[setup.cue],
		alternatives: setup.alternatives.map((code) => ALTERNATIVE_WORDS[code])
	};
}

function notesOf(option: PlanOption): string[] {
	const notes = option.candidate.safe ? ['played to a place that is not the pin'] : [];
	const { against } = option.candidate;
	if (against)
		notes.push(`damage limitation, the least bad way: ${rejectionWords(against, SAY_METRIC)}`);
	if (option.candidate.play.shape !== 'straight')
		notes.push(`path from ${option.candidate.play.shape}`);
	notes.push(...option.setup.slope.map((advice) => SLOPE_WORDS[advice]));
	if (option.swing.past)
		notes.push('longer than any swing measured with this club: carried on from the longest');
	if (option.swing.source === 'model')
		notes.push('swing length from the model swing, not measured');
	return notes;
}

function optionOf(option: PlanOption, toEdge: number) {
	const { play, solution, airShare } = option.candidate;
	const { outcome } = solution;
	const { heavy: _heavy, thin: _thin, ...chances } = option.statistics.chances;
	return {
		club: play.club.name,
		shot: shotKind(play, airShare),
		flight: FLIGHT_NAME[play.flight],
		carry: outcome.carry,
		landingPastEdge: outcome.landingX - toEdge,
		roll: outcome.roll,
		airShare,
		ratio: groundToAir(outcome.carry, outcome.roll),
		clubSpeed: solution.speed,
		apex: outcome.apex,
		landingAngle: degrees(outcome.landingAngle),
		aim: { offset: Math.abs(option.aimOffset), side: sideOf(option.aimOffset) },
		swing: {
			vocabulary: option.swing.vocabulary,
			name: option.swing.name,
			between: option.swing.between,
			source: option.swing.source
		},
		setup: setupOf(option),
		expectedStrokes: option.statistics.expectedStrokes,
		standardError: option.statistics.standardError,
		leave: option.statistics.leave,
		chances,
		finishes: option.finishes,
		tiedWithBest: option.tied,
		notes: notesOf(option)
	};
}

const rejectedOf = ({ play, rejection }: RejectedPlay) => ({
	club: play.club.name,
	flight: FLIGHT_NAME[play.flight],
	reason: rejectionWords(rejection, SAY_METRIC),
	code: rejection.code
});

const schoolOf = (call: SchoolCall, toEdge: number) => ({
	id: call.id,
	club: call.advice.play.club.name,
	carry: call.advice.carry,
	ratio: call.ratio,
	missAtHole: call.missAtHole,
	advice: schoolAdviceWords(call, toEdge, SAY_METRIC),
	holdsAtStimp: call.holdsAt === null ? null : toFeet(call.holdsAt)
});

const sensitivityOf = (found: Sensitivity): NonNullable<PlanResponse['sensitivity']> => ({
	stimpPlus1: found.stimpPlus1,
	stimpMinus1: found.stimpMinus1,
	slopePlus1: found.slopePlus1,
	slopeMinus1: found.slopeMinus1,
	distancePlus1: found.distancePlus1,
	distanceMinus1: found.distanceMinus1
});

const freeOf = ({ candidate, expectedStrokes }: FreeChoice) => ({
	club: candidate.play.club.name,
	shot: shotKind(candidate.play, candidate.airShare),
	expectedStrokes
});

/** The core's plan in the contract's terms. */
export function planToWire(plan: Plan, request: PlanRequest): PlanResponse {
	const { toEdge } = request.situation;
	return {
		best: plan.options.length > 0 ? 0 : -1,
		options: plan.options.map((option) => optionOf(option, toEdge)),
		rejected: plan.rejected.map(rejectedOf),
		schools: plan.schools.map((call) => schoolOf(call, toEdge)),
		...(plan.free && { free: freeOf(plan.free) }),
		sensitivity: plan.sensitivity && sensitivityOf(plan.sensitivity),
		why: plan.why.map((reason) => reasonWords(reason, SAY_METRIC)),
		cautions: plan.cautions.map((caution) => CAUTION_WORDS[caution])
	};
}
