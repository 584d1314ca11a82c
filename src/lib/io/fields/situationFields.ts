import * as z from 'zod/mini';
import {
	ballField,
	firmnessField,
	fringeField,
	grainField,
	hazardKindField,
	inRange,
	lieField,
	sandSurfaceField,
	sideField,
	segmentKindField,
	slopeField,
	stimpField,
	windField,
	within
} from './fields';
import { RANGE } from './ranges';

/** Ranges in which a shot can be asked about; kept things may lie outside them. */
export const hazardSchema = z
	.strictObject({
		kind: hazardKindField,
		from: inRange(RANGE.hazardAlong, 'metres'),
		to: inRange(RANGE.hazardAlong, 'metres'),
		height: z._default(inRange(RANGE.hazardHeight, 'metres'), 0),
		side: z.optional(sideField),
		offset: z.optional(inRange(RANGE.hazardBeside, 'metres'))
	})
	.check(
		z.refine(({ side, offset }) => (side ?? 'across') === 'across' || offset !== undefined, {
			path: ['offset'],
			error: 'must say how far beside the line it begins, in metres'
		}),
		z.refine(({ from, to }) => to > from, {
			path: ['to'],
			error: 'must be farther from the ball than where it begins'
		})
	);

export const segmentSchema = z.strictObject({
	length: inRange(RANGE.segment, 'metres'),
	slopeAlong: slopeField,
	slopeAcross: z._default(slopeField, 0),
	kind: z.optional(segmentKindField)
});

export const situationFields = {
	lie: z._default(lieField, 'fairway'),
	wet: z._default(z.boolean(), false),
	toEdge: inRange(RANGE.toEdge, 'metres'),
	edgeToPin: inRange(RANGE.edgeToPin, 'metres'),
	beyondPin: z._default(inRange(RANGE.beyondPin, 'metres'), 8),
	rise: z._default(inRange(RANGE.rise, 'metres'), 0),
	fringe: z._default(fringeField, 'smooth'),
	segments: z.optional(
		z.array(segmentSchema).check(z.maxLength(12, 'must be at most 12 segments'))
	),
	slopeAlong: z._default(slopeField, 0),
	slopeAcross: z._default(slopeField, 0),
	hazards: z._default(z.array(hazardSchema).check(z.maxLength(8, 'must be at most 8 hazards')), []),
	stimpFeet: stimpField,
	firmness: z._default(firmnessField, 'medium'),
	grain: z._default(grainField, 'none'),
	wind: z.optional(
		z.strictObject({ along: z._default(windField, 0), across: z._default(windField, 0) })
	),
	airDensity: z.optional(within(0.6, 1.5, 'kg/m³')),
	ball: z.optional(ballField),
	stance: z.optional(
		z.strictObject({ along: z._default(slopeField, 0), across: z._default(slopeField, 0) })
	),
	sandSurface: z.optional(sandSurfaceField),
	grass: z.optional(
		z
			.array(z.strictObject({ kind: fringeField, length: inRange(RANGE.stretchOfGrass, 'metres') }))
			.check(
				z.minLength(1, 'must hold at least one stretch'),
				z.maxLength(6, 'must be at most 6 stretches')
			)
	),
	width: z.optional(
		z.strictObject({
			left: inRange(RANGE.toSide, 'metres'),
			right: inRange(RANGE.toSide, 'metres')
		})
	)
};
