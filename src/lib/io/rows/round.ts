import * as z from 'zod/mini';
import { dayField } from '../fields/kept';

/** A round that a pupil played, as a browser keeps it. Its shots refer to it. */
export const roundRow = z.object({
	id: z.string().check(z.minLength(1)),
	pupilId: z.string(),
	/** 2026-10-25. */
	day: dayField,
	/** Where, in free words. */
	name: z._default(z.string(), ''),
	notes: z._default(z.string(), '')
});
