import * as z from 'zod/mini';

/**
 * When a record was made or changed: wall time, a counter within it, and a device, in a text that sorts by them (a hybrid logical
 * clock; S. Kulkarni and others, Logical physical clocks, 2014).
 */
export type Stamp = string;

/** Before any stamp that a clock gave: what was never changed by a person, or nobody knows when. */
export const NEVER: Stamp = '1970-01-01T00:00:00.000Z-0000-none';

const SHAPE = /^\d{4}-\d\d-\d\dT\d\d:\d\d:\d\d\.\d{3}Z-[0-9a-z]{4}-\w{1,16}$/;

/** Clocks of devices differ, and time zones are set wrong: a stamp this much ahead of the own clock, in ms, is still believed. */
const MOST_AHEAD = 24 * 3600_000;

/** The wall time of a stamp, in ms; the first of all for never. */
export const timeOf = (stamp: Stamp): number => Date.parse(stamp.slice(0, 24));

/** Whether a text is a stamp of a day and time that there are. */
export function isStamp(value: unknown): value is Stamp {
	if (typeof value !== 'string' || !SHAPE.test(value)) return false;
	const time = timeOf(value);
	return !Number.isNaN(time) && new Date(time).toISOString() === value.slice(0, 24);
}

/**
 * Whether a stamp is one that a clock can have given: what lies far ahead of the own one would count as newer than every later change.
 *
 * @param now by the own clock, ms
 */
export const isCredible = (value: unknown, now: number): value is Stamp =>
	isStamp(value) && timeOf(value) <= now + MOST_AHEAD;

/** The latest stamp that is credible, in a text that sorts behind it. */
export const latestCredible = (now: number): string =>
	`${new Date(now + MOST_AHEAD).toISOString()}~`;

/** A stamp; whatever is none counts as never. */
export const stampField = z._default(
	z.catch(z.string().check(z.regex(SHAPE), z.refine(isStamp)), NEVER),
	NEVER
);

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
