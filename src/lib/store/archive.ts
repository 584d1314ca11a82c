import { contentKey } from '$lib/core/math/contentKey';
import type { Archive, ArchiveContent } from '$lib/io/archive/archive';
import { database, SETTING, type RawRow } from './database';
import { greenShelf, readingShelf } from './greens';
import { shotShelf } from './savedShots';
import { follow, type BrokenRow } from './shelf';
import { readPreferences, writePreferences, type Preferences } from './settings';

const SHELVES = { shots: shotShelf, greens: greenShelf, readings: readingShelf };
const TABLES = [database.shots, database.greens, database.readings, database.settings];

/** Everything this browser holds, as an archive's content; rows that cannot be read go in as they are. */
export async function readAll(): Promise<ArchiveContent> {
	return database.transaction('r', TABLES, async () => {
		const [shots, greens, readings] = [
			await shotShelf.read(),
			await greenShelf.read(),
			await readingShelf.read()
		];
		const broken = [...shots.broken, ...greens.broken, ...readings.broken];
		return {
			exportedAt: new Date().toISOString(),
			shots: shots.rows,
			greens: greens.rows,
			readings: readings.rows,
			preferences: (await database.settings.get(SETTING.preferences))
				? await readPreferences()
				: null,
			unreadable: broken.map(({ table, row }) => ({
				table,
				row: row as Archive['unreadable'][number]['row']
			}))
		};
	});
}

/** Follows every row that cannot be read; see `follow`. */
export const followBroken = (
	next: (broken: BrokenRow[]) => void,
	failed: (error: unknown) => void
): (() => void) =>
	follow(
		async () => {
			const shelves = await Promise.all(Object.values(SHELVES).map((shelf) => shelf.read()));
			return shelves.flatMap(({ broken }) => broken);
		},
		next,
		failed
	);

/** Removes a row that cannot be read, by the key it lies under; hands back what undoes it. */
export const removeBroken = ({ table, key }: BrokenRow): Promise<() => Promise<void>> =>
	SHELVES[table].remove(key);

/** What an import did. */
export interface ImportResult {
	added: number;
	replaced: number;
	/** Undoes what nobody has changed since, and answers how many rows were changed and therefore stay. */
	undo: () => Promise<number>;
}

/** Writes preferences and hands back what puts the old ones back, unless they were changed since. */
async function replacePreferences(preferences: Preferences) {
	const before = await database.settings.get(SETTING.preferences);
	await writePreferences(preferences);
	return {
		replaced: 0,
		restore: async (): Promise<number> => {
			if (contentKey(await readPreferences()) !== contentKey(preferences)) return 0;
			if (before) await database.settings.put(before);
			else await database.settings.delete(SETTING.preferences);
			return 0;
		}
	};
}

/** Puts an archive's rows in, over those of the same id, in one transaction; preferences too, where the file has some. */
export async function importArchive(archive: ArchiveContent): Promise<ImportResult> {
	const rowsOf = (table: keyof typeof SHELVES): RawRow[] => [
		...archive[table],
		...archive.unreadable.filter((item) => item.table === table).map(({ row }) => row)
	];
	const parts = await database.transaction('rw', TABLES, async () => {
		const done = [
			await shotShelf.replace(rowsOf('shots')),
			await greenShelf.replace(rowsOf('greens')),
			await readingShelf.replace(rowsOf('readings'))
		];
		return archive.preferences ? [...done, await replacePreferences(archive.preferences)] : done;
	});
	const replaced = parts.reduce((sum, part) => sum + part.replaced, 0);
	const rows = (Object.keys(SHELVES) as (keyof typeof SHELVES)[]).flatMap(rowsOf).length;
	return {
		replaced,
		added: rows - replaced,
		undo: () =>
			database.transaction('rw', TABLES, async () => {
				let left = 0;
				for (const { restore } of parts) left += await restore();
				return left;
			})
	};
}

/** Puts the demo's rows in, once and in one transaction; never over data that is there. */
export async function seedOnce({ shots, greens, readings }: ArchiveContent): Promise<boolean> {
	return database.transaction('rw', TABLES, async () => {
		const used = (await database.shots.count()) + (await database.greens.count()) > 0;
		if (used || (await database.settings.get(SETTING.demoSeeded))) return false;
		await database.shots.bulkAdd(shots);
		await database.greens.bulkAdd(greens);
		await database.readings.bulkAdd(readings);
		await database.settings.put({ key: SETTING.demoSeeded, value: true });
		return true;
	});
}
