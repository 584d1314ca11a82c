import type { Play, Round } from '$lib/io/log/play';
import { playRow } from '$lib/io/rows/play';
import { roundRow } from '$lib/io/rows/round';
import { database } from '../base/database';
import { writeNoted } from '../base/journal';
import type { Merged } from '../base/merge';
import { byText, Shelf, type BrokenRow, type Undo } from '../base/shelf';

const byTime = byText<Play>(({ at }) => at);
const byDay = byText<Round>(({ day }) => day);
/** The latest first. */
export const playShelf = new Shelf<Play>('plays', playRow, (a, b) => byTime(b, a));
/** The latest first. */
export const roundShelf = new Shelf<Round>('rounds', roundRow, (a, b) => byDay(b, a));

/** Everything that was played. */
export interface LogBook {
	plays: Play[];
	rounds: Round[];
	broken: BrokenRow[];
}

export async function readLog(): Promise<LogBook> {
	const [plays, rounds] = await Promise.all([playShelf.read(), roundShelf.read()]);
	return {
		plays: plays.rows,
		rounds: rounds.rows,
		broken: [...plays.broken, ...rounds.broken]
	};
}

/** So many fill every screen: they come before the rest. */
const FIRST_SEEN = 150;

/** What was played last, to be shown while all the rest is read. */
export async function readLatest(): Promise<LogBook> {
	const raw = await database.plays.orderBy('at').reverse().limit(FIRST_SEEN).toArray();
	const [plays, rounds] = [playShelf.shelve(raw), await roundShelf.read()];
	return { plays: plays.rows, rounds: rounds.rows, broken: [] };
}

/** Keeps a played shot; should the page die meanwhile it is noted and written at the next opening. */
export async function keepPlay(play: Play): Promise<Undo> {
	await writeNoted({ table: 'plays', key: play.id, row: play }, () => playShelf.put(play));
	return () =>
		writeNoted({ table: 'plays', key: play.id, row: null }, () => playShelf.remove(play.id));
}

/** Keeps the balls of a practice as played shots, all or none; what the log has of them already stays. Hands back what undoes it. */
export function keepPracticed(plays: readonly Play[]): Promise<Undo> {
	const tables = [database.plays, database.tombstones];
	return database.transaction('rw', tables, async () => {
		const there = await database.plays.bulkGet(plays.map(({ id }) => id));
		const fresh = plays.filter((_, i) => there[i] === undefined);
		await playShelf.putAll(fresh);
		return async () => {
			await playShelf.removeAll(fresh.map(({ id }) => id));
		};
	});
}

/** What the log has of balls of a practice: a play has the id of its ball. */
export async function readPracticed(balls: readonly { id: string }[]): Promise<Play[]> {
	const raw = await database.plays.bulkGet(balls.map(({ id }) => id));
	return playShelf.shelve(raw.filter((row) => row !== undefined)).rows;
}

/** Changes a played shot beside what another tab changed of it; see `keepPlay`. */
export async function changePlay(before: Play, play: Play): Promise<Merged<Play>> {
	let found: Merged<Play> = { merged: play, clashes: [] };
	await writeNoted({ table: 'plays', key: play.id, row: play, base: before }, async () => {
		found = await playShelf.merge(before, play);
	});
	return found;
}

/** Removes played shots, all or none, and hands back what undoes it. */
export const removePlays = (ids: readonly string[]): Promise<Undo> => playShelf.removeAll(ids);

/** Keeps a round; see `keepPlay`. */
export async function keepRound(round: Round, before?: Round): Promise<void> {
	await writeNoted({ table: 'rounds', key: round.id, row: round, base: before }, () =>
		before ? roundShelf.merge(before, round) : roundShelf.put(round)
	);
}

/** Removes a round; its shots stay, as practice. Hands back what undoes it. */
export function removeRound(id: string): Promise<Undo> {
	const tables = [database.rounds, database.plays, database.tombstones];
	return database.transaction('rw', tables, async () => {
		const own = (await playShelf.read()).rows.filter(({ roundId }) => roundId === id);
		const undo = await roundShelf.remove(id);
		await playShelf.putAll(own.map((play) => ({ ...play, roundId: null })));
		return () =>
			database.transaction('rw', tables, async () => {
				await undo();
				await playShelf.putAll(own);
			});
	});
}
