import { describe, expect, it } from 'vitest';
import { everyFew, rulerTicks, trueScale } from './scale';

describe('trueScale', () => {
	it('has as many pixels to a metre along as up', () => {
		const scale = trueScale(-1, 15, 816, 300, 240, 8);
		expect(scale.x(1) - scale.x(0)).toBeCloseTo(50, 9);
		expect(scale.y(0) - scale.y(1)).toBeCloseTo(50, 9);
		expect(scale.y(0)).toBe(240);
		expect(scale.metresAt(scale.x(4.2))).toBeCloseTo(4.2, 9);
	});

	it('has readable steps on its ruler', () => {
		expect(rulerTicks(0, 14, 800)).toEqual([0, 1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12, 13, 14]);
		expect(rulerTicks(0, 60, 390)).toHaveLength(7);
	});

	it('leaves out marks whose words would touch', () => {
		expect(everyFew([1, 2, 3, 4, 5, 6, 7], 300, 100)).toEqual([1, 4, 7]);
		expect(everyFew([1, 2, 3], 300, 100)).toEqual([1, 2, 3]);
		expect(everyFew([1, 2, 3, 4], 50, 100)).toEqual([1, 3]);
	});
});
