import { liveQuery, type Observable } from 'dexie';
import { greenSchema, type GreenWire } from '$lib/io/green';
import { readingSchema, type ReadingWire } from '$lib/io/reading';
import { database } from './database';

/** A green with everything measured on it, newest first. */
export interface GreenBook {
	green: GreenWire;
	readings: ReadingWire[];
}

/** Greens as they can be read; rows that cannot are kept and counted. */
export interface GreenShelf {
	books: GreenBook[];
	broken: number;
}

function valid<T>(rows: readonly unknown[], read: (row: unknown) => { data?: T }): T[] {
	return rows.flatMap((row) => {
		const { data } = read(row);
		return data === undefined ? [] : [data];
	});
}

/** Every green with its readings, as they are now. */
export async function readGreens(): Promise<GreenShelf> {
	const rows = await database.greens.orderBy('name').toArray();
	const greens = valid(rows, (row) => greenSchema.safeParse(row));
	const readings = valid(await database.readings.orderBy('takenAt').reverse().toArray(), (row) =>
		readingSchema.safeParse(row)
	);
	return {
		books: greens.map((green) => ({
			green,
			readings: readings.filter((reading) => reading.greenId === green.id)
		})),
		broken: rows.length - greens.length
	};
}

/** Every green with its readings, in step with other tabs. */
export const watchGreens = (): Observable<GreenShelf> => liveQuery(readGreens);

export async function saveGreen(green: GreenWire): Promise<void> {
	await database.greens.put(greenSchema.parse(green));
}

/** Removes a green and its readings and hands back what undoes it. */
export async function removeGreen(id: string): Promise<() => Promise<void>> {
	return database.transaction('rw', database.greens, database.readings, async () => {
		const green = await database.greens.get(id);
		const readings = await database.readings.where('greenId').equals(id).toArray();
		await database.greens.delete(id);
		await database.readings.bulkDelete(readings.map((reading) => reading.id));
		return async () => {
			await database.transaction('rw', database.greens, database.readings, async () => {
				if (green) await database.greens.put(green);
				await database.readings.bulkPut(readings);
			});
		};
	});
}

export async function saveReading(reading: ReadingWire): Promise<void> {
	await database.readings.put(readingSchema.parse(reading));
}

/** Removes a reading and hands back what undoes it. */
export async function removeReading(id: string): Promise<() => Promise<void>> {
	const row = await database.readings.get(id);
	await database.readings.delete(id);
	return async () => {
		if (row) await database.readings.put(row);
	};
}
