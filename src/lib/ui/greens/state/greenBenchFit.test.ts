import 'fake-indexeddb/auto';
import { beforeEach, describe, expect, it } from 'vitest';
import { database } from '$lib/store/base/database';
import { directPool } from '../../../../../tests/support/planner';
import { until } from '../../../../../tests/support/soon';
import { GreenBench } from './greenBench.svelte';
import { blankGreen } from './greenEdits';

const green = blankGreen('g', 'New');

beforeEach(async () => {
	await Promise.all(database.tables.map((table) => table.clear()));
});

describe('the surface of a green under work', () => {
	it('says why there is no surface, and works it out again after the next change', async () => {
		let fails = true;
		const { pool } = directPool();
		const real = pool.surveyReport.bind(pool);
		pool.surveyReport = (asked) =>
			fails ? Promise.reject(new Error('Out of memory.')) : real(asked);
		const bench = new GreenBench(structuredClone(green), pool);
		expect(bench.fitting).toBe(true);
		await until(() => bench.trouble !== '');
		expect(bench.trouble).toBe('The surface could not be worked out. Out of memory.');
		expect([bench.fitting, bench.report]).toEqual([false, null]);
		fails = false;
		bench.change((g) => g.spots.push({ at: [4, 4], height: 0.3, leftOut: false }));
		await until(() => bench.report !== null);
		expect(bench.trouble).toBe('');
		await bench.close();
	});

	it('asks once for what is already being worked out, and once more for what changed meanwhile', async () => {
		const waiting: (() => void)[] = [];
		const { pool } = directPool();
		const real = pool.surveyReport.bind(pool);
		pool.surveyReport = async (asked) => {
			await new Promise<void>((resolve) => waiting.push(resolve));
			return real(asked);
		};
		const bench = new GreenBench(structuredClone(green), pool);
		expect(waiting).toHaveLength(1);
		bench.change((g) => g.spots.push({ at: [4, 4], height: 0.3, leftOut: false }));
		await new Promise((resolve) => setTimeout(resolve, 120));
		expect(waiting).toHaveLength(1);
		waiting[0]!();
		await until(() => waiting.length === 2);
		waiting[1]!();
		await until(() => !bench.fitting);
		expect(bench.report!.residuals).toHaveLength(1);
		bench.change((g) => (g.name = 'Only the name'));
		await new Promise((resolve) => setTimeout(resolve, 120));
		expect(waiting).toHaveLength(2);
		await bench.close();
	});
});
