import { z } from 'zod';
import {
	ballField,
	firmnessField,
	fringeField,
	grainField,
	hazardKindField,
	lieField,
	sandSurfaceField,
	segmentKindField,
	sideField
} from '../fields';

// Numbers are taken as they are: a range that is tightened later must not lose what was kept before. Ranges are judged when a shot is
// opened, with the words of its form.
const number = z.number();
const mapPoint = z.tuple([number, number]);

const situationRow = z.object({
	lie: lieField.default('fairway'),
	wet: z.boolean().default(false),
	toEdge: number,
	edgeToPin: number,
	beyondPin: number.default(8),
	rise: number.default(0),
	fringe: fringeField.default('smooth'),
	segments: z
		.array(
			z.object({
				length: number,
				slopeAlong: number,
				slopeAcross: number.default(0),
				kind: segmentKindField.optional()
			})
		)
		.optional(),
	slopeAlong: number.default(0),
	slopeAcross: number.default(0),
	hazards: z
		.array(
			z.object({
				kind: hazardKindField,
				from: number,
				to: number,
				height: number.default(0),
				side: sideField.optional(),
				offset: number.optional()
			})
		)
		.default([]),
	stimpFeet: number,
	firmness: firmnessField.default('medium'),
	grain: grainField.default('none'),
	wind: z.object({ along: number.default(0), across: number.default(0) }).optional(),
	airDensity: number.optional(),
	ball: ballField.optional(),
	stance: z.object({ along: number.default(0), across: number.default(0) }).optional(),
	sandSurface: sandSurfaceField.optional(),
	grass: z.array(z.object({ kind: fringeField, length: number })).optional(),
	width: z.object({ left: number, right: number }).optional()
});

/** A shot as a browser keeps it while it is worked on. */
export const workingShotRow = z.object({
	situation: situationRow,
	/** Whose shot it is; a shot whose pupil is gone stays readable. */
	pupilId: z.string(),
	place: z.object({ greenId: z.string(), ball: mapPoint, pin: mapPoint }).optional()
});

/** A saved shot as a browser keeps it. */
export const shotRow = z.object({
	id: z.string().min(1),
	name: z.string(),
	savedAt: z.string(),
	shot: workingShotRow
});
