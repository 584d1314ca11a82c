import { describe, expect, it } from 'vitest';
import { practisedBall } from '../../../../tests/support/practice';
import { isAsMeant, offBy, yardstickOf, type CountedBy } from './yardstick';

const rules = (change: Partial<CountedBy>): CountedBy => ({
	measure: 'roll-out',
	mark: 'box',
	tolerance: 1,
	...change
});
const ball = practisedBall({ landed: [9, 0.6], finished: [13, 0.8], meant: 6 });

describe('the yardstick of a drill', () => {
	it.each([
		['its mark', rules({}), 'mark', Math.hypot(3, 0.6)],
		['its flag', rules({ mark: 'flag', measure: 'finish' }), 'flag', Math.hypot(1, 0.8)],
		[
			'the line, where nothing lies on the green',
			rules({ mark: 'none', measure: 'carry' }),
			'line',
			0.6
		]
	] as const)('is %s', (_, by, yardstick, off) => {
		expect(yardstickOf(by)).toBe(yardstick);
		expect(offBy(by, 12, ball)).toBeCloseTo(off, 9);
		expect(isAsMeant(by, 12, ball)).toBe(off <= 1 || yardstick === 'line');
		expect(isAsMeant(by, 12, { ...ball, tags: ['wild'] })).toBe(false);
	});

	it('is what was said of a strike, and how many strokes it took', () => {
		const strike = rules({ measure: 'strike', mark: 'none' });
		expect([isAsMeant(strike, 0, ball), isAsMeant(strike, 0, { ...ball, tags: ['good'] })]).toEqual(
			[false, true]
		);
		const strokes = rules({ measure: 'strokes', mark: 'flag' });
		expect(isAsMeant(strokes, 12, { ...ball, strokes: 2 })).toBe(true);
		expect(isAsMeant(strokes, 12, { ...ball, strokes: 3 })).toBe(false);
	});
});
