import 'fake-indexeddb/auto';
import { afterEach, describe, expect, it } from 'vitest';
import { database } from '$lib/store/base/database';
import { greenShelf, readingShelf } from '$lib/store/shelves/greens';
import { blankGreen } from '$lib/ui/greens/state/greenEdits';
import { until } from '../../../../tests/support/soon';
import { TodaysGreen } from './todaysGreen.svelte';

afterEach(async () => {
	await database.delete();
	await database.open();
});

describe('today’s green', () => {
	it('is the newest reading the moment it is kept, and a plain one as long as there is none', async () => {
		const today = new TodaysGreen();
		expect([today.reading, today.green]).toEqual([null, null]);
		const stop = today.follow();
		await until(() => today.green !== null);
		expect(today.green).toMatchObject({ firmness: 'medium', wet: false });
		expect(today.green!.greenSpeed).toBeCloseTo(3.048, 9);
		await greenShelf.put(blankGreen('g', 'Kiln green'));
		await readingShelf.put({
			id: 'r',
			greenId: 'g',
			takenAt: '2026-10-01T09:00:00.000Z',
			stimpFeet: 8,
			errorFeet: null,
			firmness: 'firm',
			wet: true,
			grainTowards: null,
			method: 'judged'
		} as never);
		await until(() => today.green?.firmness === 'firm');
		stop();
		expect(today.where).toMatch(/^on Kiln green as read \d+ (days|weeks) ago$/);
		expect(today.green).toMatchObject({ firmness: 'firm', wet: true });
		expect(today.green!.greenSpeed).toBeCloseTo(8 * 0.3048, 9);
	});
});
