import 'fake-indexeddb/auto';
import Dexie from 'dexie';
import { beforeEach, describe, expect, it } from 'vitest';
import { STANDARD_BAG } from '$lib/core/club/standardBag';
import type { Device } from '$lib/devices/device';
import type { DeviceReading } from '$lib/io/deviceReading';
import { greenToCore } from '$lib/io/green';
import { missQuestion, placedRequest } from '$lib/io/greenStudy';
import { database } from '$lib/store/database';
import { somePlayer } from '../../../../tests/support/pupils';
import { directPool, until } from '../../../../tests/support/planner';
import { BallsReader } from './ballsReader.svelte';
import { GreenBench, samePart } from './greenBench.svelte';
import { greenShelf, saveGreen } from '$lib/store/greens';
import { blankGreen } from './greenEdits';
import { MissStudy } from './missStudy.svelte';
import { PinDuel } from './pinDuel.svelte';
import { freshShot } from './shotBench.svelte';
import { RampReader } from './rampReader.svelte';

const green = blankGreen('g', 'New');

beforeEach(async () => {
	await Promise.all(database.tables.map((table) => table.clear()));
});

describe('GreenBench', () => {
	it('fits the surface, again after a change, and keeps the change', async () => {
		const bench = new GreenBench(structuredClone(green), directPool().pool);
		await until(() => bench.report !== null);
		const first = bench.report;
		bench.change((g) => g.spots.push({ at: [4, 4], height: 0.3, leftOut: false }));
		await until(() => bench.report !== first && !bench.fitting);
		expect(bench.report!.residuals).toHaveLength(1);
		await until(() => bench.canUndo);
		await bench.flush();
		expect(await database.greens.get('g')).toMatchObject({ spots: [{ height: 0.3 }] });
		bench.undo();
		await bench.close();
		expect(await database.greens.get('g')).toMatchObject({ spots: [] });
	});

	it('does not fit anew for a name', async () => {
		const bench = new GreenBench(structuredClone(green), directPool().pool);
		await until(() => bench.report !== null);
		const { report } = bench;
		bench.change((g) => (g.name = 'Another'));
		await new Promise((resolve) => setTimeout(resolve, 150));
		expect(bench.report).toBe(report);
		await bench.close();
	});

	it('keeps nothing that is not a green, and says why', async () => {
		const bench = new GreenBench(structuredClone(green), directPool().pool);
		bench.change((g) => (g.outline = [[0, 0]]));
		expect(bench.problems[0]?.message).toContain('three corners');
		await bench.flush();
		expect(await database.greens.count()).toBe(0);
		bench.undo();
		expect(bench.problems).toEqual([]);
		await bench.close();
	});

	it('takes over what another tab has kept, but not over work of its own', async () => {
		const bench = new GreenBench(structuredClone(green), directPool().pool);
		bench.follow({ ...structuredClone(green), name: 'From the other tab' });
		expect(bench.green.name).toBe('From the other tab');
		bench.change((g) => (g.name = 'Mine'));
		bench.follow({ ...structuredClone(green), name: 'Late' });
		expect(bench.green.name).toBe('Mine');
		await bench.close();
	});

	it('puts the work of two tabs together, and undoes only its own', async () => {
		await saveGreen(structuredClone(green));
		const [a, b] = [1, 2].map(() => new GreenBench(structuredClone(green), directPool().pool));
		a!.change((g) => (g.name = 'Kiln'));
		b!.change((g) => g.spots.push({ at: [4, 4], height: 0.3, leftOut: false }));
		await a!.flush();
		await b!.flush();
		expect(b!.green).toMatchObject({ name: 'Kiln', spots: [{ height: 0.3 }] });
		b!.undo();
		await b!.flush();
		expect(await greenShelf.get('g')).toMatchObject({ name: 'Kiln', spots: [] });
		await a!.close();
		await b!.close();
	});

	it('says when another tab has changed what was changed here, and puts it back', async () => {
		await saveGreen(structuredClone(green));
		const bench = new GreenBench(structuredClone(green), directPool().pool);
		bench.change((g) => (g.name = 'Mine'));
		bench.change((g) => (g.note = 'wet'));
		await bench.flush();
		bench.follow({ ...structuredClone(bench.green), name: 'Theirs' });
		expect(bench.green).toMatchObject({ name: 'Theirs', note: 'wet' });
		expect(bench.overtaken).toEqual([{ key: 'name', mine: 'Mine' }]);
		bench.putBack(bench.overtaken[0]!);
		expect([bench.green.name, bench.overtaken]).toEqual(['Mine', []]);
		await bench.close();
	});

	it('loses nothing of its own where a save fails while another tab’s change comes in', async () => {
		await saveGreen(green);
		const bench = new GreenBench(structuredClone(green), directPool().pool);
		bench.change((g) => (g.name = 'Mine'));
		const table = database.greens;
		let fail: (() => void) | null = null;
		table.bulkPut = (() =>
			Dexie.waitFor(new Promise((_, reject) => (fail = () => reject(new Error('full')))))) as never;
		const saving = bench.flush();
		await until(() => fail !== null);
		bench.follow({ ...structuredClone(green), note: 'theirs' });
		fail!();
		await saving;
		delete (table as Partial<typeof table>).bulkPut;
		expect([bench.green.name, bench.failure]).toEqual(['Mine', expect.stringContaining('full')]);
		await saveGreen({ ...green, note: 'theirs' });
		await bench.flush();
		expect(await database.greens.get('g')).toMatchObject({ name: 'Mine', note: 'theirs' });
		await bench.close();
	});

	it('undoes a drag in one step that leaves the other tab’s work alone', async () => {
		await saveGreen(structuredClone(green));
		const bench = new GreenBench(structuredClone(green), directPool().pool);
		bench.startDrag();
		for (let i = 1; i <= 3; i++) bench.change((g) => (g.collar = i));
		bench.endDrag();
		await bench.flush();
		bench.follow({ ...structuredClone(bench.green), note: 'theirs' });
		bench.undo();
		expect(bench.green).toMatchObject({ collar: green.collar, note: 'theirs' });
		await bench.close();
	});

	it('knows parts by what they are', () => {
		expect(samePart({ kind: 'spot', index: 2 }, { kind: 'spot', index: 2 })).toBe(true);
		expect(samePart({ kind: 'spot', index: 2 }, { kind: 'tilt', index: 2 })).toBe(false);
		expect(samePart(null, { kind: 'spot', index: 2 })).toBe(false);
	});
});

describe('RampReader', () => {
	const rolled = (...lengths: number[]): Device => ({
		name: 'ramp',
		// eslint-disable-next-line @typescript-eslint/require-await -- a device answers over time
		async *readings(): AsyncGenerator<DeviceReading> {
			for (const [i, rollOut] of lengths.entries())
				yield { device: 'ramp', way: i % 2 ? 'down' : 'up', rollOut };
		}
	});

	it('asks for one thing after the other and goes on only with two rolls', () => {
		const test = new RampReader();
		expect(test.step).toEqual({ kind: 'place', place: 0 });
		test.next();
		expect(test.step).toEqual({ kind: 'rolls', place: 0, way: 'up' });
		test.next();
		expect(test.at).toBe(1);
		test.add(0, 'up', 2.8);
		test.add(0, 'up', 2.9);
		test.next();
		expect(test.step).toEqual({ kind: 'rolls', place: 0, way: 'down' });
		expect('code' in test.reading).toBe(true);
		test.add(0, 'down', 3.2);
		test.add(0, 'down', 3.3);
		test.next();
		expect(test.step).toEqual({ kind: 'result' });
		expect('speed' in test.reading && test.reading.speed).toBeCloseTo(3.04, 1);
		test.back();
		expect(test.step.kind).toBe('rolls');
	});

	it('adds a second place and keeps every roll with its place', () => {
		const test = new RampReader();
		test.add(0, 'up', 2.8);
		test.addPlace();
		expect(test.step).toEqual({ kind: 'place', place: 1 });
		test.add(1, 'down', 3.1);
		expect(test.rolls).toEqual([
			{ place: 1, way: 'up', rollOut: 2.8 },
			{ place: 2, way: 'down', rollOut: 3.1 }
		]);
		test.remove(0, 'up', 0);
		expect(test.rolls).toHaveLength(1);
		test.addPlace();
		test.addPlace();
		expect(test.places).toHaveLength(3);
	});

	it('takes from a ramp the rolls of the way it is asked for, and tells of one that fails', async () => {
		const test = new RampReader();
		await test.measure(rolled(2.5, 3.1, 2.6, 3), 0, 'up');
		expect(test.places[0]!.up).toEqual([2.5, 2.6]);
		expect(test.measuring).toBe(false);
		const broken: Device = {
			name: 'ramp',
			// eslint-disable-next-line require-yield, @typescript-eslint/require-await -- it fails before it reads
			async *readings() {
				throw new Error('The device does not answer.');
			}
		};
		await test.measure(broken, 0, 'down');
		expect(test.failure).toContain('does not answer');
	});
});

describe('BallsReader', () => {
	it('reads the green anew with every ball, and forgets with none', async () => {
		const test = new BallsReader(directPool().pool, STANDARD_BAG);
		test.add({ club: 'PW', carry: 4, total: 11, slope: 0 });
		await until(() => test.reading !== null);
		const { error } = test.reading!;
		test.add({ club: 'PW', carry: 5, total: 12.5, slope: 0 });
		await until(() => test.reading !== null);
		expect(test.reading!.error).toBeLessThan(error);
		test.remove(0);
		test.remove(0);
		expect(test.reading).toBeNull();
	});

	it('tells of a failure', async () => {
		const { pool } = directPool({ readBalls: () => Promise.reject(new Error('too steep')) });
		const test = new BallsReader(pool, STANDARD_BAG);
		test.add({ club: 'PW', carry: 4, total: 11, slope: 0 });
		await until(() => test.failure !== '');
		expect(test.failure).toBe('too steep');
	});
});

describe('studies', () => {
	const core = greenToCore(green);
	const question = missQuestion(freshShot('pupil-1'), somePlayer(), core, [10, 8], undefined, 1);

	it('of misses come to an end, can be stopped and forgotten', async () => {
		const study = new MissStudy(directPool().pool);
		await study.start(question);
		expect(study.status).toBe('done');
		expect(study.costs.length).toBeGreaterThan(0);
		study.clear();
		expect([study.status, study.costs]).toEqual(['idle', []]);
		const slow = new MissStudy(
			directPool({
				whereToMiss: (_, __, signal) =>
					new Promise((_resolve, reject) =>
						signal.addEventListener('abort', () => reject(new Error('aborted')))
					)
			}).pool
		);
		const running = slow.start(question);
		slow.cancel();
		await running;
		expect(slow.status).toBe('stopped');
	});

	it('of two pins give a call for each, or the reason for none', async () => {
		const duel = new PinDuel(directPool().pool);
		const ask = (pin: [number, number]) =>
			placedRequest(
				freshShot('pupil-1'),
				somePlayer(),
				core,
				{ greenId: 'g', ball: [10, -6], pin },
				undefined,
				{
					samples: 50,
					seed: 1
				}
			);
		await duel.start([ask([10, 5]), ask([10, 12])]);
		expect(duel.status).toBe('done');
		expect(duel.sides!.map((side) => side.problem)).toEqual([null, null]);
		expect(duel.sides![1].pin).toBeGreaterThan(duel.sides![0].pin);
		await duel.start([ask([10, 5]), ask([90, 12])]);
		expect(duel.sides![1]).toMatchObject({
			best: null,
			problem: expect.stringContaining('pin') as string
		});
		duel.clear();
		expect(duel.sides).toBeNull();
	});

	it('tell of a planner that failed', async () => {
		const failing = directPool({
			plan: () => Promise.reject(new Error('gone')),
			whereToMiss: () => Promise.reject(new Error('gone'))
		});
		const duel = new PinDuel(failing.pool);
		const ask = placedRequest(
			freshShot('pupil-1'),
			somePlayer(),
			core,
			{ greenId: 'g', ball: [10, -6], pin: [10, 8] },
			undefined,
			{ samples: 50, seed: 1 }
		);
		await duel.start([ask, ask]);
		expect([duel.status, duel.failure]).toEqual(['failed', 'gone']);
		const study = new MissStudy(failing.pool);
		await study.start(question);
		expect([study.status, study.failure]).toEqual(['failed', 'gone']);
	});
});
