import 'fake-indexeddb/auto';
import { readFileSync } from 'node:fs';
import { beforeEach, describe, expect, it } from 'vitest';
import { formatArchive, parseArchive, type Archive } from '$lib/io/archive';
import { greenSchema } from '$lib/io/green';
import { readingSchema } from '$lib/io/reading';
import { importArchive, readAll } from './archive';
import { database } from './database';
import {
	removeGreen,
	removeReading,
	saveGreen,
	saveReading,
	watchGreens,
	type GreenShelf
} from './greens';
import { seedOnce } from './settings';

const demo = (): Archive => {
	const parsed = parseArchive(readFileSync('static/demo/quarry-academy.json', 'utf8'));
	if ('problems' in parsed) throw new Error(parsed.problems.join());
	return parsed.archive;
};
const green = greenSchema.parse({
	id: 'g',
	name: 'Bench',
	outline: [
		[0, 0],
		[9, 0],
		[4, 7]
	]
});
const reading = (id: string, takenAt: string) =>
	readingSchema.parse({ id, greenId: 'g', takenAt, stimpFeet: 9.5 });

const shelf = (): Promise<GreenShelf> =>
	new Promise((resolve, reject) => {
		const subscription = watchGreens().subscribe({
			next: (value) => {
				resolve(value);
				setTimeout(() => subscription.unsubscribe());
			},
			error: reject
		});
	});

beforeEach(async () => {
	await Promise.all(database.tables.map((table) => table.clear()));
});

describe('greens', () => {
	it('come with their readings, newest first', async () => {
		await saveGreen(green);
		await saveReading(reading('old', '2026-05-01T08:00:00.000Z'));
		await saveReading(reading('new', '2026-05-03T08:00:00.000Z'));
		await saveReading({ ...reading('other', '2026-05-04T08:00:00.000Z'), greenId: 'elsewhere' });
		const { books } = await shelf();
		expect(books.map((book) => book.readings.map(({ id }) => id))).toEqual([['new', 'old']]);
	});

	it('take their readings with them, and bring them back', async () => {
		await saveGreen(green);
		await saveReading(reading('one', '2026-05-01T08:00:00.000Z'));
		const undo = await removeGreen('g');
		expect(await database.readings.count()).toBe(0);
		await undo();
		expect((await shelf()).books[0]?.readings).toHaveLength(1);
		const undoReading = await removeReading('one');
		expect((await shelf()).books[0]?.readings).toHaveLength(0);
		await undoReading();
		expect((await shelf()).books[0]?.readings).toHaveLength(1);
	});

	it('are refused when they are none, and nothing is written', async () => {
		await expect(saveGreen({ ...green, outline: [] })).rejects.toThrow();
		expect(await database.greens.count()).toBe(0);
	});

	it('that cannot be read are kept and counted', async () => {
		await database.greens.put({ id: 'x', name: 'From another version' });
		await saveGreen(green);
		expect(await shelf()).toMatchObject({ broken: 1, books: [{ green: { id: 'g' } }] });
		expect(await database.greens.count()).toBe(2);
	});
});

describe('archive in the store', () => {
	it('carries everything out and in again', async () => {
		const { shots, greens, readings } = demo();
		await seedOnce({ shots, greens, readings });
		const out = parseArchive(formatArchive(await readAll()));
		await Promise.all([database.shots.clear(), database.greens.clear(), database.readings.clear()]);
		if ('problems' in out) throw new Error(out.problems.join());
		expect(await importArchive(out.archive)).toMatchObject({
			added: shots.length + greens.length + readings.length,
			replaced: 0
		});
		const again = await readAll();
		const byId = <Row extends { id: string }>(rows: Row[]) =>
			[...rows].sort((a, b) => a.id.localeCompare(b.id));
		expect(byId(again.greens)).toEqual(byId(greens));
		expect(byId(again.readings)).toEqual(byId(readings));
		expect(byId(again.shots)).toEqual(byId(shots));
	});

	it('can be undone: what was replaced comes back, what was new goes', async () => {
		await saveGreen({ ...green, id: 'green-kiln', name: 'Mine' });
		const { undo, replaced } = await importArchive(demo());
		expect(replaced).toBe(1);
		expect((await shelf()).books).toHaveLength(3);
		await undo();
		expect((await shelf()).books.map((book) => book.green.name)).toEqual(['Mine']);
		expect(await database.readings.count()).toBe(0);
	});

	it('seeds a demo once, and never over data that is there', async () => {
		await saveGreen(green);
		expect(await seedOnce(demo())).toBe(false);
		await database.greens.clear();
		expect(await seedOnce(demo())).toBe(true);
		expect(await seedOnce(demo())).toBe(false);
	});
});
