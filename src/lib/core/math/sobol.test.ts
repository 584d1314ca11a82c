import { describe, expect, it } from 'vitest';
import { MOST_DIMENSIONS, sobol } from './sobol';

const column = (dimension: number, seed: number, count: number) =>
	Array.from({ length: count }, (_, i) => sobol(i, dimension, seed));

describe('sobol', () => {
	it.each(Array.from({ length: MOST_DIMENSIONS }, (_, d) => d))(
		'puts one of 64 points into each of 64 intervals of coordinate %i, whatever the seed',
		(dimension) => {
			for (const seed of [1, 2, 77]) {
				const cells = column(dimension, seed, 64).map((u) => Math.floor(u * 64));
				expect([...cells].sort((a, b) => a - b)).toEqual(Array.from({ length: 64 }, (_, i) => i));
			}
		}
	);

	it('puts one of 64 points into each of 8 × 8 squares of its first two coordinates', () => {
		const squares = column(0, 5, 64).map(
			(u, i) => Math.floor(u * 8) * 8 + Math.floor(sobol(i, 1, 5) * 8)
		);
		expect(new Set(squares).size).toBe(64);
	});

	it('has no two coordinates that move together', () => {
		const columns = Array.from({ length: MOST_DIMENSIONS }, (_, d) => column(d, 9, 1024));
		for (const [i, a] of columns.entries())
			for (const b of columns.slice(i + 1)) {
				const covariance = a.reduce((sum, u, k) => sum + (u - 0.5) * (b[k]! - 0.5), 0) / a.length;
				expect(Math.abs(12 * covariance)).toBeLessThan(0.05);
			}
	});

	it('gives other points for another seed and the same for the same', () => {
		expect(column(3, 1, 20)).toEqual(column(3, 1, 20));
		expect(column(3, 1, 20)).not.toEqual(column(3, 2, 20));
	});

	it('averages a smooth function with a tenth of the error of independent points', () => {
		const product = (i: number, seed: number) => {
			let value = 1;
			for (let d = 0; d < 5; d++) value *= 1 + (sobol(i, d, seed) - 0.5);
			return value;
		};
		const errors = Array.from({ length: 20 }, (_, seed) => {
			let sum = 0;
			for (let i = 0; i < 1024; i++) sum += product(i, seed);
			return sum / 1024 - 1;
		});
		const spread = Math.sqrt(errors.reduce((sum, e) => sum + e * e, 0) / errors.length);
		const independent = Math.sqrt(((1 + 1 / 12) ** 5 - 1) / 1024);
		expect(spread).toBeLessThan(independent / 10);
	});

	it('refuses a dimension it has no numbers for', () => {
		expect(() => sobol(0, MOST_DIMENSIONS, 1)).toThrow(RangeError);
	});
});
