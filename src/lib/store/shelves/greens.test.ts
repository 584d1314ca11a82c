import 'fake-indexeddb/auto';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { greenDraftSchema } from '$lib/io/work/green';
import { readingDraftSchema } from '$lib/io/work/reading';
import { SmallStorage } from '../../../../tests/support/smallStorage';
import { database } from '../base/database';
import { unwrittenNotes } from '../base/journal';
import {
	mergeGreen,
	noteGreen,
	removeGreen,
	removeReading,
	saveGreen,
	saveReading,
	readGreens
} from './greens';

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

	it('put readings from the future after all others: nothing says how old they are', async () => {
		const ahead = new Date(Date.now() + 86_400_000).toISOString();
		const soon = new Date(Date.now() + 60_000).toISOString();
		await saveGreen(green);
		await saveReading(reading('ahead', ahead));
		await saveReading(reading('past', '2026-05-01T08:00:00.000Z'));
		await saveReading(reading('soon', soon));
		const [book] = (await readGreens()).books;
		expect(book!.readings.map(({ id }) => id)).toEqual(['soon', 'past', 'ahead']);
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

	it('have what was noted of them struck out once they are kept, and of no other', async () => {
		vi.stubGlobal('localStorage', new SmallStorage());
		const renamed = { ...green, name: 'Renamed' };
		const noted = () => unwrittenNotes().map(({ key }) => key);
		expect(noteGreen({ ...green, id: 'other' }, { ...renamed, id: 'other' })).toBe(true);
		noteGreen(green, renamed);
		await saveGreen(renamed);
		expect(noted()).toEqual(['other']);
		noteGreen(renamed, green);
		await mergeGreen(renamed, green);
		expect(noted()).toEqual(['other']);
		vi.unstubAllGlobals();
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
