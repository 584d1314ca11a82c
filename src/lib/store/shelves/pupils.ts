import { grouped } from '$lib/core/math/grouped';
import type { ClubDraft } from '$lib/io/work/club';
import type { Ball, Pupil, PupilFile } from '$lib/io/work/pupil';
import { ballRow } from '$lib/io/rows/ball';
import { clubRow } from '$lib/io/rows/club';
import { pupilRow } from '$lib/io/rows/pupil';
import { database } from '../base/database';
import { SETTING } from '../base/stored';
import { notesMade, noteUnwritten, strikeOut, writeNoted, type Note } from '../base/journal';
import { mergeThree, sameData, type Merged } from '../base/merge';
import { byText, Shelf, type Undo } from '../base/shelf';

/** By name. */
export const pupilShelf = new Shelf<Pupil>('pupils', pupilRow, (a, b) =>
	a.name.localeCompare(b.name)
);
export const clubShelf = new Shelf<ClubDraft>('clubs', clubRow, (a, b) => a.order - b.order);
/** In the order they were noted. */
export const ballShelf = new Shelf<Ball>(
	'balls',
	ballRow,
	byText(({ at }) => at)
);

const TABLES = [
	database.pupils,
	database.clubs,
	database.balls,
	database.tombstones,
	database.settings
];

/** Every pupil with their bag, by name; without balls, which may be many. */
export async function readRoster(): Promise<PupilFile[]> {
	const [pupils, clubs] = await Promise.all([pupilShelf.read(), clubShelf.read()]);
	const clubsOf = grouped(clubs.rows, ({ pupilId }) => pupilId);
	return pupils.rows.map((pupil) => ({ pupil, clubs: clubsOf.get(pupil.id) ?? [], balls: [] }));
}

/** A pupil with bag and balls as they are kept at one moment; undefined where there is none. */
export const readPupilFile = (id: string): Promise<PupilFile | undefined> =>
	database.transaction('r', database.pupils, database.clubs, database.balls, async () => {
		const pupil = await pupilShelf.get(id);
		if (!pupil) return undefined;
		const [clubs, balls] = await Promise.all([
			clubShelf.readWhere('pupilId', id),
			ballShelf.readManyWhere('pupilId', id)
		]);
		return { pupil, clubs, balls };
	});

/** Keeps a new pupil with everything of theirs. */
export async function addPupil(file: PupilFile): Promise<PupilFile> {
	await database.transaction('rw', TABLES, async () => {
		await pupilShelf.put(file.pupil);
		await clubShelf.putAll(file.clubs);
		await ballShelf.putAll(file.balls);
	});
	return file;
}

/** Keeps the lone golfer's pupil where there is none at all. */
export const somebody = (newcomer: PupilFile): Promise<void> =>
	database.transaction('rw', TABLES, async () => {
		if ((await database.pupils.count()) === 0) await addPupil(newcomer);
	});

interface Part {
	id: string;
}
const changedOf = <T extends Part>(base: readonly T[], now: readonly T[]): T[] =>
	now.filter(
		(row) =>
			!sameData(
				base.find(({ id }) => id === row.id),
				row
			)
	);
const goneOf = <T extends Part>(base: readonly T[], now: readonly T[]): string[] =>
	base.filter(({ id }) => !now.some((row) => row.id === id)).map(({ id }) => id);

/**
 * Keeps what changed of a pupil, bag and balls since `base`, beside what another tab changed meanwhile.
 *
 * @param base as it was when `mine` began to differ from it
 * @returns what is kept now, and parts that both changed
 */
export async function mergePupilFile(base: PupilFile, mine: PupilFile): Promise<Merged<PupilFile>> {
	const noted = notesMade();
	const written = await database.transaction('rw', TABLES, async () => {
		const theirs = await readPupilFile(mine.pupil.id);
		const found = theirs ? mergeThree(base, mine, theirs) : { merged: mine, clashes: [] };
		const { pupil, clubs, balls } = found.merged;
		const kept = theirs ?? { pupil: null, clubs: [], balls: [] };
		if (!sameData(kept.pupil, pupil)) await pupilShelf.put(pupil);
		await clubShelf.putAll(changedOf(kept.clubs, clubs));
		await ballShelf.putAll(changedOf(kept.balls, balls));
		await clubShelf.removeAll(goneOf(kept.clubs, clubs));
		await ballShelf.removeAll(goneOf(kept.balls, balls));
		return found;
	});
	strikeOutPupilFile(base, noted);
	strikeOutPupilFile(written.merged, noted);
	return written;
}

/** Notes what changed of a pupil, for a page that has no time to write it; answers whether all of it is noted. */
export function notePupilFile(base: PupilFile, mine: PupilFile): boolean {
	const noted = <T extends Part>(table: Note['table'], before: readonly T[], now: readonly T[]) => [
		...changedOf(before, now).map((row) => ({ table, key: row.id, row })),
		...goneOf(before, now).map((key) => ({ table, key, row: null }))
	];
	const before: readonly Part[] = [base.pupil, ...base.clubs, ...base.balls];
	return [
		...noted('pupils', [base.pupil], [mine.pupil]),
		...noted('clubs', base.clubs, mine.clubs),
		...noted('balls', base.balls, mine.balls)
	]
		.map((note) => noteUnwritten({ ...note, base: before.find(({ id }) => id === note.key) }))
		.every(Boolean);
}

/** Keeps a change of a pupil that does not wait: should the page be left meanwhile, it is noted. */
export async function keepPupilFile(base: PupilFile, mine: PupilFile): Promise<void> {
	notePupilFile(base, mine);
	await mergePupilFile(base, mine);
}

/** Strikes out what this page had noted of a pupil that is kept now. */
function strikeOutPupilFile({ pupil, clubs, balls }: PupilFile, noted: number): void {
	strikeOut({ table: 'pupils', key: pupil.id }, noted);
	for (const { id } of clubs) strikeOut({ table: 'clubs', key: id }, noted);
	for (const { id } of balls) strikeOut({ table: 'balls', key: id }, noted);
}

/** Removes a pupil with bag and balls, and hands back what undoes it. Shots stay; they say that their pupil is gone. */
export function removePupil(id: string): Promise<Undo> {
	return database.transaction('rw', TABLES, async () => {
		const { clubs, balls } = (await readPupilFile(id)) ?? { clubs: [], balls: [] };
		const undos = [
			await pupilShelf.remove(id),
			await clubShelf.removeAll(clubs.map((club) => club.id)),
			await ballShelf.removeAll(balls.map((ball) => ball.id))
		];
		return () =>
			database.transaction('rw', TABLES, async () => {
				for (const undo of undos) await undo();
			});
	});
}

/** Who played last; null where nobody was chosen yet. */
export async function readPlaying(): Promise<string | null> {
	const value = (await database.settings.get(SETTING.playing))?.value;
	return typeof value === 'string' ? value : null;
}

export async function writePlaying(id: string): Promise<void> {
	const row = { key: SETTING.playing, value: id };
	await writeNoted({ table: 'settings', key: row.key, row }, () => database.settings.put(row));
}
