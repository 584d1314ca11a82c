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

// Numbers are taken as they are: a range that is tightened later must not lose what was kept before. Ranges are judged when a shot is
// opened, with the words of its form.
const number = z.number();
const mapPoint = z.tuple([number, number]);

const situationRow = z.object({
	lie: z._default(lieField, 'fairway'),
	wet: z._default(z.boolean(), false),
	toEdge: number,
	edgeToPin: number,
	beyondPin: z._default(number, 8),
	rise: z._default(number, 0),
	fringe: z._default(fringeField, 'smooth'),
	segments: z.optional(
		z.array(
			z.object({
				length: number,
				slopeAlong: number,
				slopeAcross: z._default(number, 0),
				kind: z.optional(segmentKindField)
			})
		)
	),
	slopeAlong: z._default(number, 0),
	slopeAcross: z._default(number, 0),
	hazards: z._default(
		z.array(
			z.object({
				kind: hazardKindField,
				from: number,
				to: number,
				height: z._default(number, 0),
				side: z.optional(sideField),
				offset: z.optional(number)
			})
		),
		[]
	),
	stimpFeet: number,
	firmness: z._default(firmnessField, 'medium'),
	grain: z._default(grainField, 'none'),
	wind: z.optional(z.object({ along: z._default(number, 0), across: z._default(number, 0) })),
	airDensity: z.optional(number),
	ball: z.optional(ballField),
	stance: z.optional(z.object({ along: z._default(number, 0), across: z._default(number, 0) })),
	sandSurface: z.optional(sandSurfaceField),
	grass: z.optional(z.array(z.object({ kind: fringeField, length: number }))),
	width: z.optional(z.object({ left: number, right: number }))
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
			apexAtMost: z.optional(number),
			apexAtLeast: z.optional(number)
		})
	),
	place: z.optional(z.object({ greenId: z.string(), ball: mapPoint, pin: mapPoint }))
});

/** A saved shot as a browser keeps it. */
export const shotRow = z.object({
	id: z.string().check(z.minLength(1)),
	name: z.string(),
	savedAt: z.string(),
	shot: workingShotRow,
	/** What was called when it was saved: club and flight in words, air and ground in metres. */
	called: z.optional(z.object({ words: z.string(), carry: number, roll: number }))
});
