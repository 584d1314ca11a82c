import * as z from 'zod/mini';

// Fields of stored rows: lenient, but what is no date or no number in any sense is none.

/** A number of a stored row, taken as it is: a range that is tightened later must not lose what was kept. Beyond sense it is none. */
export const keptNumber = z.number().check(z.minimum(-1e7), z.maximum(1e7));

/** How many balls, times or clubs a stored row asks for. */
export const keptCount = z.int().check(z.minimum(1), z.maximum(10_000));

/** What was counted; none is a count, too. */
export const keptTally = z.int().check(z.minimum(0), z.maximum(10_000));

const DAY = /^\d{4}-\d\d-\d\d/;
const isDate = (text: string): boolean => DAY.test(text) && !Number.isNaN(Date.parse(text));

/** A moment as it is kept: a date and a time of day that there are. */
export const instantField = z
	.string()
	.check(z.refine(isDate, 'must be a date and time, such as 2026-10-25T09:30:00.000Z'));
/** A time of day as it is kept. */
export const clockField = z
	.string()
	.check(z.regex(/^([01]\d|2[0-3]):[0-5]\d$/, 'must be a time of day, such as 16:30'));
/** A day as it is kept. */
export const dayField = z
	.string()
	.check(
		z.refine((text) => text.length === 10 && isDate(text), 'must be a day, such as 2026-10-25')
	);
