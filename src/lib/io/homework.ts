import * as z from 'zod/mini';
import { carryFlightField, idField, nameField } from './fields';
import type { Ball } from './pupil';

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

/** What a coach asked a pupil to practise until a day. */
export const homeworkSchema = z.object({
	id: idField,
	pupilId: idField,
	name: nameField,
	givenAt: z.string(),
	due: z.iso.date('must be a day'),
	cells: z
		.array(homeworkCellSchema)
		.check(z.minLength(1, 'must ask for one swing at least'), z.maxLength(24)),
	note: z.string().check(z.maxLength(600, 'must be at most 600 letters'))
});
export type Homework = z.output<typeof homeworkSchema>;

/** What a coach types of one; letters around a name and a note count for nothing. */
export const homeworkFormSchema = z.extend(z.pick(homeworkSchema, { due: true, cells: true }), {
	name: z.pipe(z.string().check(z.trim()), nameField),
	note: z.pipe(z.string().check(z.trim()), homeworkSchema.shape.note)
});

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

/** Where a homework stands. */
export type HomeworkState = 'done' | 'open' | 'late';

/** @param today as a day, 2026-10-25 */
export function stateOfHomework(
	homework: Pick<Homework, 'cells' | 'givenAt' | 'due'>,
	balls: readonly Ball[],
	today: string
): HomeworkState {
	if (doneOf(homework, balls).every(({ done, balls: asked }) => done >= asked)) return 'done';
	return today > homework.due ? 'late' : 'open';
}
