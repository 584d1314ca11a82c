import 'fake-indexeddb/auto';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { parseArchive } from '$lib/io/archive/archive';
import { ARCHIVED_TABLES } from '$lib/io/archive/tables';
import { createRng } from '$lib/core/math/random';
import { importArchive, readAll } from '$lib/store/archive';
import { database } from '$lib/store/database';
import { shotShelf } from '$lib/store/savedShots';
import { readLastShot } from '$lib/store/settings';
import { freshShot, ShotBench } from '$lib/ui/state/shotBench.svelte';
import { readFileSync } from 'node:fs';
import { whoever } from '../support/pupils';
import { directPool } from '../support/planner';
import { faultyStorage, MemoryStorage } from './faultyStorage';
import { schedules } from './schedules';

const demo = parseArchive(readFileSync('static/demo/quarry-academy.json', 'utf8'));
if ('problems' in demo) throw new Error(demo.problems.join());

afterEach(async () => {
	vi.useRealTimers();
	vi.unstubAllGlobals();
	await database.delete();
	await database.open();
});

describe('a shot while the disk is full', () => {
	it.each(schedules)(
		'stays on the screen, says so, and is kept once there is room (schedule %i)',
		async (seed) => {
			vi.stubGlobal('localStorage', new MemoryStorage());
			const rng = createRng(seed);
			const storage = faultyStorage(rng, 1);
			// `bulkPut` is what the last shot is written with.
			const bulkPut = database.settings.bulkPut.bind(database.settings);
			database.settings.bulkPut = (() =>
				Promise.reject(new DOMException('full', 'QuotaExceededError'))) as never;
			const bench = new ShotBench(whoever, directPool().pool);
			bench.open({ shot: freshShot('pupil-1'), name: '', origin: null });
			const edgeToPin = 10 + Math.round(rng.uniform() * 20);
			bench.change(({ situation }) => (situation.edgeToPin = edgeToPin));
			await bench.flush();
			expect(bench.notKept).not.toBe('');
			expect(bench.shot.situation.edgeToPin).toBe(edgeToPin);
			expect(bench.canUndo).toBe(true);
			database.settings.bulkPut = bulkPut;
			storage.heal();
			await bench.flush();
			expect(bench.notKept).toBe('');
			const last = await readLastShot();
			expect(last !== 'broken' && last?.shot.situation.edgeToPin).toBe(edgeToPin);
			await bench.close();
		}
	);
});

describe('an import that fails half-way', () => {
	it.each(ARCHIVED_TABLES)('changes nothing (%s)', async (failing) => {
		const before = await readAll();
		const broken = database[failing];
		const bulkPut = broken.bulkPut.bind(broken);
		broken.bulkPut = (() => Promise.reject(new Error('disk error'))) as never;
		await expect(importArchive(demo.archive)).rejects.toThrow('disk error');
		broken.bulkPut = bulkPut;
		const after = await readAll();
		expect({ ...after, exportedAt: '' }).toEqual({ ...before, exportedAt: '' });
	});
});

describe('a clock that was set back', () => {
	it('neither loses nor reorders what was saved after it', async () => {
		const [first] = demo.archive.shots;
		await shotShelf.put({ ...first!, id: 'future', savedAt: '2050-01-01T00:00:00.000Z' });
		vi.useFakeTimers({ toFake: ['Date'], now: new Date('2020-01-01T00:00:00Z') });
		const bench = new ShotBench(whoever, directPool().pool);
		bench.open({ shot: freshShot('pupil-1'), name: '', origin: null });
		const one = await bench.save('One', false);
		const two = await bench.save('Two', true);
		expect(new Set(['future', one.id, two.id]).size).toBe(3);
		expect((await shotShelf.read()).rows).toHaveLength(3);
		await bench.close();
	});
});
