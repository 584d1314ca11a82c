import { describe, expect, it } from 'vitest';
import { STANDARD_BAG } from '$lib/core/club/standardBag';
import { directPool } from '../../../../../tests/support/planner';
import { until } from '../../../../../tests/support/soon';
import { BallsReader } from './ballsReader.svelte';

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
