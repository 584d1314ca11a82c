import { describe, expect, it } from 'vitest';
import type { Plan } from '$lib/core/plan/plan';
import { greenToCore } from '$lib/io/work/green';
import { missQuestion, placedRequest } from '$lib/io/work/greenStudy';
import { somePlayer } from '../../../../../tests/support/pupils';
import { directPool } from '../../../../../tests/support/planner';
import { blankGreen } from './greenEdits';
import { MissStudy } from './missStudy.svelte';
import { PinDuel } from './pinDuel.svelte';
import { freshShot } from '$lib/io/work/freshShot';

const green = blankGreen('g', 'New');

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

	it('of two pins say where to look when nothing works to one', async () => {
		const nothing = { options: [], rejected: [], schools: [], sensitivity: null } as object;
		const duel = new PinDuel(directPool({ plan: () => Promise.resolve(nothing as Plan) }).pool);
		const place = {
			greenId: 'g',
			ball: [10, -6] as [number, number],
			pin: [10, 5] as [number, number]
		};
		const asked = placedRequest(freshShot('pupil-1'), somePlayer(), core, place, undefined, {
			samples: 50,
			seed: 1
		});
		await duel.start([asked, asked]);
		for (const { best, problem } of duel.sides!)
			expect([best, problem]).toEqual([
				null,
				'No shot works to this pin: see why on the Shot view.'
			]);
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
