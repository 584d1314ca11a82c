import * as z from 'zod/mini';
import {
	ballField,
	firmnessField,
	fringeField,
	grainField,
	hazardKindField,
	lieField,
	sandSurfaceField,
	segmentKindField,
	shotKindField,
	sideField
} from '../fields/fields';
import { instantField, keptNumber } from '../fields/kept';

const mapPoint = z.tuple([keptNumber, keptNumber]);

const situationRow = z.object({
	lie: z._default(lieField, 'fairway'),
	wet: z._default(z.boolean(), false),
	toEdge: keptNumber,
	edgeToPin: keptNumber,
	beyondPin: z._default(keptNumber, 8),
	rise: z._default(keptNumber, 0),
	fringe: z._default(fringeField, 'smooth'),
	segments: z.optional(
		z.array(
			z.object({
				length: keptNumber,
				slopeAlong: keptNumber,
				slopeAcross: z._default(keptNumber, 0),
				kind: z.optional(segmentKindField)
			})
		)
	),
	slopeAlong: z._default(keptNumber, 0),
	slopeAcross: z._default(keptNumber, 0),
	hazards: z._default(
		z.array(
			z.object({
				kind: hazardKindField,
				from: keptNumber,
				to: keptNumber,
				height: z._default(keptNumber, 0),
				side: z.optional(sideField),
				offset: z.optional(keptNumber)
			})
		),
		[]
	),
	stimpFeet: keptNumber,
	firmness: z._default(firmnessField, 'medium'),
	grain: z._default(grainField, 'none'),
	wind: z.optional(
		z.object({ along: z._default(keptNumber, 0), across: z._default(keptNumber, 0) })
	),
	airDensity: z.optional(keptNumber),
	ball: z.optional(ballField),
	stance: z.optional(
		z.object({ along: z._default(keptNumber, 0), across: z._default(keptNumber, 0) })
	),
	sandSurface: z.optional(sandSurfaceField),
	grass: z.optional(z.array(z.object({ kind: fringeField, length: keptNumber }))),
	width: z.optional(z.object({ left: keptNumber, right: keptNumber }))
});

/** A shot as a browser keeps it while it is worked on. */
export const workingShotRow = z.object({
	situation: situationRow,
	/** Whose shot it is; a shot whose pupil is gone stays readable. */
	pupilId: z.string(),
	/** The shot that is asked for. */
	wanted: z.optional(
		z.object({
			kinds: z.optional(z.array(shotKindField)),
			clubs: z.optional(z.array(z.string())),
			without: z.optional(z.array(z.string())),
			apexAtMost: z.optional(keptNumber),
			apexAtLeast: z.optional(keptNumber)
		})
	),
	place: z.optional(z.object({ greenId: z.string(), ball: mapPoint, pin: mapPoint }))
});

/** A saved shot as a browser keeps it. */
export const shotRow = z.object({
	id: z.string().check(z.minLength(1)),
	name: z.string(),
	savedAt: instantField,
	shot: workingShotRow,
	/** What was called when it was saved: club and flight in words, air and ground in metres. */
	called: z.optional(z.object({ words: z.string(), carry: keptNumber, roll: keptNumber }))
});
