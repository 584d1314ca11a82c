import * as z from 'zod/mini';
import {
	carryFlightField,
	handField,
	lieField,
	ratioStyleField,
	schoolField,
	skillField,
	unitsField,
	vocabularyField
} from '../fields/fields';
import { instantField, keptNumber } from '../fields/kept';
import { TECHNIQUE_CHOICES } from '../work/player';

const spreadRow = z.object({
	speed: keptNumber,
	direction: keptNumber,
	loft: keptNumber,
	lowPoint: keptNumber
});
/** How the strike differs from the model's: degrees of loft by flight, and factors on the spin and, by lie, on the ball's speed. */
const deliveredRow = z.object({
	loft: z._default(z.partialRecord(carryFlightField, keptNumber), {}),
	grip: z._default(keptNumber, 1),
	speed: z.optional(z.partialRecord(lieField, keptNumber))
});
const costsRow = z.object({ holedHalf: keptNumber, around: keptNumber, sand: keptNumber });
const correctedRow = z.object({
	at: instantField,
	/** When each number was corrected last: forecasts made before say no more of it. */
	since: z._default(z.record(z.string(), instantField), {}),
	/** Missing where the correction was taken back since. */
	before: z.optional(
		z.object({
			spread: z.optional(spreadRow),
			delivered: z.optional(deliveredRow),
			costs: z.optional(costsRow)
		})
	)
});

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
	spread: z.optional(spreadRow),
	costs: z.optional(costsRow),
	delivered: z.optional(deliveredRow),
	/** What played shots changed of the numbers above, when, and how they were before. */
	corrected: z.optional(correctedRow),
	/** Metres. */
	pace: z._default(keptNumber, 0.9),
	/** How tall, metres. */
	stature: z.optional(keptNumber),
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
