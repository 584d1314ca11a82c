import { emptyArchive, formatArchive, parseArchive } from '$lib/io/archive/archive';
import { examRow } from '$lib/io/rows/read';
import type { Exam } from '$lib/io/trainer/exam';
import { database } from '../base/database';
import { clubShelf, pupilShelf } from '../shelves/pupils';
import { examShelf, readShelf } from '../shelves/reads';
import { importArchive } from './archive';
import { withoutNotes } from './fileOf';

const TABLES = [database.pupils, database.clubs, database.reads, database.exams];

/**
 * An exam as a small file: what is asked, those for whom it is with their bags, and whatever they answered. The same file goes out and
 * comes back with answers; either side takes it in by the rule of all archives.
 */
export function examFile(exam: Exam): Promise<string> {
	return database.transaction('r', TABLES, async () => {
		const reads = (await readShelf.readForFile()).filter((read) => read.exam?.id === exam.id);
		const who = new Set([...exam.pupilIds, ...reads.map(({ pupilId }) => pupilId)]);
		const pupils = (await pupilShelf.readForFile()).filter(({ id }) => who.has(id));
		const clubs = (await clubShelf.readForFile()).filter(({ pupilId }) => who.has(pupilId));
		const row = await examShelf.getForFile(exam.id);
		return formatArchive({
			...emptyArchive(),
			pupils: pupils.map(withoutNotes),
			clubs,
			reads,
			exams: row ? [row] : []
		});
	});
}

/** What came in with an exam's file, or what is wrong with it. */
export type TakenExam = { exam: Exam; answers: number } | { problems: string[] };

/** Takes an exam's file in, whole or not at all. */
export async function takeExam(text: string): Promise<TakenExam> {
	const parsed = parseArchive(text);
	if ('problems' in parsed) return parsed;
	const { archive } = parsed;
	const [asked] = archive.exams;
	if (!asked) return { problems: ['The file holds no exam: read it under Data instead.'] };
	const before = new Set((await database.reads.toCollection().primaryKeys()).map(String));
	await importArchive(archive);
	return {
		exam: examRow.parse(asked),
		answers: archive.reads.filter(({ id }) => !before.has(id)).length
	};
}
