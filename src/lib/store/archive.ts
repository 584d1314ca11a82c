import type { Table } from 'dexie';
import { archiveSchema, type Archive } from '$lib/io/archive';
import { database, type GreenRow, type ReadingRow, type ShotRow } from './database';

/** Everything that can be read, as an archive's content; rows of a broken or foreign version are left behind. */
export async function readAll(): Promise<Omit<Archive, 'format' | 'version'>> {
	const [shots, greens, readings] = await Promise.all([
		database.shots.toArray(),
		database.greens.toArray(),
		database.readings.toArray()
	]);
	const { shape } = archiveSchema;
	const kept = <T>(
		rows: readonly unknown[],
		schema: { safeParse(row: unknown): { data?: T } }
	): T[] => rows.flatMap((row) => schema.safeParse(row).data ?? []);
	return {
		exportedAt: new Date().toISOString(),
		shots: kept(shots, shape.shots.unwrap().element),
		greens: kept(greens, shape.greens.unwrap().element),
		readings: kept(readings, shape.readings.unwrap().element)
	};
}

/** What an import did. */
interface ImportResult {
	added: number;
	replaced: number;
	undo: () => Promise<void>;
}

/** Puts rows over those of the same id; hands back how many were there and what restores the table. */
async function replaceRows<Row extends { id: string }>(
	table: Table<Row, string>,
	rows: readonly Row[]
): Promise<{ replaced: number; restore: () => Promise<void> }> {
	const ids = rows.map((row) => row.id);
	const old = (await table.bulkGet(ids)).filter((row) => row !== undefined);
	const known = new Set(old.map((row) => row.id));
	await table.bulkPut([...rows]);
	return {
		replaced: known.size,
		async restore() {
			await table.bulkDelete(ids.filter((id) => !known.has(id)));
			await table.bulkPut(old);
		}
	};
}

/** Puts an archive's rows in, over those of the same id, in one transaction. */
export async function importArchive({
	shots,
	greens,
	readings
}: Pick<Archive, 'shots' | 'greens' | 'readings'>): Promise<ImportResult> {
	const tables = [database.shots, database.greens, database.readings];
	const parts = await database.transaction('rw', tables, async () => [
		await replaceRows<ShotRow>(database.shots, shots),
		await replaceRows<GreenRow>(database.greens, greens),
		await replaceRows<ReadingRow>(database.readings, readings)
	]);
	const replaced = parts.reduce((sum, part) => sum + part.replaced, 0);
	return {
		replaced,
		added: shots.length + greens.length + readings.length - replaced,
		undo: () =>
			database.transaction('rw', tables, async () => {
				for (const { restore } of parts) await restore();
			})
	};
}
