import type { Archive, ArchiveContent } from '$lib/io/archive/archive';
import {
	keyOf,
	knownOf,
	planMerge,
	twiceIn,
	withBelievedStamps,
	type ImportPreview,
	type Known,
	type MergePlan
} from '$lib/io/archive/merge';
import { ARCHIVED_TABLES, type ArchivedTable } from '$lib/io/archive/tables';
import { stampField } from '$lib/io/fields/stamp';
import { stamp } from '../base/clock';
import { database } from '../base/database';
import { SETTING } from '../base/stored';
import type { RawRow } from '../base/stored';
import { greenShelf, readingShelf } from '../shelves/greens';
import { lessonPlanShelf, lessonShelf, packageShelf, seriesShelf } from '../shelves/lessons';
import { playShelf, roundShelf } from '../shelves/log';
import { ballShelf, clubShelf, pupilShelf } from '../shelves/pupils';
import { drillShelf, homeworkShelf, sessionShelf } from '../shelves/practice';
import { examShelf, glanceShelf, readShelf } from '../shelves/reads';
import { shotShelf } from '../shelves/savedShots';
import { readPreferences, writePreferences } from '../shelves/settings';
import { keyText, stampsOf, type BrokenRow, type Shelf } from '../base/shelf';
import { follow } from '../base/follow';

const SHELVES = {
	pupils: pupilShelf,
	clubs: clubShelf,
	balls: ballShelf,
	sessions: sessionShelf,
	drills: drillShelf,
	homework: homeworkShelf,
	rounds: roundShelf,
	plays: playShelf,
	series: seriesShelf,
	lessons: lessonShelf,
	lessonPlans: lessonPlanShelf,
	packages: packageShelf,
	reads: readShelf,
	glances: glanceShelf,
	exams: examShelf,
	shots: shotShelf,
	greens: greenShelf,
	readings: readingShelf
} as const satisfies Record<ArchivedTable, Pick<Shelf<never>, 'name'>>;
const TABLES = [
	...ARCHIVED_TABLES.map((name) => database[name]),
	database.tombstones,
	database.settings
];

const readBroken = async (): Promise<BrokenRow[]> => {
	const shelves = await Promise.all(Object.values(SHELVES).map((shelf) => shelf.read()));
	return shelves.flatMap(({ broken }) => broken);
};

/** Everything this browser holds, as an archive's content; rows that cannot be read go in as they are. */
export function readAll(): Promise<ArchiveContent> {
	return database.transaction('r', TABLES, async () => ({
		exportedAt: new Date().toISOString(),
		pupils: await pupilShelf.readForFile(),
		clubs: await clubShelf.readForFile(),
		balls: await ballShelf.readForFile(),
		sessions: await sessionShelf.readForFile(),
		drills: await drillShelf.readForFile(),
		homework: await homeworkShelf.readForFile(),
		rounds: await roundShelf.readForFile(),
		plays: await playShelf.readForFile(),
		series: await seriesShelf.readForFile(),
		lessons: await lessonShelf.readForFile(),
		lessonPlans: await lessonPlanShelf.readForFile(),
		packages: await packageShelf.readForFile(),
		reads: await readShelf.readForFile(),
		glances: await glanceShelf.readForFile(),
		exams: await examShelf.readForFile(),
		shots: await shotShelf.readForFile(),
		greens: await greenShelf.readForFile(),
		readings: await readingShelf.readForFile(),
		preferences: (await database.settings.get(SETTING.preferences))
			? await readPreferences()
			: null,
		deleted: (await database.tombstones.toArray()).map(({ table, id, deletedAt }) => ({
			table,
			id,
			deletedAt
		})),
		unreadable: (await readBroken()).map(({ table, row }) => ({
			table,
			row: row as unknown as Archive['unreadable'][number]['row']
		}))
	}));
}

/** Follows every row that cannot be read; see `follow`. */
export const followBroken = (
	next: (broken: BrokenRow[]) => void,
	failed: (error: unknown) => void
): (() => void) => follow(readBroken, next, failed);

/** Removes a row that cannot be read, by the key it lies under; hands back what undoes it. */
export const removeBroken = ({ table, key }: BrokenRow): Promise<() => Promise<void>> =>
	SHELVES[table].remove(key);

/** Everything that is known here of rows and removals. */
async function knownHere(): Promise<Map<string, Known>> {
	const known = new Map<string, Known>();
	// All tables are asked at once: a store answers in order, and nobody waits for each answer.
	const found = await Promise.all(ARCHIVED_TABLES.map((table) => database[table].toArray()));
	for (const [i, table] of ARCHIVED_TABLES.entries())
		for (const row of found[i]!) {
			const id = keyText(row.id);
			const item: Known = { table, id, row: row as Known['row'], at: stampsOf(row).updatedAt };
			known.set(keyOf(item), item);
		}
	for (const { table, id, deletedAt, key } of await database.tombstones.toArray())
		if (!known.has(key)) known.set(key, { table, id, row: null, at: stampField.parse(deletedAt) });
	return known;
}

/** Pupils that were made without asking, never touched and never used; only where a file brings others. */
async function unusedPupils(plan: MergePlan): Promise<string[]> {
	if (!plan.added.some(({ table }) => table === 'pupils')) return [];
	const pupils = await database.pupils.toArray();
	const [only] = pupils;
	if (!only || pupils.length > 1) return [];
	const { createdAt, updatedAt } = stampsOf(only);
	const used =
		createdAt !== updatedAt ||
		(await database.balls.count()) > 0 ||
		(await database.shots.count()) > 0 ||
		(await database.clubs.toArray()).some((club) => {
			const stamps = stampsOf(club);
			return stamps.createdAt !== stamps.updatedAt;
		});
	return used ? [] : [keyText(only.id)];
}

/** Works out what taking an archive in would do. */
export function previewImport(file: ArchiveContent): Promise<ImportPreview> {
	const { archive, misdated } = withBelievedStamps(file, Date.now());
	return database.transaction('r', TABLES, async () => {
		const plan = planMerge(await knownHere(), knownOf(archive));
		return { plan, misdated, twice: twiceIn(archive), unused: await unusedPupils(plan) };
	});
}

/** What an import did. */
export interface ImportResult {
	preview: ImportPreview;
	/** Undoes what nobody has changed since, and answers how many rows were changed and therefore stay. */
	undo: () => Promise<number>;
}

/** Takes the preferences of a file where this browser has none of its own. */
async function takePreferences(
	preferences: Archive['preferences']
): Promise<() => Promise<number>> {
	const nothing = () => Promise.resolve(0);
	if (!preferences || (await database.settings.get(SETTING.preferences))) return nothing;
	await writePreferences(preferences);
	return async () => {
		const now = await readPreferences();
		if (now.theme === preferences.theme) await database.settings.delete(SETTING.preferences);
		return 0;
	};
}

/**
 * Takes an archive in, in one transaction: the newer of every record counts, here or in the file, and removals count against older
 * edits; see `planMerge`. Done twice it changes nothing more.
 *
 * @param bringBack rows that were removed here come back, as changed now
 */
export async function importArchive(
	archive: ArchiveContent,
	{ bringBack = false } = {}
): Promise<ImportResult> {
	return database.transaction('rw', TABLES, async () => {
		const preview = await previewImport(archive);
		const { plan, unused } = preview;
		const restores: (() => Promise<number>)[] = [];
		for (const id of unused) {
			const clubs = await database.clubs.where('pupilId').equals(id).primaryKeys();
			const undoes = [await pupilShelf.remove(id), await clubShelf.removeAll(clubs)];
			restores.push(async () => {
				for (const undo of undoes) await undo();
				return 0;
			});
		}
		const takeIn = (table: ArchivedTable) => {
			const of = (items: readonly Known[]) => items.filter((item) => item.table === table);
			const rows: RawRow[] = [
				...of([...plan.added, ...plan.replaced, ...plan.completed]).map(({ row }) => row as RawRow),
				...of(bringBack ? plan.gone : []).map(({ row }) => ({
					...(row as RawRow),
					updatedAt: stamp()
				}))
			];
			const removals = of([...plan.removed, ...plan.noted]).map(({ id, at }) => ({
				id,
				deletedAt: at
			}));
			return SHELVES[table].takeIn(rows, removals);
		};
		restores.push(...(await Promise.all(ARCHIVED_TABLES.map(takeIn))));
		restores.push(await takePreferences(archive.preferences));
		return {
			preview,
			undo: () =>
				database.transaction('rw', TABLES, async () => {
					let left = 0;
					for (const restore of restores.toReversed()) left += await restore();
					return left;
				})
		};
	});
}

/** Whether there is anything that a demo must leave alone, or was put in once. */
export async function isInUse(): Promise<boolean> {
	const [shots, greens, seeded] = await Promise.all([
		database.shots.count(),
		database.greens.count(),
		database.settings.get(SETTING.demoSeeded)
	]);
	return shots + greens > 0 || seeded !== undefined;
}

/** Puts the demo's rows in, once and in one transaction; never over data that is there. */
export async function seedOnce(archive: ArchiveContent): Promise<boolean> {
	return database.transaction('rw', TABLES, async () => {
		if (await isInUse()) return false;
		await importArchive(archive);
		await database.settings.put({ key: SETTING.demoSeeded, value: true });
		return true;
	});
}
