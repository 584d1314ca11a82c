import * as z from 'zod/mini';
import { AIR, IMPACT } from '$lib/core/constants';
import { launchOf, strike } from '$lib/core/ball/impact';
import { follow, Outcome, type Scene } from '$lib/core/ball/simulate';
import { BallState, PathRecorder } from '$lib/core/ball/state';
import { createPlane } from '$lib/core/ground/plane';
import { NO_LUCK, SURFACE } from '$lib/core/ground/surfaces';
import { turfOf } from '$lib/core/ground/turf';
import { degrees, fromFeet, fromPercent, radians, rpm } from '$lib/core/units';
import { firmnessField, slopeField, stimpField, windField, within } from '../fields/fields';

export const simulateRequestSchema = z.strictObject({
	delivery: z.strictObject({
		clubSpeed: within(0.1, 60, 'm/s'),
		attackAngle: within(-30, 30, 'degrees'),
		dynamicLoft: within(0, 85, 'degrees'),
		friction: z._default(within(0, 1, ''), IMPACT.friction),
		faceToPath: z._default(within(-45, 45, 'degrees'), 0),
		aim: z._default(within(-60, 60, 'degrees'), 0),
		headMass: z._default(within(0.1, 0.6, 'kg'), IMPACT.headMass)
	}),
	ground: z.strictObject({
		stimpFeet: stimpField,
		slopeAlong: z._default(slopeField, 0),
		slopeAcross: z._default(slopeField, 0),
		firmness: z._default(firmnessField, 'medium'),
		edge: z._default(within(0, 100, 'metres'), 0)
	}),
	air: z.prefault(
		z.strictObject({
			density: z._default(within(0.6, 1.5, 'kg/m³'), AIR.density),
			windAlong: z._default(windField, 0),
			windAcross: z._default(windField, 0)
		}),
		{}
	),
	hole: z.optional(
		z.strictObject({ x: within(-200, 200, 'metres'), z: within(-200, 200, 'metres') })
	)
});

const point = z.strictObject({ x: z.number(), z: z.number() });

export const simulateResponseSchema = z.strictObject({
	launch: z.strictObject({ ballSpeed: z.number(), angle: z.number(), spinRpm: z.number() }),
	carry: z.number(),
	apex: z.number(),
	flightTime: z.number(),
	landing: z.strictObject({
		x: z.number(),
		z: z.number(),
		speed: z.number(),
		angle: z.number(),
		spinRpm: z.number()
	}),
	bounces: z.int(),
	roll: z.number(),
	finish: point,
	holed: z.boolean(),
	stopped: z.boolean(),
	path: z.array(z.tuple([z.number(), z.number(), z.number(), z.number()])).check(z.maxLength(400))
});

export type SimulateRequest = z.output<typeof simulateRequestSchema>;
export type SimulateResponse = z.infer<typeof simulateResponseSchema>;

const MOST_POINTS = 400;

function sceneOf({ ground, air, hole }: SimulateRequest): Scene {
	return {
		ground: createPlane({
			kind: 'plane',
			slopeAlong: fromPercent(ground.slopeAlong),
			slopeAcross: fromPercent(ground.slopeAcross),
			edge: ground.edge,
			fringe: SURFACE.smoothFringe
		}),
		greenSpeed: fromFeet(ground.stimpFeet),
		turf: turfOf(ground.firmness, false),
		air,
		obstacles: [],
		hole: hole ?? null
	};
}

function struckBall({ delivery }: SimulateRequest): BallState {
	const ball = new BallState();
	strike(
		{
			...delivery,
			grip: 1,
			attackAngle: radians(delivery.attackAngle),
			dynamicLoft: radians(delivery.dynamicLoft),
			faceToPath: radians(delivery.faceToPath),
			aim: radians(delivery.aim)
		},
		ball
	);
	return ball;
}

/** Answers `POST /api/simulate`: one ball, in the contract's units. */
export function answerSimulate(request: SimulateRequest): SimulateResponse {
	const ball = struckBall(request);
	const launch = launchOf(ball);
	const recorder = new PathRecorder();
	const out = new Outcome();
	follow(ball, sceneOf(request), NO_LUCK, out, recorder);
	return {
		launch: {
			ballSpeed: launch.ballSpeed,
			angle: degrees(launch.angle),
			spinRpm: rpm(launch.spin)
		},
		carry: out.carry,
		apex: out.apex,
		flightTime: out.flightTime,
		landing: {
			x: out.landingX,
			z: out.landingZ,
			speed: out.landingSpeed,
			angle: degrees(out.landingAngle),
			spinRpm: rpm(out.landingSpin)
		},
		bounces: out.bounces,
		roll: out.roll,
		finish: { x: out.finishX, z: out.finishZ },
		holed: out.status === 'holed',
		stopped: out.status !== 'runaway',
		path: recorder.thinned(MOST_POINTS)
	};
}
