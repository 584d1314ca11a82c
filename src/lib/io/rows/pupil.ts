import { z } from 'zod';
import {
	carryFlightField,
	handField,
	schoolField,
	skillField,
	unitsField,
	vocabularyField
} from '../fields';
import { TECHNIQUE_CHOICES } from '../player';

// Numbers are taken as they are; ranges are judged where they are typed.
const number = z.number();

/** A pupil as a browser keeps one. */
export const pupilRow = z.object({
	id: z.string().min(1),
	name: z.string(),
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
	/** How the strike differs from the model's: degrees of loft by flight, and a factor on the spin. */
	delivered: z
		.object({
			loft: z.partialRecord(carryFlightField, number).default({}),
			grip: number.default(1)
		})
		.optional(),
	/** Metres. */
	pace: number.default(0.9),
	units: unitsField.default('metres'),
	/** What to mind when this pupil plays, in the coach's words. */
	minding: z.string().default(''),
	notes: z.string().default(''),
	archived: z.boolean().default(false)
});
