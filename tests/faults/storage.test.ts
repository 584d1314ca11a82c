import 'fake-indexeddb/auto';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { parseArchive } from '$lib/io/archive/archive';
import { ARCHIVED_TABLES } from '$lib/io/archive/tables';
import { createRng } from '$lib/core/math/random';
import { importArchive, readAll } from '$lib/store/files/archive';
import { database } from '$lib/store/base/database';
import { unwrittenNotes } from '$lib/store/base/journal';
import { shotShelf } from '$lib/store/shelves/savedShots';
import { readLastShot } from '$lib/store/shelves/settings';
import { freshShot } from '$lib/io/work/freshShot';
import { ShotBench } from '$lib/ui/shot/state/shotBench.svelte';
import { readFileSync } from 'node:fs';
import { whoever } from '../support/pupils';
import { directPool } from '../support/planner';
import { faultyStorage, MemoryStorage } from './faultyStorage';
import { schedules } from './schedules';
import { soon } from '../support/soon';

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
			const storage = faultyStorage(rng, 1, ['full']);
			const bench = new ShotBench(whoever, directPool().pool);
			bench.open({ shot: freshShot('pupil-1'), name: '', origin: null });
			const edgeToPin = 10 + Math.round(rng.uniform() * 20);
			bench.change(({ situation }) => (situation.edgeToPin = edgeToPin));
			await bench.flush();
			expect(bench.notKept).not.toBe('');
			expect(bench.shot.situation.edgeToPin).toBe(edgeToPin);
			expect(bench.canUndo).toBe(true);
			expect(storage.met.full).toBe(1);
			storage.heal();
			await bench.flush();
			expect(bench.notKept).toBe('');
			const last = await readLastShot();
			expect(last !== 'broken' && last?.shot.situation.edgeToPin).toBe(edgeToPin);
			await bench.close();
		}
	);
});

describe('a shot while storage hangs', () => {
	it.each(schedules.slice(0, Math.ceil(schedules.length / 5)))(
		'is said not to be kept, is noted, and is kept as it is last once storage answers (schedule %i)',
		async (seed) => {
			vi.stubGlobal('localStorage', new MemoryStorage());
			vi.useFakeTimers({
				toFake: ['setTimeout', 'clearTimeout', 'setInterval', 'clearInterval', 'Date']
			});
			const rng = createRng(300 + seed);
			const storage = faultyStorage(rng, 1, ['hanging']);
			const bench = new ShotBench(whoever, directPool().pool);
			bench.open({ shot: freshShot('pupil-1'), name: '', origin: null });
			bench.change(({ situation }) => (situation.edgeToPin = 4 + rng.uniform()));
			const first = bench.flush();
			await soon(() => expect(storage.met.hanging).toBe(1));
			const pins = Array.from({ length: 1 + (seed % 3) }, () => 10 + rng.uniform() * 20);
			for (const pin of pins) bench.change(({ situation }) => (situation.edgeToPin = pin));
			vi.advanceTimersByTime(6000);
			expect(bench.notKept).toMatch(/does not answer/);
			const noted = unwrittenNotes().find(({ table }) => table === 'lastShot');
			expect(noted?.row).toMatchObject({ shot: { situation: { edgeToPin: pins.at(-1) } } });
			storage.heal();
			vi.useRealTimers();
			await first;
			await bench.flush();
			expect(bench.notKept).toBe('');
			const last = await readLastShot();
			expect(last !== 'broken' && last?.shot.situation.edgeToPin).toBe(pins.at(-1));
			expect(unwrittenNotes()).toEqual([]);
			await bench.close();
		}
	);
});

describe('a database that vanishes while the app is open', () => {
	it('is said, and what is on the screen is kept once it is there again', async () => {
		vi.stubGlobal('localStorage', new MemoryStorage());
		const bench = new ShotBench(whoever, directPool().pool);
		bench.open({ shot: freshShot('pupil-1'), name: '', origin: null });
		await database.delete();
		bench.change(({ situation }) => (situation.edgeToPin = 13));
		await bench.flush();
		expect(bench.notKept).not.toBe('');
		expect(bench.shot.situation.edgeToPin).toBe(13);
		await database.open();
		await bench.flush();
		expect(bench.notKept).toBe('');
		const last = await readLastShot();
		expect(last !== 'broken' && last?.shot.situation.edgeToPin).toBe(13);
		await bench.close();
	});
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
		expect(new Set(['future', one.saved.id, two.saved.id]).size).toBe(3);
		expect((await shotShelf.read()).rows).toHaveLength(3);
		await bench.close();
	});
});
