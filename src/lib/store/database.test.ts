import 'fake-indexeddb/auto';
import Dexie from 'dexie';
import { readFileSync } from 'node:fs';
import { afterEach, describe, expect, it } from 'vitest';
import { PLAIN_BALL } from '$lib/io/pupil';
import { stamp } from './clock';
import { database } from './database';
import { readGreens } from './greens';
import { readPractice } from './practice';
import { readPlaying, readPupils } from './pupils';
import { shotShelf } from './savedShots';
import { readLastShot, readPreferences } from './settings';

interface Dump {
	version: number;
	stores: Record<string, object[]>;
}

const golden = (version: number) =>
	JSON.parse(readFileSync(`tests/golden/database-${version}.json`, 'utf8')) as Dump;

/** The stores of each release, as it declared them. */
const STORES: Record<string, string>[] = [
	{ shots: 'id, savedAt', settings: 'key' },
	{ greens: 'id, name', readings: 'id, greenId, takenAt' },
	{},
	{
		pupils: 'id, name, updatedAt',
		clubs: 'id, pupilId, updatedAt',
		balls: 'id, pupilId, updatedAt',
		shots: 'id, savedAt, updatedAt',
		greens: 'id, name, updatedAt',
		readings: 'id, greenId, takenAt, updatedAt',
		tombstones: 'key'
	},
	{
		balls: 'id, pupilId, sessionId, updatedAt',
		sessions: 'id, startedAt, updatedAt',
		drills: 'id, updatedAt',
		homework: 'id, pupilId, updatedAt'
	}
];

/** Leaves a browser as a release left it, and opens it with the present one. */
async function openAsLeftBy(version: number): Promise<Dump> {
	const dump = golden(version);
	database.close();
	await Dexie.delete('crisp-landing');
	const old = new Dexie('crisp-landing');
	STORES.slice(0, version).forEach((stores, i) => old.version(i + 1).stores(stores));
	for (const [store, rows] of Object.entries(dump.stores)) await old.table(store).bulkPut(rows);
	old.close();
	await database.open();
	return dump;
}

afterEach(async () => {
	await database.delete();
	await database.open();
});

describe.each([2, 3])('a database of version %i', (version) => {
	it('is opened with everything in it: golfers and bags have become pupils', async () => {
		const { stores } = await openAsLeftBy(version);
		const { rows, broken } = await shotShelf.read();
		expect(rows).toHaveLength(stores['shots']!.length - 1);
		const { files } = await readPupils();
		for (const { shot } of rows) {
			const { clubs } = files.find(({ pupil }) => pupil.id === shot.pupilId)!;
			expect(clubs.map(({ name }) => name)).toContain('SW');
			expect(clubs).toHaveLength(11);
		}
		const own = rows.find(({ id }) => id === 'own-1')!;
		expect(files.find(({ pupil }) => pupil.id === own.shot.pupilId)!.pupil).toMatchObject({
			hand: 'left',
			units: 'paces',
			spread: { speed: 6, direction: 2.5, loft: 2, lowPoint: 1.2 },
			technique: { chip: 'sole', flop: 'trail', stroke: 'hinge-and-hold' }
		});
		expect(broken.map(({ key }) => key)).toEqual(['damaged']);
		expect(broken[0]!.row).toMatchObject({ shot: { nonsense: true } });
		expect((await readGreens()).books[0]).toMatchObject({ green: { id: 'green-kiln' } });
		expect((await readGreens()).books[0]!.readings).toHaveLength(4);
		expect(await readPreferences()).toEqual({ theme: 'slate', aloud: false });
		const last = await readLastShot();
		expect(last).not.toBe('broken');
		expect(await readPlaying()).toBe(last !== 'broken' && last?.shot.pupilId);
		expect(files.map(({ pupil }) => pupil.id)).toContain(await readPlaying());
	});
});

it('keeps the carries that a shot had, with what was said of their balls', async () => {
	await openAsLeftBy(3);
	const { balls, clubs } = (await readPupils()).files.find((file) => file.balls.length > 0)!;
	expect(
		balls.map(({ swing, carry, spread, n, flight }) => [swing, carry, spread, n, flight])
	).toEqual([
		['9', 14.2, 0.6, 8, 'standard'],
		['8', 8.5, undefined, undefined, 'low']
	]);
	expect(clubs.find(({ id }) => id === balls[0]!.clubId)!.name).toBe('SW');
});

it('opens a database of version 4 with every row as it was', async () => {
	const { stores } = await openAsLeftBy(4);
	const { files, broken } = await readPupils();
	expect(broken).toEqual([]);
	expect(files.flatMap(({ balls }) => balls)).toHaveLength(stores['balls']!.length);
	for (const { balls } of files)
		for (const ball of balls) {
			const old = stores['balls']!.find((row) => (row as { id: string }).id === ball.id);
			expect(ball).toMatchObject({ ...PLAIN_BALL, ...plain(old!) });
		}
	expect(await database.tombstones.count()).toBe(stores['tombstones']!.length);
	expect(await readPractice()).toEqual({ sessions: [], drills: [], homework: [], broken: [] });
});

it('opens a database of version 5 with every row as it was, and packs its grids', async () => {
	const { stores } = await openAsLeftBy(5);
	const rows = await database.greens.toArray();
	expect(rows).toEqual(stores['greens']);
	const { sessions, drills, homework, broken } = await readPractice();
	expect([sessions, drills, homework].map((list) => list.length)).toEqual([3, 1, 1]);
	expect(broken).toEqual([]);
	const greens = await readGreens();
	expect(greens.books.map(({ green }) => green.name)).toContain('Gridded');
	expect(greens.broken.map(({ key }) => key)).toEqual(['damaged']);
	const raw = new Dexie('crisp-landing');
	await raw.open();
	const gridded = await raw.table<{ grid: { heights: unknown } }>('greens').get('green-grid');
	expect(gridded!.grid.heights).toBeInstanceOf(Float64Array);
	raw.close();
});

/** A row without its stamps. */
const plain = (row: object) => {
	const { createdAt: _made, updatedAt: _changed, ...rest } = row as Record<string, unknown>;
	return rest;
};

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
