import { describe, expect, it } from 'vitest';
import { request } from '../../../../../tests/support/scenes';
import { worthMeasuring } from './worthMeasuring';

const few = { samples: 40, bag: [{ name: 'SW', loft: 56, bounce: 12 }] };
const shot = (over: object = {}, rest: object = {}) =>
	request({ toEdge: 5, edgeToPin: 6, lie: 'first-cut', ...over }, {}, { ...few, ...rest });

describe('what is worth measuring', () => {
	it('is the swing the shot calls for, and saves strokes', async () => {
		const gain = await worthMeasuring(shot());
		expect(gain).toMatchObject({ club: 'SW' });
		expect(gain!.strokes).toBeGreaterThan(0.003);
		expect(gain!.strokes).toBeLessThan(0.3);
	});

	it('is worth nothing more once it is measured', async () => {
		const unknown = await worthMeasuring(shot());
		const measured = await worthMeasuring(
			shot(
				{},
				{
					swings: [5, 6, 7, 8, 9, 10].map((carry, i) => ({
						club: 'SW',
						swing: ['6:30', '6:45', '7', '7:30', '8', '8:30'][i],
						carry
					}))
				}
			)
		);
		expect(measured!.strokes).toBeLessThan(0.3 * unknown!.strokes);
	});

	it('is nothing where the putter is called', async () => {
		const putt = shot(
			{ toEdge: 0.5, lie: 'fringe' },
			{ bag: [{ name: 'Putter', loft: 3.5, bounce: 0, putter: true }] }
		);
		expect(await worthMeasuring(putt)).toBeNull();
	});
});
