import { emptyArchive, formatArchive } from '$lib/io/archive/archive';
import type { Pupil } from '$lib/io/work/pupil';
import type { InFile } from '../base/shelf';
import { database } from '../base/database';
import { greenShelf } from '../shelves/greens';
import { sessionShelf } from '../shelves/practice';
import { ballShelf, clubShelf, pupilShelf } from '../shelves/pupils';
import { shotShelf } from '../shelves/savedShots';

const TABLES = [
	database.pupils,
	database.clubs,
	database.balls,
	database.sessions,
	database.shots,
	database.greens
];

/** A pupil as one goes out to others: what a coach notes stays with the coach, and the file says nothing of it. */
export function withoutNotes(pupil: InFile<Pupil>): Omit<InFile<Pupil>, 'notes'> {
	const { notes: _, ...rest } = pupil;
	return rest;
}

/** Pupils with their bags, to go along with something of theirs. */
async function pupilsWithBags(ids: readonly string[]) {
	const pupils = (await pupilShelf.readForFile()).filter(({ id }) => ids.includes(id));
	const clubs = (await clubShelf.readForFile()).filter(({ pupilId }) => ids.includes(pupilId));
	return { pupils: pupils.map(withoutNotes), clubs };
}

const gone = (what: string): never => {
	throw new Error(`The ${what} is not kept here any more.`);
};

/**
 * A saved shot as a small archive: with whose it is, their bag, and the green it lies on. It is taken in by the rule of all archives.
 *
 * @throws Error where it is not here
 */
export const shotFile = (id: string): Promise<string> =>
	database.transaction('r', TABLES, async () => {
		const shot = (await shotShelf.getForFile(id)) ?? gone('shot');
		const green = shot.shot.place && (await greenShelf.getForFile(shot.shot.place.greenId));
		return formatArchive({
			...emptyArchive(),
			...(await pupilsWithBags([shot.shot.pupilId])),
			shots: [shot],
			greens: green ? [green] : []
		});
	});

/** A session as a small archive: with its balls, who hit them, and the green it was on. See `shotFile`. */
export const sessionFile = (id: string): Promise<string> =>
	database.transaction('r', TABLES, async () => {
		const session = (await sessionShelf.getForFile(id)) ?? gone('session');
		const { greenId } = session.ground;
		const green = greenId === null ? undefined : await greenShelf.getForFile(greenId);
		const balls = await ballShelf.readForFile();
		return formatArchive({
			...emptyArchive(),
			...(await pupilsWithBags(session.turns.map(({ pupilId }) => pupilId))),
			sessions: [session],
			balls: balls.filter(({ sessionId }) => sessionId === id),
			greens: green ? [green] : []
		});
	});

/** A green with its survey and pins as a small archive. See `shotFile`. */
export async function greenFile(id: string): Promise<string> {
	const green = (await greenShelf.getForFile(id)) ?? gone('green');
	return formatArchive({ ...emptyArchive(), greens: [green] });
}
