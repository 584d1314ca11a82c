import { afterAll, describe, expect, it } from 'vitest';
import { request } from '../../../tests/support/scenes';
import type { Plan } from '$lib/core/plan/plan';
import { PlanLanes, PlanPool, type PoolLimits } from './planPool';

const quick = request({}, {}, { samples: 20, bag: [{ name: 'PW', loft: 46 }] });
const slow = request({}, {}, { samples: 100_000, bag: [{ name: 'LW', loft: 60 }] });
const never = new AbortController().signal;
const pools: { close: () => Promise<void> }[] = [];
const pool = (limits: Partial<PoolLimits> = {}) => {
	const made = new PlanPool({ threads: 1, waiting: 8, time: 60_000, ...limits });
	pools.push(made);
	return made;
};
/** A pool whose thread has begun, and the limits it is held to from now on: how soon a thread begins is the machine's affair. */
async function begun(waiting: number) {
	const limits = { threads: 1, waiting, time: 60_000 };
	const made = new PlanPool(limits);
	pools.push(made);
	await made.plan(quick, never);
	return { made, limits };
}

afterAll(() => Promise.all(pools.map((made) => made.close())));

describe('PlanPool', () => {
	it('plans in a thread', async () => {
		const answer = (await pool().plan(quick, never)) as Plan;
		expect(answer.options[0]!.candidate.play.club.name).toBe('PW');
	});

	it('ends what takes too long, and answers the next', async () => {
		const { made, limits } = await begun(8);
		limits.time = 1000;
		expect(await made.plan(slow, never)).toBe('tooLong');
		limits.time = 60_000;
		expect(await made.plan(quick, never)).toHaveProperty('options');
	});

	it('gives up what is no longer wanted, before and while it is worked on', async () => {
		const made = pool();
		expect(await made.plan(quick, AbortSignal.abort())).toBe('gone');
		const abort = new AbortController();
		const running = made.plan(slow, abort.signal);
		setTimeout(() => abort.abort(), 300);
		expect(await running).toBe('gone');
	});

	it('lets only so many wait', async () => {
		const { made, limits } = await begun(2);
		limits.time = 1500;
		const answers = await Promise.all(Array.from({ length: 5 }, () => made.plan(slow, never)));
		expect(answers.filter((answer) => answer === 'busy')).toHaveLength(2);
		expect(answers.filter((answer) => answer === 'tooLong')).toHaveLength(1);
		expect(answers.filter((answer) => answer === 'notItsTurn')).toHaveLength(2);
	});
});

describe('PlanLanes', () => {
	it('answers a small question though the large lane is occupied and its queue is full', async () => {
		const lanes = new PlanLanes({ threads: 2, waiting: 2, time: 60_000 });
		pools.push(lanes);
		await lanes.plan(quick, true, never);
		const giveUp = new AbortController();
		const large = Array.from({ length: 6 }, () => lanes.plan(slow, false, giveUp.signal));
		expect(await lanes.plan(quick, true, never)).toHaveProperty('options');
		giveUp.abort();
		const ends = await Promise.all(large);
		expect(ends.filter((end) => end === 'busy').length).toBeGreaterThanOrEqual(3);
		expect(ends.filter((end) => end === 'gone').length).toBeGreaterThanOrEqual(1);
	});

	it('lends an idle large lane to a second small question', async () => {
		const lanes = new PlanLanes({ threads: 2, waiting: 1, time: 60_000 });
		pools.push(lanes);
		const four = await Promise.all([1, 2, 3, 4].map(() => lanes.plan(quick, true, never)));
		expect(four.filter((answer) => typeof answer === 'object')).toHaveLength(3);
		expect(four.filter((answer) => answer === 'busy')).toHaveLength(1);
	});
});
