import { z } from 'zod';
import { firmnessField, readingMethodField, wayField } from '../fields';

const number = z.number();

/** What was found of one green on one day, as a browser keeps it. */
export const readingRow = z.object({
	id: z.string().min(1),
	greenId: z.string().min(1),
	takenAt: z.string(),
	stimpFeet: number,
	errorFeet: number.nullable().default(null),
	firmness: firmnessField.default('medium'),
	wet: z.boolean().default(false),
	grainTowards: number.nullable().default(null),
	method: readingMethodField.default('judged'),
	rolls: z
		.array(z.object({ place: z.int(), way: wayField, rollOut: number, seconds: number.optional() }))
		.default([]),
	balls: z
		.array(z.object({ club: z.string(), carry: number, total: number, slope: number.default(0) }))
		.default([]),
	note: z.string().default('')
});
