import * as z from 'zod/mini';
import {
	ballSourceField,
	carryFlightField,
	lieField,
	shapeField,
	strikeTagField,
	swingFromField
} from '../fields/fields';
import { instantField, keptNumber } from '../fields/kept';

/** Along the line of a drill from the ball, and to its right; metres. */
const spot = z.tuple([keptNumber, keptNumber]);

/** One ball, or one carry that was stated, as a browser keeps it: a fact. Only whether it counts is changed later. */
export const ballRow = z.object({
	id: z.string().check(z.minLength(1)),
	pupilId: z.string(),
	clubId: z.string(),
	/** When it was noted. */
	at: instantField,
	/** A mark of any vocabulary. */
	swing: z.string(),
	/** Whence the swing is known; missing where it was typed with the carry. */
	swingFrom: z.optional(swingFromField),
	flight: z._default(carryFlightField, 'standard'),
	/** Metres. */
	carry: keptNumber,
	source: z._default(ballSourceField, 'typed'),
	/** Of a stated carry: the standard deviation of the balls behind it, and how many they were. */
	spread: z.optional(keptNumber),
	n: z.optional(keptNumber),
	/** Of a ball of a session: which, and where it landed and ended. */
	sessionId: z.optional(z.string()),
	shape: z._default(shapeField, 'straight'),
	lie: z._default(lieField, 'fairway'),
	landed: z.optional(spot),
	finished: z.optional(spot),
	/** How far the touch that noted it may be off, one standard deviation in metres. */
	touchError: z.optional(keptNumber),
	/** Where it was to land, and how far it was to roll from there. */
	meant: z.optional(keptNumber),
	meantRoll: z.optional(keptNumber),
	/** The landing was worked out from where it ended. */
	inferred: z._default(z.boolean(), false),
	tags: z._default(z.array(strikeTagField), []),
	/** To hole out, this one counted. */
	strokes: z.optional(z.int()),
	/** Number of the reading of a device, so that it is noted once. */
	reading: z.optional(z.string()),
	/** Whether the carry table rests on it. */
	counts: z._default(z.boolean(), true)
});
