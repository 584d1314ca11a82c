import 'fake-indexeddb/auto';
import { beforeEach, describe, expect, it } from 'vitest';
import { until } from '../../../../tests/support/soon';
import { database } from './database';
import { readingShelf as shelf } from '../shelves/greens';
import { follow } from './follow';
import { readingDraftSchema } from '$lib/io/work/reading';

const reading = (id: string, stimpFeet = 9) =>
	readingDraftSchema.parse({ id, greenId: 'g', takenAt: '2026-05-01T08:00:00.000Z', stimpFeet });
const broken = { id: 7, name: 'Numbered', stimpFeet: 'quick' };

beforeEach(() => database.readings.clear());

describe('a shelf', () => {
	it('sorts what can be read from what cannot, whatever the key of a broken row', async () => {
		await shelf.put(reading('a'));
		await database.readings.bulkPut([broken, { id: 'nameless' }]);
		const { rows, broken: found } = await shelf.read();
		expect(rows.map(({ id }) => id)).toEqual(['a']);
		expect(found).toEqual([
			{ table: 'readings', key: 7, keyText: '7', name: 'Numbered', row: broken },
			{
				table: 'readings',
				key: 'nameless',
				keyText: 'nameless',
				name: 'unnamed',
				row: { id: 'nameless' }
			}
		]);
		expect(await shelf.get('nameless')).toBeUndefined();
	});

	it('removes a broken row by its raw key, and puts it back', async () => {
		await database.readings.put(broken);
		const undo = await shelf.remove(7);
		expect(await database.readings.count()).toBe(0);
		await undo();
		expect(await database.readings.get(7)).toEqual(broken);
	});

	it('notes a removal, and takes the note away with what is put back', async () => {
		await shelf.put(reading('a'));
		const undo = await shelf.remove('a');
		expect(await database.tombstones.toArray()).toMatchObject([{ table: 'readings', id: 'a' }]);
		await undo();
		expect(await database.tombstones.count()).toBe(0);
		const before = await shelf.remove('a');
		const giveBack = await shelf.takeIn([reading('a')]);
		expect(await database.tombstones.count()).toBe(0);
		await giveBack();
		expect(await database.tombstones.count()).toBe(1);
		await before();
	});

	it('puts back nothing where there was nothing', async () => {
		await (
			await shelf.remove('nobody')
		)();
		expect(await database.readings.count()).toBe(0);
	});

	it('replaces, and restores what nobody has touched since', async () => {
		await shelf.put(reading('kept', 8));
		await shelf.put(reading('edited', 8));
		const restore = await shelf.takeIn([
			reading('kept', 10),
			reading('edited', 10),
			reading('new', 10)
		]);
		await shelf.put(reading('edited', 12));
		expect(await restore()).toBe(1);
		const { rows } = await shelf.read();
		expect(Object.fromEntries(rows.map(({ id, stimpFeet }) => [id, stimpFeet]))).toEqual({
			kept: 8,
			edited: 12
		});
	});

	it('hands a row out with the stamps it is kept with, which a change moves on', async () => {
		await shelf.put(reading('a', 8));
		const first = (await shelf.getForFile('a'))!;
		expect(first).toMatchObject({ id: 'a', stimpFeet: 8, createdAt: first.updatedAt });
		await shelf.put(reading('a', 9));
		const second = (await shelf.getForFile('a'))!;
		expect(second.createdAt).toBe(first.createdAt);
		expect(second.updatedAt > first.updatedAt).toBe(true);
		expect(await shelf.readForFile()).toEqual([second]);
		expect(await shelf.getForFile('nobody')).toBeUndefined();
	});

	it('refuses a row that is none and writes nothing', async () => {
		await expect(shelf.put({ ...reading('a'), stimpFeet: NaN })).rejects.toThrow();
		expect(await database.readings.count()).toBe(0);
	});
});

describe('follow', () => {
	it('tells of every change until it is stopped', async () => {
		const seen: number[] = [];
		const stop = follow(
			() => database.readings.count(),
			(count) => seen.push(count),
			() => {}
		);
		await until(() => seen.includes(0));
		await shelf.put(reading('a'));
		await until(() => seen.includes(1));
		stop();
		await shelf.put(reading('b'));
		await new Promise((resolve) => setTimeout(resolve, 60));
		expect(seen).not.toContain(2);
	});

	it('tells of a query that fails', async () => {
		let failure: unknown;
		follow(
			() => Promise.reject(new Error('the disk is gone')),
			() => {},
			(error) => (failure = error)
		);
		await until(() => failure !== undefined);
		expect(String(failure)).toContain('the disk is gone');
	});
});
