import { emptyArchive, formatArchive, parseArchive, type Archive } from '$lib/io/archive/archive';
import type { Homework } from '$lib/io/practice/homework';
import { database } from '../base/database';
import { importArchive } from './archive';
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
		const clubs = (await clubShelf.readStamped()).filter((club) => club.pupilId === pupilId);
		const sessions = (await sessionShelf.readStamped()).filter(
			(session) => session.homeworkId === id
		);
		const ids = new Set(sessions.map((session) => session.id));
		const balls = (await ballShelf.readStamped()).filter(({ sessionId }) =>
			ids.has(sessionId ?? '')
		);
		const pupil = await pupilShelf.getStamped(pupilId);
		const row = await homeworkShelf.getStamped(id);
		const asked = new Set(homework.drills.map(({ drillId }) => drillId));
		const drills = (await drillShelf.readStamped()).filter((drill) => asked.has(drill.id));
		return formatArchive({
			...emptyArchive(),
			// What a coach notes of a pupil stays with the coach.
			pupils: pupil ? [{ ...pupil, notes: '' }] : [],
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
	| { homework: Archive['homework'][number]; balls: number; session: string | null }
	| { problems: string[] };

/** Takes a homework file in, whole or not at all. */
export async function takeHomework(text: string): Promise<TakenHomework> {
	const parsed = parseArchive(text);
	if ('problems' in parsed) return parsed;
	const { archive } = parsed;
	const [homework] = archive.homework;
	if (!homework) return { problems: ['The file holds no homework: read it under Data instead.'] };
	// The pupil of the file has no notes: one that is here keeps its own.
	const here = await pupilShelf.get(homework.pupilId);
	const before = new Set((await database.balls.toCollection().primaryKeys()).map(String));
	await importArchive({ ...archive, pupils: here ? [] : archive.pupils });
	const came = archive.balls.filter(({ id }) => !before.has(id));
	const last = came.at(-1)?.sessionId;
	return { homework, balls: came.length, session: last ?? null };
}
