import 'fake-indexeddb/auto';
import { beforeEach, describe, expect, it } from 'vitest';
import { emptyArchive } from '$lib/io/archive/archive';
import { NEVER } from '$lib/io/fields/stamp';
import { shotDraftSchema } from '$lib/io/work/shot';
import { seedOnce } from '../files/archive';
import { database } from '../base/database';
import { duplicateShot, readShot, removeShot, renameShot, saveShot, shotShelf } from './savedShots';
import { readLastShot, writeLastShot } from './settings';

const shot = shotDraftSchema.parse({
	situation: { toEdge: 2, edgeToPin: 7, stimpFeet: 9 },
	pupilId: 'pupil-1'
});
const names = async () => (await shotShelf.read()).rows.map(({ name }) => name);

beforeEach(() => Promise.all(database.tables.map((table) => table.clear())));

describe('saved shots', () => {
	it('come back as they were saved, under their new names', async () => {
		const saved = await saveShot('Chip', shot);
		await renameShot(saved.id, ' Better chip ');
		expect(await readShot(saved.id)).toMatchObject({ name: 'Better chip', shot });
		await renameShot('nobody', 'x');
		expect(await names()).toEqual(['Better chip']);
	});

	it('are duplicated, removed and brought back', async () => {
		const saved = await saveShot('Chip', shot);
		const copy = await duplicateShot(saved);
		expect(copy.id).not.toBe(saved.id);
		const undo = await removeShot(saved.id);
		expect(await names()).toEqual(['Chip (copy)']);
		await undo();
		expect(await names()).toHaveLength(2);
	});

	it('keep a copy’s name within what a name may be', async () => {
		const copy = await duplicateShot({ ...(await saveShot('x'.repeat(60), shot)) });
		expect(copy.name).toHaveLength(60);
	});

	it('come newest first, whatever the order they were written in', async () => {
		for (const [id, day] of [
			['b', '2026-02-02'],
			['c', '2026-03-03'],
			['a', '2026-01-01']
		] as const)
			await shotShelf.put({ id, name: id, savedAt: `${day}T00:00:00.000Z`, shot });
		expect(await names()).toEqual(['c', 'b', 'a']);
	});
});

describe('last shot', () => {
	it('is restored, absent at first, and broken when it is', async () => {
		expect(await readLastShot()).toBeNull();
		await writeLastShot({ shot, id: null, line: 'one' });
		expect(await readLastShot()).toEqual({ shot, id: null, line: 'one' });
		await writeLastShot({ shot, id: 'a', line: 'one' });
		expect(await readLastShot()).toMatchObject({ id: 'a' });
		await database.settings.put({ key: 'lastShot', value: { situation: 5 } });
		expect(await readLastShot()).toBe('broken');
	});
});

describe('seedOnce', () => {
	const rows = {
		...emptyArchive(),
		shots: [
			{
				id: 'demo',
				name: 'Demo',
				savedAt: '2026-01-01T00:00:00.000Z',
				shot,
				createdAt: NEVER,
				updatedAt: NEVER
			}
		]
	};

	it('fills an empty database once and never over what is there', async () => {
		expect(await seedOnce(rows)).toBe(true);
		await removeShot('demo');
		expect(await seedOnce(rows)).toBe(false);
		await database.settings.clear();
		await saveShot('Own', shot);
		expect(await seedOnce(rows)).toBe(false);
		expect(await names()).toEqual(['Own']);
	});
});
