import { z } from 'zod';
import { AIR } from '$lib/core/constants';
import type { Situation, SurveyedGround } from '$lib/core/plan/situation';
import { fromFeet, fromPercent } from '$lib/core/units';
import {
	ballField,
	firmnessField,
	fringeField,
	grainField,
	hazardKindField,
	lieField,
	segmentKindField,
	slopeField,
	stimpField,
	windField,
	within
} from './fields';

export const hazardSchema = z
	.strictObject({
		kind: hazardKindField,
		from: within(0, 120, 'metres'),
		to: within(0, 120, 'metres'),
		height: within(0, 10, 'metres').default(0)
	})
	.refine(({ from, to }) => to > from, {
		path: ['to'],
		error: 'must be farther from the ball than where it begins'
	});

export const segmentSchema = z.strictObject({
	length: within(0.1, 200, 'metres'),
	slopeAlong: slopeField,
	slopeAcross: slopeField.default(0),
	kind: segmentKindField.optional()
});

const SURVEY_REACH = 200;

/** Spot heights of the ground: ball at the origin, pin on +x, heights above any one level. */
export const surveySchema = z.strictObject({
	points: z
		.array(
			z.tuple([
				within(-SURVEY_REACH, SURVEY_REACH, 'metres'),
				within(-SURVEY_REACH, SURVEY_REACH, 'metres'),
				within(-100, 100, 'metres')
			])
		)
		.min(1, 'must hold at least one point')
		.max(400, 'must be at most 400 points')
});

/** The contract's situation: metres, percent, feet of green speed. It is also what a saved shot holds. */
export const situationSchema = z.strictObject({
	lie: lieField.default('fairway'),
	wet: z.boolean().default(false),
	toEdge: within(0, 80, 'metres'),
	edgeToPin: within(0.5, 80, 'metres'),
	beyondPin: within(0, 60, 'metres').default(8),
	rise: within(-10, 10, 'metres').default(0),
	fringe: fringeField.default('smooth'),
	segments: z.array(segmentSchema).max(12, 'must be at most 12 segments').optional(),
	slopeAlong: slopeField.default(0),
	slopeAcross: slopeField.default(0),
	hazards: z.array(hazardSchema).max(8, 'must be at most 8 hazards').default([]),
	stimpFeet: stimpField,
	firmness: firmnessField.default('medium'),
	grain: grainField.default('none'),
	wind: z.strictObject({ along: windField.default(0), across: windField.default(0) }).optional(),
	airDensity: within(0.6, 1.5, 'kg/m³').optional(),
	ball: ballField.optional(),
	/** Takes the place of rise, slopes and the heights of segments. */
	survey: surveySchema.optional()
});

export type SituationWire = z.output<typeof situationSchema>;

/** One slope for the whole green; its length only has to be more than any green. */
const ENDLESS = 200;

/** The points of a survey as a green of their own: heights only, kinds come from the stations on the line. */
const surveyedGround = ({ points }: z.output<typeof surveySchema>): SurveyedGround => ({
	green: {
		outline: [],
		collar: 0,
		fringe: 'smooth',
		areas: [],
		spots: points.map(([x, z, height]) => ({ u: x, v: -z, height, leftOut: false })),
		tilts: [],
		grid: null
	},
	placement: { u: 0, v: 0, heading: 0 },
	kinds: 'stations',
	tilt: 0
});

/**
 * The contract's situation in the core's units.
 *
 * @param survey the ground of a green's map; without one the situation's own survey counts
 */
export function situationToCore(wire: SituationWire, survey?: SurveyedGround): Situation {
	const segments = wire.segments?.length
		? wire.segments
		: [{ length: ENDLESS, slopeAlong: wire.slopeAlong, slopeAcross: wire.slopeAcross }];
	return {
		lie: wire.lie,
		wet: wire.wet,
		ball: wire.ball ?? 'soft',
		toEdge: wire.toEdge,
		edgeToPin: wire.edgeToPin,
		beyondPin: wire.beyondPin,
		rise: wire.rise,
		fringe: wire.fringe,
		segments: segments.map((segment) => ({
			length: segment.length,
			slopeAlong: fromPercent(segment.slopeAlong),
			slopeAcross: fromPercent(segment.slopeAcross),
			...(segment.kind && { kind: segment.kind })
		})),
		hazards: wire.hazards,
		greenSpeed: fromFeet(wire.stimpFeet),
		firmness: wire.firmness,
		grain: wire.grain,
		air: {
			density: wire.airDensity ?? AIR.density,
			windAlong: wire.wind?.along ?? 0,
			windAcross: wire.wind?.across ?? 0
		},
		survey: survey ?? (wire.survey && surveyedGround(wire.survey))
	};
}
