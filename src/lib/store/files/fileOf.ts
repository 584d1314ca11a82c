import { emptyArchive, formatArchive } from '$lib/io/archive/archive';
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

/** A pupil with bag, to go along with something of theirs; what a coach notes of a pupil stays with the coach. */
async function pupilsWithBags(ids: readonly string[]) {
	const pupils = (await pupilShelf.readStamped()).filter(({ id }) => ids.includes(id));
	const clubs = (await clubShelf.readStamped()).filter(({ pupilId }) => ids.includes(pupilId));
	return { pupils: pupils.map((pupil) => ({ ...pupil, notes: '' })), clubs };
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
		const shot = (await shotShelf.getStamped(id)) ?? gone('shot');
		const green = shot.shot.place && (await greenShelf.getStamped(shot.shot.place.greenId));
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
		const session = (await sessionShelf.getStamped(id)) ?? gone('session');
		const { greenId } = session.ground;
		const green = greenId === null ? undefined : await greenShelf.getStamped(greenId);
		const balls = await ballShelf.readStamped();
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
	const green = (await greenShelf.getStamped(id)) ?? gone('green');
	return formatArchive({ ...emptyArchive(), greens: [green] });
}
