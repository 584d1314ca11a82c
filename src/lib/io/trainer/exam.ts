import * as z from 'zod/mini';
import { diagnose, type StepRecord } from '$lib/core/trainer/diagnosis';
import type { examRow } from '../rows/read';
import type { SavedShot } from '../work/shot';
import type { Read } from './read';

/** Shots that a coach sets to be read. */
export type Exam = z.output<typeof examRow>;
export type ExamItem = Exam['items'][number];

/** How hard an exam is: levels of its shots, one after the other and over again. */
export const EXAM_LEVELS: Readonly<Record<string, { name: string; levels: readonly number[] }>> = {
	easy: { name: 'Easy', levels: [1, 2] },
	mixed: { name: 'Mixed', levels: [2, 3, 4] },
	hard: { name: 'Hard', levels: [4, 5] }
};

/**
 * Shots that are made up: the same for everybody who takes the exam.
 *
 * @param seed of the first; the others follow it
 */
export const madeItems = (count: number, levels: readonly number[], seed: number): ExamItem[] =>
	Array.from({ length: count }, (_, i) => ({
		id: String(i + 1),
		seed: seed + i,
		level: levels[i % levels.length]!,
		name: ''
	}));

/** The coach's own shots, the latest first. */
export const ownItems = (saved: readonly SavedShot[], count: number): ExamItem[] =>
	saved.slice(0, count).map(({ name, shot }, i) => ({
		id: String(i + 1),
		seed: 0,
		level: 3,
		name,
		shot
	}));

/** What of an exam somebody has not answered yet, in its order. */
export function leftOf(exam: Exam, reads: readonly Read[], pupilId: string): ExamItem[] {
	const done = new Set(
		reads.flatMap((read) =>
			read.pupilId === pupilId && read.exam?.id === exam.id ? read.exam.item : []
		)
	);
	return exam.items.filter(({ id }) => !done.has(id));
}

/** How somebody did in an exam. */
export interface ExamResult {
	pupilId: string;
	/** Shots that were answered. */
	answered: number;
	/** Strokes lost a shot; 0 where none was answered. */
	loss: number;
	records: StepRecord[];
}

/** How everybody did in an exam: those for whom it is, and whoever took it besides. */
export function resultsOf(exam: Exam, reads: readonly Read[]): ExamResult[] {
	const own = reads.filter((read) => read.exam?.id === exam.id);
	const ids = [...new Set([...exam.pupilIds, ...own.map(({ pupilId }) => pupilId)])];
	return ids.map((pupilId) => {
		const of = own.filter((read) => read.pupilId === pupilId);
		const loss = of.reduce((sum, read) => sum + read.loss, 0);
		return {
			pupilId,
			answered: of.length,
			loss: of.length > 0 ? loss / of.length : 0,
			records: diagnose(of)
		};
	});
}
