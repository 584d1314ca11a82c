import { describe, expect, it } from 'vitest';
import { interpolate } from './interpolation';
import { quantileSorted } from './quantiles';
import { createRng } from './random';

describe('createRng', () => {
	it('repeats itself for a seed and differs between seeds', () => {
		const draw = (seed: number) => {
			const rng = createRng(seed);
			return Array.from({ length: 5 }, () => rng.uniform());
		};
		expect(draw(4)).toEqual(draw(4));
		expect(draw(4)).not.toEqual(draw(5));
	});

	it('has the moments of a standard normal', () => {
		const rng = createRng(1);
		const values = Array.from({ length: 40_000 }, () => rng.normal());
		const mean = values.reduce((a, b) => a + b, 0) / values.length;
		const variance = values.reduce((a, b) => a + (b - mean) ** 2, 0) / values.length;
		const inside = values.filter((value) => Math.abs(value) < 1.96).length / values.length;
		expect(Math.abs(mean)).toBeLessThan(0.02);
		expect(Math.abs(variance - 1)).toBeLessThan(0.03);
		expect(Math.abs(inside - 0.95)).toBeLessThan(0.005);
	});
});

describe('quantileSorted', () => {
	it('is linear between neighbours', () => {
		expect(quantileSorted([1, 2, 4], 0.5)).toBe(2);
		expect(quantileSorted([1, 2, 4], 0.75)).toBe(3);
		expect(quantileSorted([7], 0.9)).toBe(7);
		expect(quantileSorted([], 0.5)).toBeNaN();
	});
});

describe('interpolate', () => {
	it('is exact at the points, linear between and level beyond', () => {
		expect(interpolate([1, 3, 4], [10, 20, 0], 3)).toBe(20);
		expect(interpolate([1, 3, 4], [10, 20, 0], 2)).toBe(15);
		expect(interpolate([1, 3, 4], [10, 20, 0], -5)).toBe(10);
		expect(interpolate([1, 3, 4], [10, 20, 0], 9)).toBe(0);
	});

	it('refuses lists that do not fit', () => {
		expect(() => interpolate([], [], 1)).toThrow(RangeError);
		expect(() => interpolate([1, 2], [1], 1)).toThrow(/2 abscissae, 1 ordinates/);
	});
});
