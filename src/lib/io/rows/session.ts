import * as z from 'zod/mini';
import { carryFlightField, firmnessField, shapeField } from '../fields/fields';
import { instantField, keptCount, keptNumber } from '../fields/kept';
import { drillRulesRow } from './drill';

/** Balls of one kind that a session asks of a pupil. */
const taskRow = z.object({
	clubId: z.string(),
	swing: z.string(),
	flight: z._default(carryFlightField, 'standard'),
	shape: z._default(shapeField, 'straight'),
	balls: keptCount,
	/** Where it is to land and to end, metres along the line. */
	landing: keptNumber,
	finish: keptNumber
});

/** A session of practice as a browser keeps it. Its balls refer to it. */
export const sessionRow = z.object({
	id: z.string().check(z.minLength(1)),
	drillId: z.string(),
	/** Name and rules of the drill as they were. */
	name: z.string(),
	rules: drillRulesRow,
	startedAt: instantField,
	/** Null while it goes on. */
	endedAt: z._default(z.nullable(instantField), null),
	ground: z.object({
		/** In words where no green is kept. */
		name: z._default(z.string(), ''),
		greenId: z._default(z.nullable(z.string()), null),
		stimpFeet: keptNumber,
		firmness: z._default(firmnessField, 'medium'),
		wet: z._default(z.boolean(), false),
		toEdge: keptNumber,
		room: keptNumber,
		/** One standard error of the speed in feet; null where nobody measured it. */
		speedError: z._default(z.nullable(keptNumber), null),
		/** Percent along the line, + uphill, and its standard error. */
		slopeAlong: z._default(keptNumber, 0),
		slopeError: z._default(keptNumber, 1),
		/** On the map of the green: the ball, and which way the line runs in degrees. */
		place: z.optional(z.object({ ball: z.tuple([keptNumber, keptNumber]), heading: keptNumber }))
	}),
	mark: keptNumber,
	/** Who takes part, with their balls. */
	turns: z.array(z.object({ pupilId: z.string(), tasks: z.array(taskRow) })),
	/** Decides the order of what is mixed. */
	seed: z._default(keptNumber, 1),
	homeworkId: z._default(z.nullable(z.string()), null),
	notes: z._default(z.string(), '')
});
