import { z } from 'zod';
import {
	ballField,
	carryFlightField,
	firmnessField,
	fringeField,
	grainField,
	handField,
	hazardKindField,
	lieField,
	sandSurfaceField,
	sideField,
	schoolField,
	segmentKindField,
	skillField,
	vocabularyField
} from '../fields';
import { TECHNIQUE_CHOICES } from '../player';

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

const golferRow = z.object({
	skill: skillField.default('middle'),
	hand: handField.default('right'),
	school: schoolField.default('free'),
	vocabulary: vocabularyField.default('clock'),
	technique: z
		.object({
			chip: z.enum(TECHNIQUE_CHOICES.chip).default('lean'),
			flop: z.enum(TECHNIQUE_CHOICES.flop).default('lead'),
			stroke: z.enum(TECHNIQUE_CHOICES.stroke).default('pendulum')
		})
		.prefault({}),
	spread: z.object({ speed: number, direction: number, loft: number, lowPoint: number }).optional(),
	costs: z
		.object({ holedHalf: number, around: number, sand: number, upAndDown: number })
		.optional(),
	carries: z
		.array(
			z.object({
				club: z.string(),
				swing: z.string(),
				carry: number,
				flight: carryFlightField.optional(),
				spread: number.optional(),
				n: number.optional()
			})
		)
		.default([])
});

const clubRow = z.object({
	id: z.string().min(1),
	name: z.string(),
	loft: number,
	bounce: number.default(6),
	putter: z.boolean().default(false)
});

/** A shot as a browser keeps it while it is worked on. */
export const workingShotRow = z.object({
	situation: situationRow,
	golfer: golferRow.prefault({}),
	bag: z.array(clubRow),
	place: z.object({ greenId: z.string(), ball: mapPoint, pin: mapPoint }).optional()
});

/** A saved shot as a browser keeps it. */
export const shotRow = z.object({
	id: z.string().min(1),
	name: z.string(),
	savedAt: z.string(),
	shot: workingShotRow
});
