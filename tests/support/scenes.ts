import { STILL_AIR } from '$lib/core/ball/aerodynamics';
import type { Delivery } from '$lib/core/ball/impact';
import type { Scene } from '$lib/core/ball/simulate';
import type { Ground } from '$lib/core/ground/ground';
import { createPlane } from '$lib/core/ground/plane';
import { SURFACE } from '$lib/core/ground/surfaces';
import { turfOf } from '$lib/core/ground/turf';
import type { Rng } from '$lib/core/math/random';
import { planRequestSchema, planRequestToCore } from '$lib/io/contract/planRequest';
import { Question } from '$lib/core/plan/question/question';
import type { PlanRequest } from '$lib/core/plan/question/request';
import { fromFeet, radians } from '$lib/core/units';

/** An all-green plane in still air. */
export const planeScene = (
	change: Partial<{ along: number; across: number; stimp: number; edge: number }> = {}
): Scene => ({
	ground: createPlane({
		kind: 'plane',
		slopeAlong: change.along ?? 0,
		slopeAcross: change.across ?? 0,
		edge: change.edge ?? 0,
		fringe: SURFACE.smoothFringe
	}),
	greenSpeed: fromFeet(change.stimp ?? 10),
	turf: turfOf('medium', false),
	air: STILL_AIR,
	obstacles: [],
	hole: null
});

export const delivery = (change: Partial<Delivery> = {}): Delivery => ({
	clubSpeed: 9,
	attackAngle: radians(-4),
	dynamicLoft: radians(48),
	friction: 0.4,
	grip: 1,
	faceToPath: 0,
	aim: 0,
	headMass: 0.3,
	...change
});

export const between = (rng: Rng, low: number, high: number): number =>
	low + (high - low) * rng.uniform();

/** Any delivery that the app can ask for. */
export const randomDelivery = (rng: Rng): Delivery => ({
	clubSpeed: between(rng, 1, 36),
	attackAngle: radians(between(rng, -10, 3)),
	dynamicLoft: radians(between(rng, 8, 75)),
	friction: between(rng, 0.08, 0.45),
	grip: 1,
	faceToPath: radians(between(rng, -10, 10)),
	aim: radians(between(rng, -10, 10)),
	headMass: between(rng, 0.2, 0.35)
});

/** A plan request from the contract's terms. */
export const request = (
	situation: Record<string, unknown>,
	player: Record<string, unknown> = {},
	rest: Record<string, unknown> = {}
): PlanRequest =>
	planRequestToCore(
		planRequestSchema.parse({
			situation: { toEdge: 3, edgeToPin: 9, stimpFeet: 10, ...situation },
			player: { skill: 'middle', ...player },
			samples: 300,
			...rest
		})
	);

/** The same, made ready for the planner. */
export const question = (...asked: Parameters<typeof request>): Question =>
	new Question(request(...asked));

/**
 * A ground with something of it changed.
 *
 * @param ground asked for all the rest
 * @param over what is answered instead
 */
export const groundWith = (ground: Ground, over: Partial<Ground>): Ground => ({
	height: (x, z) => ground.height(x, z),
	sample: (x, z, out) => ground.sample(x, z, out),
	patch: (x, z, out) => ground.patch(x, z, out),
	...over
});
