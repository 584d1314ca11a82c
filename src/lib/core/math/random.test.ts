import { describe, expect, it } from 'vitest';
import { interpolate, interpolateOn } from './interpolation';
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

	it('draws what it has always drawn: kept plans and forecasts rest on it', () => {
		const rng = createRng(7);
		const first = Array.from({ length: 4 }, () => Math.round(rng.uniform() * 2 ** 32));
		expect(first).toEqual([80695229, 407226324, 3558214028, 345886666]);
		const normals = createRng(7);
		expect(Array.from({ length: 4 }, () => Number(normals.normal().toFixed(9)))).toEqual([
			-0.554254604, 0.13436597, -0.98490965, -0.568323612
		]);
	});

	it('draws pairs that do not hang together', () => {
		const rng = createRng(3);
		const values = Array.from({ length: 20_000 }, () => rng.normal());
		const lagged = values.slice(1).reduce((sum, value, i) => sum + value * values[i]!, 0);
		expect(Math.abs(lagged / values.length)).toBeLessThan(0.03);
		const spread = values
			.map(Math.abs)
			.slice(1)
			.reduce((sum, v, i) => sum + v * Math.abs(values[i]!), 0);
		expect(spread / values.length).toBeCloseTo(2 / Math.PI, 1);
	});

	it('fills the interval evenly', () => {
		const rng = createRng(11);
		const counts = new Array<number>(20).fill(0);
		for (let i = 0; i < 40_000; i++) counts[Math.floor(20 * rng.uniform())]!++;
		const chi = counts.reduce((sum, count) => sum + (count - 2000) ** 2 / 2000, 0);
		expect(chi).toBeLessThan(43.8);
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

	it('goes on past the end where what grows is to go on growing', () => {
		expect(interpolateOn([1, 3, 4], [10, 20, 26], 6)).toBe(38);
		expect(interpolateOn([1, 3, 4], [10, 20, 26], 4)).toBe(26);
		expect(interpolateOn([1, 3, 4], [10, 20, 26], 0)).toBe(10);
	});

	it('refuses lists that do not fit', () => {
		expect(() => interpolate([], [], 1)).toThrow(RangeError);
		expect(() => interpolate([1, 2], [1], 1)).toThrow(/2 abscissae, 1 ordinates/);
	});
});
