import { emptyArchive, formatArchive, parseArchive } from '$lib/io/archive/archive';
import type { Homework } from '$lib/io/practice/homework';
import { homeworkRow } from '$lib/io/rows/homework';
import { database } from '../base/database';
import { importArchive } from './archive';
import { withoutNotes } from './fileOf';
import { ballShelf, clubShelf, pupilShelf } from '../shelves/pupils';
import { drillShelf, homeworkShelf, sessionShelf } from '../shelves/practice';

const TABLES = [
	database.pupils,
	database.clubs,
	database.balls,
	database.sessions,
	database.drills,
	database.homework
];

/**
 * A homework as a small file: pupil, bag, what is asked, and whatever was recorded for it. The same file goes out to the pupil and comes
 * back with the balls; either side takes it in by the rule of all archives.
 */
export function homeworkFile(homework: Homework): Promise<string> {
	return database.transaction('r', TABLES, async () => {
		const { pupilId, id } = homework;
		const clubs = (await clubShelf.readForFile()).filter((club) => club.pupilId === pupilId);
		const sessions = (await sessionShelf.readForFile()).filter(
			(session) => session.homeworkId === id
		);
		const ids = new Set(sessions.map((session) => session.id));
		const balls = (await ballShelf.readForFile()).filter(({ sessionId }) =>
			ids.has(sessionId ?? '')
		);
		const pupil = await pupilShelf.getForFile(pupilId);
		const row = await homeworkShelf.getForFile(id);
		const asked = new Set(homework.drills.map(({ drillId }) => drillId));
		const drills = (await drillShelf.readForFile()).filter((drill) => asked.has(drill.id));
		return formatArchive({
			...emptyArchive(),
			pupils: pupil ? [withoutNotes(pupil)] : [],
			clubs,
			sessions,
			drills,
			balls,
			homework: row ? [row] : []
		});
	});
}

/** What came in with a homework file, or what is wrong with it. */
export type TakenHomework =
	| { homework: Homework; balls: number; session: string | null }
	| { problems: string[] };

/** Takes a homework file in, whole or not at all. */
export async function takeHomework(text: string): Promise<TakenHomework> {
	const parsed = parseArchive(text);
	if ('problems' in parsed) return parsed;
	const { archive } = parsed;
	const [asked] = archive.homework;
	if (!asked) return { problems: ['The file holds no homework: read it under Data instead.'] };
	const before = new Set((await database.balls.toCollection().primaryKeys()).map(String));
	await importArchive(archive);
	const homework = homeworkRow.parse(asked);
	const came = archive.balls.filter(({ id }) => !before.has(id));
	const last = came.at(-1)?.sessionId;
	return { homework, balls: came.length, session: last ?? null };
}
