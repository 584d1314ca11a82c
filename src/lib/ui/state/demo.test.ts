import 'fake-indexeddb/auto';
import { readFileSync } from 'node:fs';
import { beforeEach, expect, it, vi } from 'vitest';
import { database } from '$lib/store/base/database';

vi.mock('$app/paths', () => ({ asset: (path: string) => path }));
const { firstOfDemo, readDemo, seedDemo } = await import('./demo');

const DEMO = readFileSync('static/demo/quarry-academy.json', 'utf8');
const served = (text: string) =>
	vi.stubGlobal('fetch', (path: string) =>
		path === '/demo/quarry-academy.json'
			? Promise.resolve(new Response(text))
			: Promise.reject(new Error(`asked for ${path}`))
	);
beforeEach(async () => {
	await Promise.all(database.tables.map((table) => table.clear()));
});

it('puts the invented academy in once, and never over what is there', async () => {
	served(DEMO);
	const { shots, greens } = await readDemo();
	await seedDemo();
	expect([await database.shots.count(), await database.greens.count()]).toEqual([
		shots.length,
		greens.length
	]);
	await database.shots.delete(shots[0]!.id);
	await seedDemo();
	expect(await database.shots.count()).toBe(shots.length - 1);
	expect(await firstOfDemo()).toBe(shots[0]!.id);
});

it('is read once, however many ask for it at once, and not at all where there is data', async () => {
	const asked = vi.fn(() => Promise.resolve(new Response(DEMO)));
	vi.stubGlobal('fetch', asked);
	await Promise.all([seedDemo(), seedDemo(), seedDemo()]);
	await seedDemo();
	expect(asked).toHaveBeenCalledTimes(1);
	expect(await database.greens.count()).toBeGreaterThan(0);
});

it('says what is wrong with a demo that is none, and puts nothing in', async () => {
	served('{"format": "crisp-landing archive", "version": 99}');
	await expect(seedDemo()).rejects.toThrow('newer release');
	expect(await database.shots.count()).toBe(0);
});
