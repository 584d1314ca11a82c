import * as z from 'zod/mini';
import { firmnessField, readingMethodField, wayField } from '../fields/fields';
import { instantField, keptNumber } from '../fields/kept';

/** What was found of one green on one day, as a browser keeps it. */
export const readingRow = z.object({
	id: z.string().check(z.minLength(1)),
	greenId: z.string().check(z.minLength(1)),
	takenAt: instantField,
	stimpFeet: keptNumber,
	errorFeet: z._default(z.nullable(keptNumber), null),
	firmness: z._default(firmnessField, 'medium'),
	wet: z._default(z.boolean(), false),
	grainTowards: z._default(z.nullable(keptNumber), null),
	method: z._default(readingMethodField, 'judged'),
	rolls: z._default(
		z.array(
			z.object({
				place: z.int(),
				way: wayField,
				rollOut: keptNumber,
				seconds: z.optional(keptNumber)
			})
		),
		[]
	),
	balls: z._default(
		z.array(
			z.object({
				club: z.string(),
				carry: keptNumber,
				total: keptNumber,
				slope: z._default(keptNumber, 0)
			})
		),
		[]
	),
	note: z._default(z.string(), '')
});
