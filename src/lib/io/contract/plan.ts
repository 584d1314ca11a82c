import { z } from 'zod';
import type { Plan, PlanOption } from '$lib/core/plan/plan';
import { candidates } from '$lib/core/plan/candidates';
import type { RejectedPlay } from '$lib/core/plan/ladder';
import { ballsOf } from '$lib/core/plan/rank';
import type { PlanRequest } from '$lib/core/plan/request';
import type { Sensitivity } from '$lib/core/plan/sensitivity';
import type { SchoolCall } from '$lib/core/plan/schoolCalls';
import { shotKind } from '$lib/core/plan/shotKind';
import type { FlightId } from '$lib/core/setup/flights';
import { markAngle, MARK_NAMES } from '$lib/core/player/swingLength';
import { degrees, toFeet } from '$lib/core/units';
import { CAUTION_WORDS, reasonWords } from '../words/reason';
import { rejectionWords } from '../words/rejection';
import { SAY_METRIC } from '../words/say';
import { schoolAdviceWords } from '../words/school';
import { ALTERNATIVE_WORDS, CUE_WORDS, SLOPE_WORDS } from '../words/setup';
import { clubToCore, STANDARD_BAG_WIRE, type ClubWire } from '../club';
import { carrySchema, golferDraftSchema, playerToCore } from '../player';
import { situationToCore } from '../situation';
import { bagSchema } from './club';
import { handField, nameField, schoolField, skillField } from '../fields';
import { situationSchema } from './situation';

const requestFields = z.strictObject({
	situation: situationSchema,
	bag: bagSchema.optional(),
	player: z.strictObject({
		skill: skillField,
		hand: handField.default('right'),
		school: schoolField.default('free')
	}),
	swings: z
		.array(carrySchema.extend({ club: nameField }))
		.max(100, 'must be at most 100 swings')
		.default([]),
	samples: z
		.int({ error: 'must be a whole number' })
		.min(20, 'must be at least 20')
		.max(100_000, 'must be at most 100000')
		.default(800),
	seed: z.int({ error: 'must be a whole number' }).default(1)
});

/** A plan request; measured swings must name clubs of the bag and swings of a vocabulary, and grow with the swing. */
export const planRequestSchema = requestFields.superRefine(({ bag, swings }, context) => {
	const clubs = new Set((bag ?? STANDARD_BAG_WIRE).map(({ name }) => name));
	swings.forEach(({ club, swing }, i) => {
		if (!clubs.has(club))
			context.addIssue({
				code: 'custom',
				path: ['swings', i, 'club'],
				message: `is no club of this bag: ${[...clubs].join(', ')}`
			});
		if (Number.isNaN(markAngle(swing)))
			context.addIssue({
				code: 'custom',
				path: ['swings', i, 'swing'],
				message: `is no swing that is known: ${MARK_NAMES.join(', ')}, or half-way such as 8:30`
			});
	});
	for (const [i, other] of backwards(swings))
		context.addIssue({
			code: 'custom',
			path: ['swings', i, 'carry'],
			message: `is no more than the ${swings[other]!.carry} m of the shorter swing ${swings[other]!.swing}: are the two the wrong way round?`
		});
});

type Swing = z.output<typeof requestFields>['swings'][number];

/** Pairs of a club and flight in which the longer swing carries no farther: its place, and that of the shorter. */
function backwards(swings: readonly Swing[]): [number, number][] {
	return swings.flatMap((longer, i) => {
		const shorter = swings.findIndex(
			(other) =>
				other.club === longer.club &&
				(other.flight ?? 'standard') === (longer.flight ?? 'standard') &&
				markAngle(other.swing) < markAngle(longer.swing) &&
				other.carry >= longer.carry
		);
		return shorter < 0 ? [] : [[i, shorter] as [number, number]];
	});
}

const chance = z.number().min(0).max(1);

const optionSchema = z.strictObject({
	club: z.string(),
	shot: z.enum(['putt', 'chip', 'pitch', 'lob', 'flop', 'splash']),
	flight: z.enum(['low', 'standard', 'high', 'open']),
	carry: z.number(),
	landingPastEdge: z.number(),
	roll: z.number(),
	airShare: chance,
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
		ballPosition: z.number().min(-1).max(1),
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
	finishes: z.array(z.tuple([z.number(), z.number()])).max(200),
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
			missAtHole: z.number(),
			advice: z.string(),
			holdsAtStimp: z.number().nullable()
		})
	),
	sensitivity: z
		.strictObject({
			stimpPlus1: z.number(),
			stimpMinus1: z.number(),
			slopePlus1: z.number(),
			slopeMinus1: z.number(),
			distancePlus1: z.number(),
			distanceMinus1: z.number()
		})
		.nullable(),
	why: z.array(z.string()),
	cautions: z.array(z.string())
});

export type PlanRequestWire = z.output<typeof planRequestSchema>;
export type PlanResponse = z.infer<typeof planResponseSchema>;

/** Balls that a request may have played before it is refused as too much work. */
const MOST_WORK = 300_000;
/** A request of no more work than this is small: it does not wait behind large ones. */
const SMALL_WORK = 40_000;

/** Clubs of a request are known by their names. */
const bagOf = ({ bag }: PlanRequestWire): readonly ClubWire[] =>
	bag?.map((club) => ({ id: club.name, ...club })) ?? STANDARD_BAG_WIRE;

/** How much longer a ball takes on this ground than on a level one (measured, rounded up). */
function groundFactor({ situation }: PlanRequest): number {
	if (situation.survey) return 3;
	const { air, segments } = situation;
	const windy = air.windAlong !== 0 || air.windAcross !== 0;
	const sloping = segments.length > 1 || segments.some(({ slopeAcross }) => slopeAcross !== 0);
	return (windy ? 1.5 : 1) * (sloping ? 1.5 : 1);
}

/** What a request costs, in balls on level ground. */
export function workOf(request: PlanRequest): number {
	const plays = candidates(request.bag, request.situation).length;
	const schools = request.school === 'free' ? 1 : 2;
	return Math.round(schools * groundFactor(request) * ballsOf(plays, request.samples));
}

/** Why a request is too much work and what to lower, or null. */
export function tooMuchWork(request: PlanRequest): string | null {
	const work = workOf(request);
	if (work <= MOST_WORK) return null;
	const share = MOST_WORK / work;
	return `${request.samples} samples for these clubs on this ground are about ${Math.ceil(1 / share)} times the work this server gives one request; ask for ${Math.max(20, Math.floor(request.samples * share * 0.8))} samples or fewer, or for fewer clubs`;
}

/** Whether a request is small enough not to wait behind large ones. */
export const isSmall = (request: PlanRequest): boolean => workOf(request) <= SMALL_WORK;

/** The contract's request in the core's terms. */
export function planRequestToCore(wire: PlanRequestWire): PlanRequest {
	const bag = bagOf(wire).map(clubToCore);
	const golfer = { ...golferDraftSchema.parse(wire.player), carries: wire.swings };
	return {
		situation: situationToCore(wire.situation),
		bag,
		player: playerToCore(golfer, bag),
		school: wire.player.school,
		samples: wire.samples,
		seed: wire.seed
	};
}

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
	const notes = option.rung.safe ? ['played to a place that is not the pin'] : [];
	const { against } = option.rung;
	if (against)
		notes.push(`damage limitation, the least bad way: ${rejectionWords(against, SAY_METRIC)}`);
	if (option.rung.play.shape !== 'straight') notes.push(`path from ${option.rung.play.shape}`);
	notes.push(...option.setup.slope.map((advice) => SLOPE_WORDS[advice]));
	if (option.swing.past)
		notes.push('longer than any swing measured with this club: carried on from the longest');
	if (option.swing.source === 'model')
		notes.push('swing length from the model swing, not measured');
	return notes;
}

function optionOf(option: PlanOption, toEdge: number) {
	const { play, solution, airShare } = option.rung;
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

const schoolOf = (call: SchoolCall) => ({
	id: call.id,
	club: call.advice.play.club.name,
	carry: call.advice.carry,
	missAtHole: call.missAtHole,
	advice: schoolAdviceWords(call, SAY_METRIC),
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

/** The core's plan in the contract's terms. */
export function planToWire(plan: Plan, request: PlanRequest): PlanResponse {
	const { toEdge } = request.situation;
	return {
		best: plan.options.length > 0 ? 0 : -1,
		options: plan.options.map((option) => optionOf(option, toEdge)),
		rejected: plan.rejected.map(rejectedOf),
		schools: plan.schools.map(schoolOf),
		sensitivity: plan.sensitivity && sensitivityOf(plan.sensitivity),
		why: plan.why.map((reason) => reasonWords(reason, SAY_METRIC)),
		cautions: plan.cautions.map((caution) => CAUTION_WORDS[caution])
	};
}
