import { expect, it } from 'vitest';
import { directPool } from '../../../../tests/support/planner';
import { MeasuringStudy } from './measuringStudy.svelte';

it('add up what measuring one swing is worth over all shots, the most first', async () => {
	const gain = (club: string, strokes: number) => ({
		club,
		swing: '9',
		flight: 'standard' as const,
		strokes
	});
	const { pool } = directPool({
		worthMeasuring: () =>
			Promise.resolve([gain('SW', 0.1), null, gain('PW', 0.15), gain('SW', 0.1)])
	});
	const study = new MeasuringStudy(pool);
	await study.start([]);
	expect(study.found!.map(({ club, shots, strokes }) => [club, shots, strokes])).toEqual([
		['SW', 2, 0.2],
		['PW', 1, 0.15]
	]);
	study.clear();
	expect([study.found, study.status]).toEqual([null, 'idle']);
});
