import { z } from 'zod';
import { firmnessField, stimpField, within } from './contract/fields';

/** What was found of one green on one day. The newest of a green counts. */
export const readingSchema = z.strictObject({
	id: z.string().min(1).max(64),
	greenId: z.string().min(1).max(64),
	takenAt: z.iso.datetime(),
	stimpFeet: stimpField,
	/** One standard error of the speed; null when it was only judged. */
	errorFeet: within(0, 6, 'feet').nullable().default(null),
	firmness: firmnessField.default('medium'),
	wet: z.boolean().default(false),
	/** Direction in which the grass grows, clockwise from the top of the map; null for none. */
	grainTowards: within(0, 360, 'degrees').nullable().default(null),
	method: z.enum(['ramp', 'balls', 'judged']).default('judged'),
	note: z.string().max(200, 'must be at most 200 letters').default('')
});

export type ReadingWire = z.output<typeof readingSchema>;
