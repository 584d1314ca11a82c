import 'fake-indexeddb/auto';
import { beforeEach, describe, expect, it } from 'vitest';
import { workingShotSchema } from '$lib/io/savedShot';
import { STANDARD_BAG_WIRE } from '$lib/io/contract/club';
import { database } from './database';
import {
	duplicateShot,
	readShot,
	removeShot,
	renameShot,
	saveShot,
	watchShots,
	type ShotShelf
} from './savedShots';
import { readLastShot, seedOnce, writeLastShot } from './settings';

const shot = workingShotSchema.parse({
	situation: { toEdge: 2, edgeToPin: 7, stimpFeet: 9 },
	bag: STANDARD_BAG_WIRE
});

const shelf = (): Promise<ShotShelf> =>
	new Promise((resolve, reject) => {
		const subscription = watchShots().subscribe({
			next: (value) => {
				resolve(value);
				setTimeout(() => subscription.unsubscribe());
			},
			error: reject
		});
	});

beforeEach(async () => {
	await database.shots.clear();
	await database.settings.clear();
});

describe('saved shots', () => {
	it('comes back as it was saved, under its new name', async () => {
		const saved = await saveShot('Chip', shot);
		await renameShot(saved.id, ' Better chip ');
		expect(await readShot(saved.id)).toMatchObject({ name: 'Better chip', shot });
	});

	it('duplicates, removes and brings back', async () => {
		const saved = await saveShot('Chip', shot);
		const copy = await duplicateShot(saved);
		expect(copy.id).not.toBe(saved.id);
		const undo = await removeShot(saved.id);
		expect((await shelf()).shots.map(({ name }) => name)).toEqual(['Chip (copy)']);
		await undo();
		expect((await shelf()).shots).toHaveLength(2);
	});

	it('keeps a row it cannot read and shows it as broken', async () => {
		await database.shots.put({
			id: 'old',
			name: 'From long ago',
			savedAt: '2020-01-01',
			shot: { nonsense: true }
		});
		await saveShot('Chip', shot);
		const found = await shelf();
		expect(found.broken).toEqual([{ id: 'old', name: 'From long ago' }]);
		expect(found.shots).toHaveLength(1);
	});
});

describe('last shot', () => {
	it('is restored, absent at first, and broken when it is', async () => {
		expect(await readLastShot()).toBeNull();
		await writeLastShot({ shot, id: null });
		expect(await readLastShot()).toEqual({ shot, id: null });
		await database.settings.put({ key: 'lastShot', value: { situation: 5 } });
		expect(await readLastShot()).toBe('broken');
	});
});

describe('seedOnce', () => {
	const rows = {
		shots: [{ id: 'demo', name: 'Demo', savedAt: '2026-01-01T00:00:00.000Z', shot }],
		greens: [],
		readings: []
	};

	it('fills an empty database once and never over what is there', async () => {
		expect(await seedOnce(rows)).toBe(true);
		await removeShot('demo');
		expect(await seedOnce(rows)).toBe(false);
		await database.settings.clear();
		await saveShot('Own', shot);
		expect(await seedOnce(rows)).toBe(false);
		expect((await shelf()).shots.map(({ name }) => name)).toEqual(['Own']);
	});
});
