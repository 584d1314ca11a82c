import 'fake-indexeddb/auto';
import Dexie from 'dexie';
import { readFileSync } from 'node:fs';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { parseArchive } from '$lib/io/archive/archive';
import { rescued } from '$lib/io/archive/rescue';
import { database } from './database';
import { packGrid } from './packedGrids';
import { rescue } from './rescue';

interface Dump {
	stores: Record<string, object[]>;
}
const golden = (version: number) =>
	(JSON.parse(readFileSync(`tests/golden/database-${version}.json`, 'utf8')) as Dump).stores;

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
	it('is saved as an archive of its own age, broken rows too, and reads back', async () => {
		await leave(3, golden(3));
		const { text, rows, of } = await rescue();
		expect([rows, of]).toEqual([12, 12]);
		const parsed = parseArchive(text);
		if ('problems' in parsed) throw new Error(parsed.problems.join());
		expect(parsed.archive.shots).toHaveLength(6);
		expect(parsed.archive.pupils.length).toBeGreaterThan(2);
		expect(parsed.archive.unreadable.map(({ row }) => row.id)).toEqual(['damaged']);
	});

	it('is saved from a newer release as far as this one knows it', async () => {
		const { greens, readings } = golden(3);
		await leave(9, { greens: greens!, readings: readings!, rounds: [{ id: 'r' }] });
		const parsed = parseArchive((await rescue()).text);
		if ('problems' in parsed) throw new Error(parsed.problems.join());
		expect(parsed.archive.greens).toHaveLength(1);
		expect(parsed.archive.readings).toHaveLength(4);
	});

	it('is saved with its grids as lists, though they lie packed', async () => {
		const greens = golden(5)['greens']!;
		await leave(9, { greens: greens.map(packGrid) });
		const parsed = parseArchive((await rescue()).text);
		if ('problems' in parsed) throw new Error(parsed.problems.join());
		const named = (name: string) => ({ name }) as unknown;
		expect(parsed.archive.greens).toContainEqual(expect.objectContaining(named('Gridded')));
		const { grid } = parsed.archive.greens.find(({ id }) => id === 'green-grid')!;
		expect(grid!.heights).toHaveLength(30);
		expect(grid!.heights[3]).toBeNull();
	});

	it('stays as it was where the upgrade fails, can be saved, and is opened once it succeeds', async () => {
		await leave(3, golden(3));
		vi.resetModules();
		vi.doMock('$lib/io/archive/liftTo3', async (original) => ({
			...(await original<object>()),
			takePupilsOut: () => {
				throw new Error('the lift failed');
			}
		}));
		const { database: failing } = await import('./database');
		await expect(failing.open()).rejects.toThrow('the lift failed');
		failing.close();
		vi.doUnmock('$lib/io/archive/liftTo3');
		expect(await rescue()).toMatchObject({ rows: 12, of: 12 });
		await database.open();
		expect(await database.shots.count()).toBe(7);
		expect(await database.pupils.count()).toBeGreaterThan(2);
	});

	it('says how many rows of the first releases it had to leave out', () => {
		const { greens, shots } = golden(2);
		const { rows, of } = rescued(2, { greens: greens!, shots: shots! }, '2026-01-01T00:00:00.000Z');
		expect([rows, of]).toEqual([7, 8]);
	});
});
