import 'fake-indexeddb/auto';
import Dexie from 'dexie';
import { readFileSync } from 'node:fs';
import { afterEach, expect, it } from 'vitest';
import { NEVER, stampFrom, timeOf } from '$lib/io/fields/stamp';
import { blankGreen } from '$lib/ui/greens/state/greenEdits';
import { stamp } from './clock';
import { database } from './database';
import { hearTidings, type Tiding } from './tidings';
import { readGreens, saveGreen } from '../shelves/greens';
import { readPractice } from '../shelves/practice';
import { readRoster } from '../shelves/pupils';
import { everybody } from '../../../../tests/support/everybody';

/** The stores of this release, with rows of every kind. */
const { stores } = JSON.parse(readFileSync('tests/golden/database-1.json', 'utf8')) as {
	stores: Record<string, object[]>;
};

afterEach(async () => {
	await database.delete();
	await database.open();
});

it('has the tables and keys that release 1.0.0 froze: a change begins another version', () => {
	const tables = database.tables.map(({ name, schema: { primKey, indexes } }) => [
		name,
		[primKey, ...indexes].map(({ src }) => src).join(', ')
	]);
	const frozen = readFileSync('tests/golden/database-1.schema.json', 'utf8');
	expect({ version: database.verno, tables: Object.fromEntries(tables) as object }).toEqual(
		JSON.parse(frozen)
	);
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
	const files = await everybody();
	expect(files.flatMap(({ balls }) => balls)).toHaveLength(stores['balls']!.length);
	const raw = new Dexie('crisp-landing');
	await raw.open();
	const gridded = await raw.table<{ grid: { heights: unknown } }>('greens').get('green-grid');
	expect(gridded!.grid.heights).toBeInstanceOf(Float64Array);
	raw.close();
});

it('goes on from the latest stamp it finds, though the clock was set back a little', async () => {
	await readRoster();
	const updatedAt = stampFrom(Date.now() + 3_600_000, 0, 'elsewhere');
	await database.greens.put({ id: 'ahead', updatedAt });
	database.close();
	await database.open();
	expect(stamp() > updatedAt).toBe(true);
});

it.each([
	['far ahead', '2090-01-01T00:00:00.000Z-0000-elsewhere', false],
	['no day there is', '9999-99-99T99:99:99.999Z-zzzz-x', true],
	['no date', 'x', true]
])('dates anew what is dated %s, says so, and can be written to', async (_, updatedAt, never) => {
	const heard: Tiding[] = [];
	const deaf = hearTidings((tiding) => heard.push(tiding));
	const green = blankGreen('g', 'Kiln');
	await database.greens.put({ ...green, updatedAt });
	await database.shots.put({ id: 'odd', updatedAt });
	await database.tombstones.put({ key: 'balls/b', table: 'balls', id: 'b', deletedAt: updatedAt });
	database.close();
	await database.open();
	expect(heard).toEqual([{ kind: 'redated', rows: 3 }]);
	const kept = (await database.greens.get('g'))!.updatedAt!;
	expect(kept === NEVER).toBe(never);
	expect(timeOf(kept)).toBeLessThanOrEqual(Date.now() + 3_700_000);
	expect((await database.tombstones.get('balls/b'))!.deletedAt).toBe(NEVER);
	await saveGreen({ ...green, name: 'Later' });
	expect((await database.greens.get('g'))!.updatedAt! > kept).toBe(true);
	deaf();
});
