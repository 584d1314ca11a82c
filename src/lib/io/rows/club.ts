import * as z from 'zod/mini';
import { clubKindField } from '../fields/fields';
import { instantField, keptNumber } from '../fields/kept';

/** A club of one pupil as a browser keeps it. */
export const clubRow = z.object({
	id: z.string().check(z.minLength(1)),
	pupilId: z.string(),
	name: z.string(),
	/** Degrees. */
	loft: keptNumber,
	bounce: z._default(keptNumber, 6),
	kind: z._default(clubKindField, 'wedge'),
	/** Place in the bag, rising. */
	order: z._default(keptNumber, 0),
	/** When it was taken out of the bag; null while it is in it. What was measured with it stays. */
	retiredAt: z._default(z.nullable(instantField), null)
});
