import 'fake-indexeddb/auto';
import Dexie from 'dexie';
import { afterEach, describe, expect, it } from 'vitest';
import { database } from './database';
import { packGrid, unpackGrid } from './packedGrids';

const frame = { originU: 0, originV: 0, cell: 1, columns: 2, rows: 2 };
const green = (id: string, heights: unknown[]) => ({ id, name: id, grid: { ...frame, heights } });
const rows = [
	green('a', [0.1, -0, null, 1e-9]),
	green('b', [1, 'x', 2, 3]),
	{ id: 'c', grid: null }
];

afterEach(async () => {
	await database.delete();
	await database.open();
});

/** Rows as they really lie there. */
async function lying(): Promise<Record<string, unknown>> {
	const raw = new Dexie('crisp-landing');
	await raw.open();
	const found = await raw.table<{ id: string }>('greens').toArray();
	raw.close();
	return Object.fromEntries(found.map((row) => [row.id, row]));
}

describe('a grid', () => {
	it('comes back as it went in, number by number', () => {
		for (const row of rows) expect(unpackGrid(packGrid(row))).toEqual(row);
		const packed = packGrid(rows[0]!) as unknown as { grid: { heights: Float64Array } };
		expect([...packed.grid.heights]).toEqual([0.1, -0, NaN, 1e-9]);
	});

	it('is left alone where it is not a list of heights, and so is everything without one', () => {
		expect(packGrid(rows[1])).toBe(rows[1]);
		expect(packGrid(rows[2])).toBe(rows[2]);
		for (const row of [null, 7, 'text', { id: 'd' }]) {
			expect(packGrid(row)).toBe(row);
			expect(unpackGrid(row)).toBe(row);
		}
		expect(packGrid(green('e', [NaN]))).toEqual(green('e', [NaN]));
	});

	it('lies packed in the store, and nobody who reads it there knows', async () => {
		await database.greens.bulkPut(rows);
		expect(await lying()).toMatchObject({
			a: { grid: { ...frame, heights: Float64Array.of(0.1, -0, NaN, 1e-9) } },
			b: { grid: { heights: [1, 'x', 2, 3] } },
			c: { grid: null }
		});
		const { greens } = database;
		expect(await greens.toArray()).toEqual(rows);
		expect(await greens.get('a')).toEqual(rows[0]);
		expect(await greens.bulkGet(['b', 'a'])).toEqual([rows[1], rows[0]]);
		expect(await greens.where('id').equals('a').toArray()).toEqual([rows[0]]);
		const walked: unknown[] = [];
		await greens.toCollection().each((row) => void walked.push(row));
		expect(walked).toEqual(rows);
		expect(await greens.toCollection().primaryKeys()).toEqual(['a', 'b', 'c']);
		await greens.toCollection().modify({ note: 'seen' } as never);
		expect(await greens.get('a')).toEqual({ ...rows[0], note: 'seen' });
		expect((await lying())['a']).toMatchObject({ note: 'seen' });
	});
});
