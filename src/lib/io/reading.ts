import { z } from 'zod';
import {
	firmnessField,
	idField,
	nameField,
	readingMethodField,
	slopeField,
	stimpField,
	wayField,
	within
} from './fields';

/** One roll as it was written down: of a ramp's ball, or of a putt that was timed. */
const rollSchema = z.object({
	/** Which place of the test, from 1. */
	place: z.int().min(1).max(9),
	way: wayField,
	rollOut: within(0, 30, 'metres'),
	/** From the strike to rest, of a timed putt. */
	seconds: within(0.5, 30, 'seconds').optional()
});

/** One chipped ball as it is written down. */
const ballSchema = z.object({
	club: nameField,
	carry: within(0.1, 100, 'metres'),
	total: within(0.1, 150, 'metres'),
	slope: slopeField.default(0)
});

/** A ball as it is typed: it cannot stop before it has landed. */
export const typedBallSchema = ballSchema
	.extend({ slope: slopeField })
	.refine(({ carry, total }) => total > carry, {
		path: ['total'],
		error: 'It cannot stop before it has landed.'
	});

/** What was found of one green on one day. The newest of a green counts. */
export const readingDraftSchema = z.object({
	id: idField,
	greenId: idField,
	takenAt: z.iso.datetime(),
	stimpFeet: stimpField,
	/** One standard error of the speed; null when it was only judged. */
	errorFeet: within(0, 6, 'feet').nullable().default(null),
	firmness: firmnessField.default('medium'),
	wet: z.boolean().default(false),
	/** Direction in which the grass grows, clockwise from the top of the map; null for none. */
	grainTowards: within(0, 360, 'degrees').nullable().default(null),
	method: readingMethodField.default('judged'),
	/** What it was found from, so that it can be worked out again. */
	rolls: z.array(rollSchema).max(100, 'must be at most 100 rolls').default([]),
	balls: z.array(ballSchema).max(100, 'must be at most 100 balls').default([]),
	note: z.string().max(200, 'must be at most 200 letters').default('')
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
export const judgedSchema = readingDraftSchema.pick({ stimpFeet: true }).extend({
	turf: z.object({
		firmness: firmnessField,
		wet: z.boolean(),
		grainTowards: within(0, 360, 'degrees').nullable()
	})
});
