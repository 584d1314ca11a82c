import type { GreenWire } from '$lib/io/work/green';
import { newestFirst, type ReadingWire } from '$lib/io/work/reading';
import { storedGreenRow } from '$lib/io/rows/green';
import { readingRow } from '$lib/io/rows/reading';
import { database } from '../base/database';
import { notesMade, noteUnwritten, strikeOut } from '../base/journal';
import type { Merged } from '../base/merge';
import { Shelf, type BrokenRow, type Undo } from '../base/shelf';

export const greenShelf = new Shelf<GreenWire>('greens', storedGreenRow, (a, b) =>
	a.name.localeCompare(b.name)
);
/** Newest first; see `newestFirst`. */
export const readingShelf = new Shelf<ReadingWire>('readings', readingRow, (a, b) =>
	newestFirst(a, b, Date.now())
);

/** A green with everything measured on it, newest first. */
export interface GreenBook {
	green: GreenWire;
	readings: ReadingWire[];
}

/** Greens with their readings, and every row of either that cannot be read. */
export interface GreenBooks {
	books: GreenBook[];
	broken: BrokenRow[];
}

/** Every green with its readings, as they are now. */
export async function readGreens(): Promise<GreenBooks> {
	const [greens, readings] = await Promise.all([greenShelf.read(), readingShelf.read()]);
	return {
		books: greens.rows.map((green) => ({
			green,
			readings: readings.rows.filter((reading) => reading.greenId === green.id)
		})),
		broken: [...greens.broken, ...readings.broken]
	};
}

export async function saveGreen(green: GreenWire): Promise<GreenWire> {
	const noted = notesMade();
	const saved = await greenShelf.put(green);
	strikeOut({ table: 'greens', key: green.id }, noted);
	return saved;
}

/** Saves changes of a green beside those that another tab made meanwhile; see `Shelf.merge`. */
export async function mergeGreen(base: GreenWire, mine: GreenWire): Promise<Merged<GreenWire>> {
	const noted = notesMade();
	const found = await greenShelf.merge(base, mine);
	strikeOut({ table: 'greens', key: mine.id }, noted);
	return found;
}

/** Notes a green, for a page that has no time to write it; answers whether it is noted. */
export const noteGreen = (base: GreenWire, green: GreenWire): boolean =>
	noteUnwritten({ table: 'greens', key: green.id, row: green, base });

export const saveReading = (reading: ReadingWire): Promise<ReadingWire> =>
	readingShelf.put(reading);
export const removeReading = (id: string): Promise<Undo> => readingShelf.remove(id);

/** Removes a green and its readings and hands back what undoes it. */
export function removeGreen(id: string): Promise<Undo> {
	const tables = [database.greens, database.readings, database.tombstones];
	return database.transaction('rw', tables, async () => {
		const readings = await database.readings.where('greenId').equals(id).primaryKeys();
		const undos = [await greenShelf.remove(id), await readingShelf.removeAll(readings)];
		return () =>
			database.transaction('rw', tables, async () => {
				for (const undo of undos) await undo();
			});
	});
}
