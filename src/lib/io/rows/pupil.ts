import * as z from 'zod/mini';
import {
	carryFlightField,
	handField,
	ratioStyleField,
	schoolField,
	skillField,
	unitsField,
	vocabularyField
} from '../fields/fields';
import { keptNumber } from '../fields/kept';
import { TECHNIQUE_CHOICES } from '../work/player';

/** A pupil as a browser keeps one. */
export const pupilRow = z.object({
	id: z.string().check(z.minLength(1)),
	name: z.string(),
	skill: z._default(skillField, 'middle'),
	handicap: z.optional(keptNumber),
	hand: z._default(handField, 'right'),
	school: z._default(schoolField, 'free'),
	vocabulary: z._default(vocabularyField, 'clock'),
	technique: z.prefault(
		z.object({
			chip: z._default(z.enum(TECHNIQUE_CHOICES.chip), 'lean'),
			flop: z._default(z.enum(TECHNIQUE_CHOICES.flop), 'lead'),
			stroke: z._default(z.enum(TECHNIQUE_CHOICES.stroke), 'pendulum')
		}),
		{}
	),
	spread: z.optional(
		z.object({ speed: keptNumber, direction: keptNumber, loft: keptNumber, lowPoint: keptNumber })
	),
	costs: z.optional(z.object({ holedHalf: keptNumber, around: keptNumber, sand: keptNumber })),
	/** How the strike differs from the model's: degrees of loft by flight, and a factor on the spin. */
	delivered: z.optional(
		z.object({
			loft: z._default(z.partialRecord(carryFlightField, keptNumber), {}),
			grip: z._default(keptNumber, 1)
		})
	),
	/** Metres. */
	pace: z._default(keptNumber, 0.9),
	units: z._default(unitsField, 'metres'),
	/** How air and ground are said to them. */
	ratios: z.optional(ratioStyleField),
	/** Never the putter from off the green, unless it is asked for. */
	noPutt: z.optional(z.boolean()),
	/** What to mind when this pupil plays, in the coach's words. */
	minding: z._default(z.string(), ''),
	notes: z._default(z.string(), ''),
	archived: z._default(z.boolean(), false)
});
