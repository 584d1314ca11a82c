import * as z from 'zod/mini';
import { carryFlightField } from '../fields/fields';
import { dayField, instantField, keptCount } from '../fields/kept';

/** Swings that are asked for, and with how many balls each. */
export const homeworkCellsRow = z.array(
	z.object({
		clubId: z.string(),
		swing: z.string(),
		flight: z._default(carryFlightField, 'standard'),
		balls: keptCount
	})
);

/** What a coach asked a pupil to practise until a day, as a browser keeps it. Whether it is done is read off the balls. */
export const homeworkRow = z.object({
	id: z.string().check(z.minLength(1)),
	pupilId: z.string(),
	name: z.string(),
	givenAt: instantField,
	/** The last day, 2026-10-25. */
	due: dayField,
	cells: homeworkCellsRow,
	drills: z._default(
		z.array(z.object({ drillId: z.string(), name: z.string(), times: keptCount })),
		[]
	),
	note: z._default(z.string(), '')
});
