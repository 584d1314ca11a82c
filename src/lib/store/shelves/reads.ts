import { examRow, glanceRow, readRow } from '$lib/io/rows/read';
import type { Exam } from '$lib/io/trainer/exam';
import type { Glanced, Read } from '$lib/io/trainer/read';
import { writeNoted } from '../base/journal';
import { byText, Shelf, type Undo } from '../base/shelf';

const byTime = byText<Read>(({ at }) => at);
/** The first one first. */
export const readShelf = new Shelf<Read>('reads', readRow, byTime);

const glancedAt = byText<Glanced>(({ at }) => at);
/** The first one first. */
export const glanceShelf = new Shelf<Glanced>('glances', glanceRow, glancedAt);

/** Keeps a single judgement; see `keepRead`. */
export const keepGlance = (glanced: Glanced): Promise<unknown> =>
	writeNoted({ table: 'glances', key: glanced.id, row: glanced }, () => glanceShelf.put(glanced));

const setAt = byText<Exam>((exam) => exam.setAt);
/** The latest first. */
export const examShelf = new Shelf<Exam>('exams', examRow, (a, b) => setAt(b, a));

/** Keeps an exam; see `keepRead`. Hands back what undoes it. */
export async function keepExam(exam: Exam): Promise<Undo> {
	await writeNoted({ table: 'exams', key: exam.id, row: exam }, () => examShelf.put(exam));
	return async () => {
		await examShelf.remove(exam.id);
	};
}

/** Removes an exam; what was read for it stays. Hands back what undoes it. */
export const removeExam = (id: string): Promise<Undo> => examShelf.remove(id);

/** Keeps a shot that was read; should the page die meanwhile it is noted and written at the next opening. */
export async function keepRead(read: Read): Promise<Undo> {
	await writeNoted({ table: 'reads', key: read.id, row: read }, () => readShelf.put(read));
	return async () => {
		await readShelf.remove(read.id);
	};
}
