import * as z from 'zod/mini';
import {
	atMost,
	firmnessField,
	idField,
	inRange,
	nameField,
	readingMethodField,
	slopeField,
	stimpField,
	wayField,
	within
} from '../fields/fields';
import { LETTERS, RANGE } from '../fields/ranges';

/** One roll as it was written down: of a ramp's ball, or of a putt that was timed. */
const rollSchema = z.object({
	/** Which place of the test, from 1. */
	place: z.int().check(z.minimum(1), z.maximum(9)),
	way: wayField,
	rollOut: within(0, 30, 'metres'),
	/** From the strike to rest, of a timed putt. */
	seconds: z.optional(within(0.5, 30, 'seconds'))
});

/** One chipped ball as it is written down. */
const ballSchema = z.object({
	club: nameField,
	carry: within(0.1, 100, 'metres'),
	total: within(0.1, 150, 'metres'),
	slope: z._default(slopeField, 0)
});

/** A ball as it is typed: it cannot stop before it has landed. */
export const typedBallSchema = z.extend(ballSchema, { slope: slopeField }).check(
	z.refine(({ carry, total }) => total > carry, {
		path: ['total'],
		error: 'It cannot stop before it has landed.'
	})
);

/** What was found of one green on one day. The newest of a green counts. */
export const readingDraftSchema = z.object({
	id: idField,
	greenId: idField,
	takenAt: z.iso.datetime(),
	stimpFeet: stimpField,
	/** One standard error of the speed; null when it was only judged. */
	errorFeet: z._default(z.nullable(within(0, 6, 'feet')), null),
	firmness: z._default(firmnessField, 'medium'),
	wet: z._default(z.boolean(), false),
	/** Direction in which the grass grows, clockwise from the top of the map; null for none. */
	grainTowards: z._default(z.nullable(inRange(RANGE.bearing, 'degrees')), null),
	method: z._default(readingMethodField, 'judged'),
	/** What it was found from, so that it can be worked out again. */
	rolls: z._default(z.array(rollSchema).check(z.maxLength(100, 'must be at most 100 rolls')), []),
	balls: z._default(z.array(ballSchema).check(z.maxLength(100, 'must be at most 100 balls')), []),
	note: z._default(z.string().check(atMost(LETTERS.line)), '')
});

export type ReadingWire = z.output<typeof readingDraftSchema>;

/** Clocks differ by less than this, in ms: a reading dated farther ahead was taken by a wrong one, or before this one was set back. */
const CLOCKS_DIFFER = 3_600_000;

/** Whether a reading is dated in what this device takes for the future. */
export const isAhead = ({ takenAt }: Pick<ReadingWire, 'takenAt'>, now: number): boolean =>
	Date.parse(takenAt) > now + CLOCKS_DIFFER;

/** The order of readings: newest first, those from the future after all others, since nothing says how old they are. */
export const newestFirst = (
	a: Pick<ReadingWire, 'takenAt'>,
	b: Pick<ReadingWire, 'takenAt'>,
	now: number
): number =>
	Number(isAhead(a, now)) - Number(isAhead(b, now)) || b.takenAt.localeCompare(a.takenAt);

/** Today's green as it is judged by eye. */
export const judgedSchema = z.extend(z.pick(readingDraftSchema, { stimpFeet: true }), {
	turf: z.object({
		firmness: firmnessField,
		wet: z.boolean(),
		grainTowards: z.nullable(inRange(RANGE.bearing, 'degrees'))
	})
});
