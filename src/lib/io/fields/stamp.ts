import * as z from 'zod/mini';

/**
 * When a record was made or changed: wall time, a counter within it, and a device, in a text that sorts by them (a hybrid logical
 * clock; S. Kulkarni and others, Logical physical clocks, 2014).
 */
export type Stamp = string;

/** Before any stamp that a clock gave: what was never changed by a person, or nobody knows when. */
export const NEVER: Stamp = '1970-01-01T00:00:00.000Z-0000-none';

const SHAPE = /^\d{4}-\d\d-\d\dT\d\d:\d\d:\d\d\.\d{3}Z-[0-9a-z]{4}-\w{1,16}$/;

/** A stamp; whatever is none counts as never. */
export const stampField = z._default(z.catch(z.string().check(z.regex(SHAPE)), NEVER), NEVER);

/** The wall time of a stamp, in ms; the first of all for never. */
export const timeOf = (stamp: Stamp): number => Date.parse(stamp.slice(0, 24));

/** Splits a stamp into what it is made of. */
export const partsOf = (stamp: Stamp): { time: number; count: number } => ({
	time: timeOf(stamp),
	count: parseInt(stamp.slice(25, 29), 36)
});

/** Puts a stamp together. */
export const stampFrom = (time: number, count: number, device: string): Stamp =>
	`${new Date(time).toISOString()}-${count.toString(36).padStart(4, '0')}-${device}`;

/** The later of two. */
export const later = (a: Stamp, b: Stamp): Stamp => (a < b ? b : a);
