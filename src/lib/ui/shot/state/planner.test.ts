import { describe, expect, it } from 'vitest';
import { directPool } from '../../../../../tests/support/planner';
import { until } from '../../../../../tests/support/soon';
import { request } from '../../../../../tests/support/scenes';
import { Planner } from './planner.svelte';

const asked = (edgeToPin: number) => request({ edgeToPin });
const targetOf = (planner: Planner) =>
	planner.first?.ladder.candidates.find(({ safe }) => !safe)?.target ?? 0;

describe('Planner', () => {
	it('answers the newest of many questions, and skips those overtaken before their turn', async () => {
		const { pool, asked: seen } = directPool();
		const planner = new Planner(pool);
		for (let pin = 5; pin < 15; pin++) void planner.ask(asked(pin));
		await until(() => planner.status === 'done');
		expect(targetOf(planner)).toBeCloseTo(3 + 14.25, 2);
		expect(seen).toHaveLength(1);
		expect(planner.request?.situation.edgeToPin).toBe(14);
	});

	it('shows the ladder of a question that is overtaken while it is worked out', async () => {
		let release: () => void = () => {};
		const gate = new Promise<void>((resolve) => (release = resolve));
		const { pool } = directPool();
		const direct = pool.firstAnswer.bind(pool);
		let calls = 0;
		pool.firstAnswer = async (question) => {
			if (calls++ === 1) await gate;
			return direct(question);
		};
		const planner = new Planner(pool);
		void planner.ask(asked(6));
		await until(() => planner.first !== null);
		expect(targetOf(planner)).toBeCloseTo(9.25, 2);
		void planner.ask(asked(8));
		void planner.ask(asked(9));
		release();
		await until(() => planner.status === 'done');
		expect(targetOf(planner)).toBeCloseTo(12.25, 2);
	});

	it('gives up what is under way when it is cleared: a late ladder is not shown', async () => {
		const { pool } = directPool();
		const direct = pool.firstAnswer.bind(pool);
		pool.firstAnswer = async (question) => {
			await new Promise((resolve) => setTimeout(resolve, 30));
			return direct(question);
		};
		const planner = new Planner(pool);
		void planner.ask(asked(6));
		await new Promise((resolve) => setTimeout(resolve, 10));
		planner.clear();
		await new Promise((resolve) => setTimeout(resolve, 80));
		expect([planner.first, planner.status]).toEqual([null, 'idle']);
	});
});
