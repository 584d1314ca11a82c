import { z } from 'zod';
import {
	ballField,
	firmnessField,
	fringeField,
	grainField,
	hazardKindField,
	lieField,
	sandSurfaceField,
	sideField,
	segmentKindField,
	slopeField,
	stimpField,
	windField,
	within
} from './fields';

/** Ranges in which a shot can be asked about; kept things may lie outside them. */
export const hazardSchema = z
	.strictObject({
		kind: hazardKindField,
		from: within(0, 120, 'metres'),
		to: within(0, 120, 'metres'),
		height: within(0, 10, 'metres').default(0),
		side: sideField.optional(),
		offset: within(0, 40, 'metres').optional()
	})
	.refine(({ side, offset }) => (side ?? 'across') === 'across' || offset !== undefined, {
		path: ['offset'],
		error: 'must say how far beside the line it begins, in metres'
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

export const situationFields = {
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
	stance: z
		.strictObject({ along: slopeField.default(0), across: slopeField.default(0) })
		.optional(),
	sandSurface: sandSurfaceField.optional(),
	grass: z
		.array(z.strictObject({ kind: fringeField, length: within(0.1, 80, 'metres') }))
		.min(1, 'must hold at least one stretch')
		.max(6, 'must be at most 6 stretches')
		.optional(),
	width: z
		.strictObject({ left: within(0.5, 40, 'metres'), right: within(0.5, 40, 'metres') })
		.optional()
};
