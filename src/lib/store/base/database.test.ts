import 'fake-indexeddb/auto';
import Dexie from 'dexie';
import { readFileSync } from 'node:fs';
import { afterEach, expect, it } from 'vitest';
import { stamp } from './clock';
import { database } from './database';
import { readGreens } from '../shelves/greens';
import { readPractice } from '../shelves/practice';
import { readPupils } from '../shelves/pupils';

/** The stores of this release, with rows of every kind. */
const { stores } = JSON.parse(readFileSync('tests/golden/database-1.json', 'utf8')) as {
	stores: Record<string, object[]>;
};

afterEach(async () => {
	await database.delete();
	await database.open();
});

it('keeps every row as it was over an opening anew, and packs its grids', async () => {
	for (const [store, rows] of Object.entries(stores)) await database.table(store).bulkPut(rows);
	database.close();
	await database.open();
	expect(await database.greens.toArray()).toEqual(stores['greens']);
	const { sessions, drills, homework, broken } = await readPractice();
	expect([sessions, drills, homework].map((list) => list.length)).toEqual([3, 1, 1]);
	expect(broken).toEqual([]);
	const greens = await readGreens();
	expect(greens.books.map(({ green }) => green.name)).toContain('Gridded');
	expect(greens.broken.map(({ key }) => key)).toEqual(['damaged']);
	const { files } = await readPupils();
	expect(files.flatMap(({ balls }) => balls)).toHaveLength(stores['balls']!.length);
	const raw = new Dexie('crisp-landing');
	await raw.open();
	const gridded = await raw.table<{ grid: { heights: unknown } }>('greens').get('green-grid');
	expect(gridded!.grid.heights).toBeInstanceOf(Float64Array);
	raw.close();
});

it('goes on from the latest stamp it finds, though the clock was set back', async () => {
	await readPupils();
	await database.greens.put({
		id: 'ahead',
		updatedAt: '2090-01-01T00:00:00.000Z-0000-elsewhere'
	});
	database.close();
	await database.open();
	expect(stamp() > '2090-01-01').toBe(true);
});
