import * as z from 'zod/mini';
import { atMost, carryFlightField, idField, nameField } from '../fields/fields';
import type { Ball } from '../work/pupil';
import type { Session } from './session';

/** The trade's fine homework: two clubs with two lengths, eight balls each (common practice, no source). */
export const HOMEWORK_BALLS = 8;

const homeworkCellSchema = z.object({
	clubId: idField,
	swing: nameField,
	flight: carryFlightField,
	balls: z
		.int('must be a whole number')
		.check(z.minimum(1, 'must be at least 1'), z.maximum(100, 'must be at most 100'))
});
export type HomeworkCell = z.output<typeof homeworkCellSchema>;

/** A drill or a test that is asked for, and how often. */
const homeworkDrillSchema = z.object({
	drillId: idField,
	/** As it was called when it was given. */
	name: nameField,
	times: z
		.int('must be a whole number')
		.check(z.minimum(1, 'must be at least 1'), z.maximum(30, 'must be at most 30'))
});
export type HomeworkDrill = z.output<typeof homeworkDrillSchema>;

const asksSomething = z.refine<{ cells: readonly unknown[]; drills: readonly unknown[] }>(
	({ cells, drills }) => cells.length + drills.length > 0,
	{ path: ['cells'], error: 'must ask for one swing or one drill at least' }
);

/** What a coach asked a pupil to practise until a day. */
export const homeworkSchema = z.object({
	id: idField,
	pupilId: idField,
	name: nameField,
	givenAt: z.string(),
	due: z.iso.date('must be a day'),
	cells: z.array(homeworkCellSchema).check(z.maxLength(24)),
	drills: z.array(homeworkDrillSchema).check(z.maxLength(8)),
	note: z.string().check(atMost(600))
});
export type Homework = z.output<typeof homeworkSchema>;

/** What a coach types of one; letters around a name and a note count for nothing. */
export const homeworkFormSchema = z
	.extend(z.pick(homeworkSchema, { due: true, cells: true, drills: true }), {
		name: z.pipe(z.string().check(z.trim()), nameField),
		note: z.pipe(z.string().check(z.trim()), homeworkSchema.shape.note)
	})
	.check(asksSomething);

/** How far one cell of a homework is. */
export interface CellDone extends HomeworkCell {
	done: number;
}

/**
 * How far a homework is, cell by cell: balls noted since it was given.
 *
 * @param balls of the pupil, any
 */
export const doneOf = (
	{ cells, givenAt }: Pick<Homework, 'cells' | 'givenAt'>,
	balls: readonly Ball[]
): CellDone[] =>
	cells.map((cell) => ({
		...cell,
		done: balls.filter(
			(ball) =>
				ball.at >= givenAt &&
				ball.source !== 'stated' &&
				ball.clubId === cell.clubId &&
				ball.swing === cell.swing &&
				ball.flight === cell.flight
		).length
	}));

/** How far one drill of a homework is. */
export interface DrillDone extends HomeworkDrill {
	done: number;
}

/**
 * How often the drills of a homework were done: sessions of it that have ended.
 *
 * @param sessions any
 */
export const drillsDoneOf = (
	{ id, drills }: Pick<Homework, 'id' | 'drills'>,
	sessions: readonly Pick<Session, 'homeworkId' | 'drillId' | 'endedAt'>[]
): DrillDone[] =>
	drills.map((drill) => ({
		...drill,
		done: sessions.filter(
			({ homeworkId, drillId, endedAt }) =>
				homeworkId === id && drillId === drill.drillId && endedAt !== null
		).length
	}));

/** Where a homework stands. */
export type HomeworkState = 'done' | 'open' | 'late';

/** @param today as a day, 2026-10-25 */
export function stateOfHomework(
	homework: Pick<Homework, 'id' | 'cells' | 'drills' | 'givenAt' | 'due'>,
	balls: readonly Ball[],
	sessions: readonly Session[],
	today: string
): HomeworkState {
	const swings = doneOf(homework, balls).every(({ done, balls: asked }) => done >= asked);
	const drills = drillsDoneOf(homework, sessions).every(({ done, times }) => done >= times);
	if (swings && drills) return 'done';
	return today > homework.due ? 'late' : 'open';
}
