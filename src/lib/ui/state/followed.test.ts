import 'fake-indexeddb/auto';
import { afterEach, describe, expect, it } from 'vitest';
import { database } from '$lib/store/base/database';
import { until } from '../../../../tests/support/soon';
import { Followed } from './followed.svelte';

afterEach(async () => {
	await database.delete();
	await database.open();
});

describe('a followed query', () => {
	it('tells of every value until it is ended, and why it cannot be asked', async () => {
		const told: number[] = [];
		const followed = new Followed(
			() => database.greens.count(),
			(count) => told.push(count)
		);
		const end = followed.start();
		await until(() => followed.value === 0);
		await database.greens.put({ id: 'g' });
		await until(() => followed.value === 1);
		end();
		await database.greens.put({ id: 'h' });
		await new Promise((resolve) => setTimeout(resolve, 30));
		expect([...new Set(told)]).toEqual([0, 1]);
	});

	it('says why it cannot be asked, and may begin again', async () => {
		let broken = true;
		const followed = new Followed(() =>
			broken ? Promise.reject(new Error('denied')) : Promise.resolve(7)
		);
		followed.start();
		await until(() => followed.failure === 'denied');
		broken = false;
		const end = followed.start();
		expect(followed.failure).toBe('');
		await until(() => followed.value === 7);
		end();
	});
});
