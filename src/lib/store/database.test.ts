import 'fake-indexeddb/auto';
import Dexie from 'dexie';
import { readFileSync } from 'node:fs';
import { afterEach, describe, expect, it } from 'vitest';
import { database } from './database';
import { readGreens } from './greens';
import { shotShelf } from './savedShots';
import { readLastShot, readPreferences } from './settings';

interface Dump {
	version: number;
	stores: Record<string, object[]>;
}

/** A database as the release of version 2 left it in a browser. */
const golden = JSON.parse(readFileSync('tests/golden/database-2.json', 'utf8')) as Dump;

/** Writes the golden rows with the stores of that release. */
async function asOldRelease(): Promise<void> {
	const old = new Dexie('crisp-landing');
	old.version(1).stores({ shots: 'id, savedAt', settings: 'key' });
	old.version(2).stores({ greens: 'id, name', readings: 'id, greenId, takenAt' });
	for (const [store, rows] of Object.entries(golden.stores)) await old.table(store).bulkPut(rows);
	old.close();
}

afterEach(async () => {
	await database.delete();
	await database.open();
});

describe('a database of the release before', () => {
	it('is opened with everything in it, and clubs have ids', async () => {
		database.close();
		await Dexie.delete('crisp-landing');
		await asOldRelease();
		await database.open();
		const { rows, broken } = await shotShelf.read();
		expect(rows).toHaveLength(golden.stores['shots']!.length - 1);
		for (const { shot } of rows) {
			expect(new Set(shot.bag.map(({ id }) => id)).size).toBe(shot.bag.length);
			expect(shot.bag.find(({ name }) => name === 'SW')?.id).toBe('SW');
			expect(shot.golfer.carries).toEqual([]);
		}
		const own = rows.find(({ id }) => id === 'own-1')!.shot.golfer;
		expect(own).toMatchObject({
			spread: { speed: 6, direction: 2.5, loft: 2, lowPoint: 1.2 },
			technique: { chip: 'sole', flop: 'trail', stroke: 'hinge-and-hold' }
		});
		expect(broken.map(({ key }) => key)).toEqual(['damaged']);
		expect(broken[0]!.row).toMatchObject({ shot: { nonsense: true } });
		expect((await readGreens()).books[0]).toMatchObject({ green: { id: 'green-kiln' } });
		expect((await readGreens()).books[0]!.readings).toHaveLength(4);
		expect(await readPreferences()).toMatchObject({ units: 'paces', theme: 'slate' });
		const last = await readLastShot();
		const bag = last !== 'broken' ? last?.shot.bag : undefined;
		expect(bag?.[0]).toMatchObject({ id: '4H', name: '4H' });
	});
});
