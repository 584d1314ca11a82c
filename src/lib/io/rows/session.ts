import { z } from 'zod';
import { carryFlightField, firmnessField, shapeField } from '../fields';
import { drillRulesRow } from './drill';

const number = z.number();

/** Balls of one kind that a session asks of a pupil. */
const taskRow = z.object({
	clubId: z.string(),
	swing: z.string(),
	flight: carryFlightField.default('standard'),
	shape: shapeField.default('straight'),
	balls: z.int().positive(),
	/** Where it is to land and to end, metres along the line. */
	landing: number,
	finish: number
});

/** A session of practice as a browser keeps it. Its balls refer to it. */
export const sessionRow = z.object({
	id: z.string().min(1),
	drillId: z.string(),
	/** Name and rules of the drill as they were. */
	name: z.string(),
	rules: drillRulesRow,
	startedAt: z.string(),
	/** Null while it goes on. */
	endedAt: z.string().nullable().default(null),
	ground: z.object({
		/** In words where no green is kept. */
		name: z.string().default(''),
		greenId: z.string().nullable().default(null),
		stimpFeet: number,
		firmness: firmnessField.default('medium'),
		wet: z.boolean().default(false),
		toEdge: number,
		room: number,
		/** Percent along the line, + uphill. */
		slopeAlong: number.default(0),
		/** On the map of the green: the ball, and which way the line runs in degrees. */
		place: z.object({ ball: z.tuple([number, number]), heading: number }).optional()
	}),
	mark: number,
	/** Who takes part, with their balls. */
	turns: z.array(z.object({ pupilId: z.string(), tasks: z.array(taskRow) })),
	/** Decides the order of what is mixed. */
	seed: number.default(1),
	homeworkId: z.string().nullable().default(null),
	notes: z.string().default('')
});
