import { z } from 'zod';
import { carryFlightField, ballSourceField } from '../fields';

/** One ball, or one carry that was stated, as a browser keeps it: a fact that nothing changes. */
export const ballRow = z.object({
	id: z.string().min(1),
	pupilId: z.string(),
	clubId: z.string(),
	/** When it was noted. */
	at: z.string(),
	/** A mark of any vocabulary. */
	swing: z.string(),
	flight: carryFlightField.default('standard'),
	/** Metres. */
	carry: z.number(),
	source: ballSourceField.default('typed'),
	/** Of a stated carry: the standard deviation of the balls behind it, and how many they were. */
	spread: z.number().optional(),
	n: z.number().optional()
});
