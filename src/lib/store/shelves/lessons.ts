import type { Lesson, LessonPlan, Package, Series } from '$lib/io/lessons/lesson';
import { lessonPlanRow, lessonRow, packageRow, seriesRow } from '$lib/io/rows/lesson';
import { database } from '../base/database';
import { notesMade, noteUnwritten, strikeOut, writeNoted, type Note } from '../base/journal';
import type { Merged } from '../base/merge';
import { byText, Shelf, type BrokenRow, type Undo } from '../base/shelf';

/** As they begin, by the clock. */
export const lessonShelf = new Shelf<Lesson>(
	'lessons',
	lessonRow,
	byText(({ day, time }) => `${day}T${time}`)
);
export const seriesShelf = new Shelf<Series>(
	'series',
	seriesRow,
	byText(({ day, time }) => `${day}T${time}`)
);
/** By name. */
export const lessonPlanShelf = new Shelf<LessonPlan>('lessonPlans', lessonPlanRow, (a, b) =>
	a.name.localeCompare(b.name)
);
export const packageShelf = new Shelf<Package>(
	'packages',
	packageRow,
	byText(({ from }) => from)
);

/** Everything about lessons. */
export interface LessonBook {
	lessons: Lesson[];
	series: Series[];
	lessonPlans: LessonPlan[];
	packages: Package[];
	broken: BrokenRow[];
}

export async function readLessons(): Promise<LessonBook> {
	const [lessons, series, lessonPlans, packages] = await Promise.all([
		lessonShelf.read(),
		seriesShelf.read(),
		lessonPlanShelf.read(),
		packageShelf.read()
	]);
	return {
		lessons: lessons.rows,
		series: series.rows,
		lessonPlans: lessonPlans.rows,
		packages: packages.rows,
		broken: [lessons, series, lessonPlans, packages].flatMap(({ broken }) => broken)
	};
}

/** Keeps a lesson beside what another tab changed of it; should the page die meanwhile it is noted and written at the next opening. */
export async function keepLesson(before: Lesson | null, lesson: Lesson): Promise<Merged<Lesson>> {
	let found: Merged<Lesson> = { merged: lesson, clashes: [] };
	const base = before ?? undefined;
	await writeNoted({ table: 'lessons', key: lesson.id, row: lesson, base }, async () => {
		if (before) found = await lessonShelf.merge(before, lesson);
		else await lessonShelf.put(lesson);
	});
	return found;
}

/** Notes what of a lesson is not kept yet; answers whether it could. */
export const noteLesson = (before: Lesson, lesson: Lesson): boolean =>
	noteUnwritten({ table: 'lessons', key: lesson.id, row: lesson, base: before });

/** Puts a lesson in place of what was kept of it, and hands back what undoes it: one of a series may not have had a row. */
export function changeLesson(lesson: Lesson): Promise<Undo> {
	return database.transaction('rw', database.lessons, database.tombstones, async () => {
		const before = await lessonShelf.get(lesson.id);
		await lessonShelf.put(lesson);
		return async () => {
			if (before) await lessonShelf.put(before);
			else await lessonShelf.remove(lesson.id);
		};
	});
}

/** Rows that are kept together, all or none. */
export interface LessonRows {
	lessons?: readonly Lesson[];
	series?: readonly Series[];
}

const TABLES = [database.lessons, database.series, database.tombstones];

/** Rows on their way as they are noted; should the page die meanwhile they are written at the next opening. */
const notesOf = ({ lessons = [], series = [] }: LessonRows): Note[] => [
	...lessons.map((row) => ({ table: 'lessons' as const, key: row.id, row })),
	...series.map((row) => ({ table: 'series' as const, key: row.id, row }))
];

/** Keeps lessons and series in one transaction, and hands back what undoes it. */
export async function keepLessons({ lessons = [], series = [] }: LessonRows): Promise<Undo> {
	// Noted before anything is waited for: whoever leaves at once has it all the same.
	const notes = notesOf({ lessons, series });
	notes.forEach(noteUnwritten);
	const noted = notesMade();
	const before = await database.transaction('rw', TABLES, async () => {
		const found = {
			lessons: await Promise.all(lessons.map(({ id }) => lessonShelf.get(id))),
			series: await Promise.all(series.map(({ id }) => seriesShelf.get(id)))
		};
		await lessonShelf.putAll(lessons);
		await seriesShelf.putAll(series);
		return found;
	});
	for (const note of notes) strikeOut(note, noted);
	return () =>
		database.transaction('rw', TABLES, async () => {
			await undoPut(lessonShelf, lessons, before.lessons);
			await undoPut(seriesShelf, series, before.series);
		});
}

/** Puts back what was there; what was not goes. */
async function undoPut<T extends { id: string }>(
	shelf: Shelf<T>,
	put: readonly T[],
	before: readonly (T | undefined)[]
): Promise<void> {
	await shelf.putAll(before.filter((row) => row !== undefined));
	await shelf.removeAll(put.filter((_, i) => before[i] === undefined).map(({ id }) => id));
}

export const removeLesson = (id: string): Promise<Undo> => lessonShelf.remove(id);

/** Removes a series; lessons of it that have a row of their own stay. Hands back what undoes it. */
export const removeSeries = (id: string): Promise<Undo> => seriesShelf.remove(id);

/** Keeps the blocks of a lesson to be used again. */
export async function keepLessonPlan(plan: LessonPlan): Promise<Undo> {
	await writeNoted({ table: 'lessonPlans', key: plan.id, row: plan }, () =>
		lessonPlanShelf.put(plan)
	);
	return async () => {
		await lessonPlanShelf.remove(plan.id);
	};
}

export const removeLessonPlan = (id: string): Promise<Undo> => lessonPlanShelf.remove(id);

/** Keeps a package of lessons; the pupil's older ones stay as what they were. */
export async function keepPackage(row: Package): Promise<Undo> {
	await packageShelf.put(row);
	return async () => {
		await packageShelf.remove(row.id);
	};
}
