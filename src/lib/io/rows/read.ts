import * as z from 'zod/mini';
import { glanceKindField, heightField, lieAnswerField, readStepField } from '../fields/fields';
import { instantField, keptCount, keptNumber } from '../fields/kept';
import { workingShotRow } from './shot';

/** A shot that somebody read in the trainer, as a browser keeps it: what they chose, and what each step of it cost. */
export const readRow = z.object({
	id: z.string().check(z.minLength(1)),
	pupilId: z.string(),
	at: instantField,
	/** Where the shot comes from: made up from a seed, made up on a green, a saved shot, or one that was played. */
	from: z.object({ kind: z.enum(['made', 'green', 'shot', 'play']), id: z.string() }),
	/** How hard it was, 1 to 6. */
	level: keptNumber,
	committed: z.object({
		lie: lieAnswerField,
		height: heightField,
		landing: keptNumber,
		ratio: keptNumber,
		club: z.string(),
		swing: keptNumber,
		aside: keptNumber
	}),
	/** The steps that were asked. */
	steps: z.array(z.object({ step: readStepField, cost: keptNumber, right: z.boolean() })),
	/** Strokes lost in all. */
	loss: keptNumber,
	/** The exam it answers, and which shot of it. */
	exam: z.optional(z.object({ id: z.string(), item: z.string() }))
});

/** A single judgement that somebody made, as a browser keeps it. */
export const glanceRow = z.object({
	id: z.string().check(z.minLength(1)),
	pupilId: z.string(),
	at: instantField,
	kind: glanceKindField,
	/** Percent, metres, hole widths or feet, by the kind; of a choice the index of the right one. */
	truth: keptNumber,
	guess: keptNumber,
	/** How sure they were, 0 to 1. */
	sure: z.number().check(z.minimum(0), z.maximum(1)),
	right: z.boolean()
});

/** Shots that a coach sets to be read, as a browser keeps them. */
export const examRow = z.object({
	id: z.string().check(z.minLength(1)),
	name: z.string(),
	/** For whom. */
	pupilIds: z.array(z.string()),
	setAt: instantField,
	/** Time there is for all of it. */
	minutes: keptCount,
	/** Each made up from a seed at a level, or a shot of the coach's own. */
	items: z.array(
		z.object({
			id: z.string(),
			seed: z._default(keptNumber, 0),
			level: z._default(keptNumber, 3),
			name: z._default(z.string(), ''),
			shot: z.optional(workingShotRow)
		})
	)
});
