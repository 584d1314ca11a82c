import { z } from 'zod';
import { clubKindField } from '../fields';

const number = z.number();

/** A club of one pupil as a browser keeps it. */
export const clubRow = z.object({
	id: z.string().min(1),
	pupilId: z.string(),
	name: z.string(),
	/** Degrees. */
	loft: number,
	bounce: number.default(6),
	kind: clubKindField.default('wedge'),
	/** Place in the bag, rising. */
	order: number.default(0),
	/** When it was taken out of the bag; null while it is in it. What was measured with it stays. */
	retiredAt: z.string().nullable().default(null)
});
