import * as z from 'zod/mini';
import { firmnessField, readingMethodField, wayField } from '../fields/fields';

const number = z.number();

/** What was found of one green on one day, as a browser keeps it. */
export const readingRow = z.object({
	id: z.string().check(z.minLength(1)),
	greenId: z.string().check(z.minLength(1)),
	takenAt: z.string(),
	stimpFeet: number,
	errorFeet: z._default(z.nullable(number), null),
	firmness: z._default(firmnessField, 'medium'),
	wet: z._default(z.boolean(), false),
	grainTowards: z._default(z.nullable(number), null),
	method: z._default(readingMethodField, 'judged'),
	rolls: z._default(
		z.array(
			z.object({ place: z.int(), way: wayField, rollOut: number, seconds: z.optional(number) })
		),
		[]
	),
	balls: z._default(
		z.array(
			z.object({ club: z.string(), carry: number, total: number, slope: z._default(number, 0) })
		),
		[]
	),
	note: z._default(z.string(), '')
});
