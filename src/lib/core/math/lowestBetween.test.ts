import { describe, expect, it } from 'vitest';
import { lowestBetween } from './lowestBetween';

describe('the lowest point between places', () => {
	it('is that of the parabola through the cheapest and its neighbours', () => {
		const parabola = (at: number) => ({ at, value: 2 + 0.1 * (at - 0.7) ** 2 });
		expect(lowestBetween([-1.5, 0, 1.25, 3].map(parabola))).toBeCloseTo(0.7, 9);
		expect(lowestBetween([3, 0, 1.25, -1.5].map(parabola))).toBeCloseTo(0.7, 9);
	});

	it('is the cheapest itself at an end, and never beyond its neighbours', () => {
		const falling = [0, 1, 2].map((at) => ({ at, value: 3 - at }));
		expect(lowestBetween(falling)).toBe(2);
		expect(lowestBetween([{ at: 4, value: 2 }])).toBe(4);
		const flat = [0, 1, 2].map((at) => ({ at, value: 2 }));
		expect(lowestBetween(flat)).toBe(0);
		const steep = [
			{ at: 0, value: 2.01 },
			{ at: 1, value: 2 },
			{ at: 2, value: 9 }
		];
		expect(lowestBetween(steep)).toBeGreaterThanOrEqual(0);
		expect(lowestBetween(steep)).toBeLessThan(1);
	});
});
