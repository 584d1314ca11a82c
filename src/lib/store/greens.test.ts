import 'fake-indexeddb/auto';
import { readFileSync } from 'node:fs';
import { beforeEach, describe, expect, it } from 'vitest';
import { formatArchive, parseArchive, type Archive } from '$lib/io/archive/archive';
import { greenDraftSchema } from '$lib/io/green';
import { readingDraftSchema } from '$lib/io/reading';
import { importArchive, readAll, seedOnce } from './archive';
import { database } from './database';
import { removeGreen, removeReading, saveGreen, saveReading, readGreens } from './greens';
import { readPreferences, writePreferences } from './settings';

const demo = (): Archive => {
	const parsed = parseArchive(readFileSync('static/demo/quarry-academy.json', 'utf8'));
	if ('problems' in parsed) throw new Error(parsed.problems.join());
	return parsed.archive;
};
const green = greenDraftSchema.parse({
	id: 'g',
	name: 'Bench',
	outline: [
		[0, 0],
		[9, 0],
		[4, 7]
	]
});
const reading = (id: string, takenAt: string) =>
	readingDraftSchema.parse({ id, greenId: 'g', takenAt, stimpFeet: 9.5 });

beforeEach(async () => {
	await Promise.all(database.tables.map((table) => table.clear()));
});

describe('greens', () => {
	it('come with their readings, newest first', async () => {
		await saveGreen(green);
		await saveReading(reading('old', '2026-05-01T08:00:00.000Z'));
		await saveReading(reading('new', '2026-05-03T08:00:00.000Z'));
		await saveReading({ ...reading('other', '2026-05-04T08:00:00.000Z'), greenId: 'elsewhere' });
		const { books } = await readGreens();
		expect(books.map((book) => book.readings.map(({ id }) => id))).toEqual([['new', 'old']]);
	});

	it('take their readings with them, and bring them back', async () => {
		await saveGreen(green);
		await saveReading(reading('one', '2026-05-01T08:00:00.000Z'));
		const undo = await removeGreen('g');
		expect(await database.readings.count()).toBe(0);
		await undo();
		expect((await readGreens()).books[0]?.readings).toHaveLength(1);
		const undoReading = await removeReading('one');
		expect((await readGreens()).books[0]?.readings).toHaveLength(0);
		await undoReading();
		expect((await readGreens()).books[0]?.readings).toHaveLength(1);
	});

	it('are refused when they are none, and nothing is written', async () => {
		await expect(saveGreen({ ...green, collar: NaN })).rejects.toThrow();
		expect(await database.greens.count()).toBe(0);
	});

	it('that cannot be read are kept and counted', async () => {
		const odd = { id: 'x', name: 'From another version' };
		await database.greens.put(odd);
		await database.readings.put({ id: 'y' });
		await saveGreen(green);
		const { books, broken } = await readGreens();
		expect(books.map((book) => book.green.id)).toEqual(['g']);
		expect(broken.map(({ table, key }) => [table, key])).toEqual([
			['greens', 'x'],
			['readings', 'y']
		]);
		expect(await database.greens.count()).toBe(2);
	});
});

describe('archive in the store', () => {
	it('carries everything out and in again', async () => {
		const { shots, greens, readings } = demo();
		await seedOnce(demo());
		await writePreferences({ units: 'feet', paceLength: 0.85, theme: 'slate' });
		const odd = { id: 12, note: 'nobody can read this' };
		await database.shots.put(odd);
		const out = parseArchive(formatArchive(await readAll()));
		await Promise.all(database.tables.map((table) => table.clear()));
		if ('problems' in out) throw new Error(out.problems.join());
		expect(await importArchive(out.archive)).toMatchObject({
			added: shots.length + greens.length + readings.length + 1,
			replaced: 0
		});
		const again = await readAll();
		const byId = <Row extends { id: string }>(rows: Row[]) =>
			[...rows].sort((a, b) => a.id.localeCompare(b.id));
		expect(byId(again.greens)).toEqual(byId(greens));
		expect(byId(again.readings)).toEqual(byId(readings));
		expect(byId(again.shots)).toEqual(byId(shots));
		expect(again.unreadable).toEqual([{ table: 'shots', row: odd }]);
		expect(await database.shots.get(12)).toEqual(odd);
		expect(await readPreferences()).toEqual({ units: 'feet', paceLength: 0.85, theme: 'slate' });
	});

	it('can be undone: what was replaced comes back, what was new goes', async () => {
		await saveGreen({ ...green, id: 'green-kiln', name: 'Mine' });
		const { undo, replaced } = await importArchive(demo());
		expect(replaced).toBe(1);
		expect((await readGreens()).books).toHaveLength(3);
		await undo();
		expect((await readGreens()).books.map((book) => book.green.name)).toEqual(['Mine']);
		expect(await database.readings.count()).toBe(0);
	});

	it('leaves at undo what was edited after the import, and says how much', async () => {
		const { undo } = await importArchive(demo());
		const [book] = (await readGreens()).books;
		await saveGreen({ ...book!.green, note: 'watered since' });
		expect(await undo()).toBe(1);
		expect((await readGreens()).books.map((left) => left.green.note)).toEqual(['watered since']);
	});

	it('brings units and look, and takes them back at undo', async () => {
		await writePreferences({ units: 'yards', paceLength: 0.9, theme: 'paper' });
		const preferences = { units: 'feet', paceLength: 0.7, theme: 'slate' } as const;
		const { undo } = await importArchive({ ...demo(), preferences });
		expect(await readPreferences()).toEqual(preferences);
		await undo();
		expect(await readPreferences()).toMatchObject({ units: 'yards' });
	});

	it('seeds a demo once, and never over data that is there', async () => {
		await saveGreen(green);
		expect(await seedOnce(demo())).toBe(false);
		await database.greens.clear();
		expect(await seedOnce(demo())).toBe(true);
		expect(await seedOnce(demo())).toBe(false);
	});
});
