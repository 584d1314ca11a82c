import { describe, expect, it } from 'vitest';
import { practisedBall } from '../../../../tests/support/practice';
import { groupOf, wildBalls } from './grouping';

const at = (carry: number, right: number, roll: number) =>
	practisedBall({ landed: [carry, right], finished: [carry + roll, right + 0.1] });
const even = [
	at(6, 0.1, 3),
	at(6.3, -0.2, 3.2),
	at(5.8, 0.3, 2.9),
	at(6.1, 0, 3.1),
	at(6.2, 0.2, 2.8)
];

describe('wild balls', () => {
	it.each([
		['carry', at(12, 0.1, 3)],
		['side', at(6.1, 5, 3)],
		['roll-out', at(6.1, 0.1, 11)]
	])('are those far off in %s', (_, odd) => {
		expect(wildBalls([...even, odd])).toEqual([false, false, false, false, false, true]);
	});

	it('are those called so, and none of so few that nothing can be said', () => {
		const called = { ...even[0]!, tags: ['wild' as const] };
		expect(wildBalls([called, ...even.slice(1)])[0]).toBe(true);
		expect(wildBalls([at(6, 0, 3), at(6.2, 0, 3), at(30, 0, 3)])).toEqual([false, false, false]);
	});

	it('are judged by the roll of those that were followed only', () => {
		const unseen = practisedBall({ landed: [6.1, 0.1], finished: null });
		expect(wildBalls([unseen, ...even, at(6, 0, 11)])).toEqual([
			...Array.from({ length: 6 }, () => false),
			true
		]);
	});
});

describe('a group of balls', () => {
	it('has its middle, spread and roll without the wild ones, which it keeps in its count', () => {
		const group = groupOf([...even, at(12, 0, 3)], 0.07)!;
		expect(group.n).toBe(5);
		expect(group.wild.filter(Boolean)).toHaveLength(1);
		expect(group.carry.centre).toBeCloseTo(6.1, 1);
		expect(group.side.centre).toBeCloseTo(0.1, 1);
		expect(group.roll!.centre).toBeCloseTo(3, 1);
		expect(group.landing.x).toBeCloseTo(6.08, 2);
		expect(group.landing.y).toBeCloseTo(0.08, 2);
		expect(group.finish!.x).toBeCloseTo(9.08, 2);
	});

	it('mixes what the skill presumes into the spread, less the more balls there are', () => {
		const tight = (n: number) =>
			groupOf(
				Array.from({ length: n }, (_, i) => at(10 + (i % 2) * 0.2, 0, 3)),
				0.09
			)!.carry.posterior;
		expect(tight(2)).toBeGreaterThan(tight(8));
		expect(tight(8)).toBeGreaterThan(tight(60));
		expect(tight(2)).toBeLessThan(4 * 0.09 * 10.1);
	});

	it('knows a roll no better than strike, turf and reading allow: a length and a share of it', () => {
		const spread = (roll: number) => groupOf([at(6, 0, roll)], 0.07)!.roll!.posterior;
		expect(spread(0)).toBeCloseTo(0.25, 1);
		// Of 20 m: 12 %, and four times the 7 % of the head speed.
		expect(spread(20)).toBeCloseTo(Math.hypot(2.4, 5.6), 1);
	});

	it('has no roll where none was followed, and is none where all are wild', () => {
		const unseen = practisedBall({ finished: null });
		expect(groupOf([unseen], 0.07)).toMatchObject({ roll: null, finish: null, n: 1 });
		expect(groupOf([practisedBall({ tags: ['wild'] })], 0.07)).toBeNull();
	});
});
