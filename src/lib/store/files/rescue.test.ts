import 'fake-indexeddb/auto';
import Dexie from 'dexie';
import { readFileSync } from 'node:fs';
import { afterEach, describe, expect, it } from 'vitest';
import { parseArchive } from '$lib/io/archive/archive';
import { rescued } from '$lib/io/archive/rescue';
import { database } from '../base/database';
import { packGrid } from '../base/packedGrids';
import { rescue } from './rescue';

/** The stores of this release, with rows of every kind. */
const { stores } = JSON.parse(readFileSync('tests/golden/database-1.json', 'utf8')) as {
	stores: Record<string, object[]>;
};

afterEach(async () => {
	await database.delete();
	await database.open();
});

async function leave(version: number, stores: Record<string, object[]>): Promise<void> {
	database.close();
	await Dexie.delete('crisp-landing');
	const other = new Dexie('crisp-landing');
	other
		.version(version)
		.stores(
			Object.fromEntries(
				Object.keys(stores).map((name) => [name, name === 'settings' ? 'key' : 'id'])
			)
		);
	for (const [name, rows] of Object.entries(stores)) await other.table(name).bulkPut(rows);
	other.close();
}

describe('what lies in a database that cannot be opened', () => {
	it('is saved as an archive, broken rows too, and reads back with its grids as lists', async () => {
		await leave(1, { ...stores, greens: stores['greens']!.map(packGrid) });
		const { text, rows, of } = await rescue();
		expect(rows).toBe(of);
		const parsed = parseArchive(text);
		if ('problems' in parsed) throw new Error(parsed.problems.join());
		expect(parsed.archive.balls).toHaveLength(stores['balls']!.length);
		expect(parsed.archive.unreadable.map(({ row }) => row.id)).toContain('damaged');
		const { grid } = parsed.archive.greens.find(({ id }) => id === 'green-grid')!;
		expect(grid!.heights).toHaveLength(30);
		expect(grid!.heights[3]).toBeNull();
	});

	it('is saved from a newer release as far as this one knows it, which itself does not open it', async () => {
		const { readings } = stores;
		await leave(9, { readings: readings!, tournaments: [{ id: 'r' }] });
		await expect(database.open()).rejects.toThrow('newer release');
		database.close();
		const { text, rows, of } = await rescue();
		expect([rows, of]).toEqual([readings!.length, readings!.length]);
		const parsed = parseArchive(text);
		if ('problems' in parsed) throw new Error(parsed.problems.join());
		expect(parsed.archive.readings).toHaveLength(readings!.length);
		await Dexie.delete('crisp-landing');
	});

	it('says how many rows it had to leave out', () => {
		const greens = [...stores['greens']!, 5];
		const { rows, of } = rescued(1, { greens }, '2026-01-01T00:00:00.000Z');
		expect([rows, of]).toEqual([greens.length - 1, greens.length]);
	});
});
