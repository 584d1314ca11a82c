import { z } from 'zod';
import { ballSourceField, carryFlightField, lieField, shapeField, strikeTagField } from '../fields';

const number = z.number();
/** Along the line of a drill from the ball, and to its right; metres. */
const spot = z.tuple([number, number]);

/** One ball, or one carry that was stated, as a browser keeps it: a fact. Only whether it counts is changed later. */
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
	carry: number,
	source: ballSourceField.default('typed'),
	/** Of a stated carry: the standard deviation of the balls behind it, and how many they were. */
	spread: number.optional(),
	n: number.optional(),
	/** Of a ball of a session: which, and where it landed and ended. */
	sessionId: z.string().optional(),
	shape: shapeField.default('straight'),
	lie: lieField.default('fairway'),
	landed: spot.optional(),
	finished: spot.optional(),
	/** Where it was to land, and how far it was to roll from there. */
	meant: number.optional(),
	meantRoll: number.optional(),
	/** The landing was worked out from where it ended. */
	inferred: z.boolean().default(false),
	tags: z.array(strikeTagField).default([]),
	/** To hole out, this one counted. */
	strokes: z.int().optional(),
	/** Number of the reading of a device, so that it is noted once. */
	reading: z.string().optional(),
	/** Whether the carry table rests on it. */
	counts: z.boolean().default(true)
});
