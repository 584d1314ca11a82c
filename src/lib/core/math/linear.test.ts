import { inverse, Matrix } from 'ml-matrix';
import { describe, expect, it } from 'vitest';
import { inverseOf, times } from './linear';
import { createRng } from './random';

const random = (n: number, seed: number) => {
	const rng = createRng(seed);
	return Float64Array.from({ length: n * n }, () => rng.normal());
};

describe('the inverse of a matrix', () => {
	it.each([1, 2, 5, 20, 60])('is that of the reference library (ml-matrix), %i rows', (n) => {
		const matrix = random(n, 7 + n);
		const rows = Array.from({ length: n }, (_, i) => [...matrix.slice(i * n, (i + 1) * n)]);
		const expected = inverse(new Matrix(rows)).to1DArray();
		const found = inverseOf(matrix, n);
		const size = Math.max(...expected.map(Math.abs));
		found.forEach((value, i) => expect(Math.abs(value - expected[i]!)).toBeLessThan(1e-9 * size));
	});

	it('is found where the first pivot is nothing, and leaves the matrix as it was', () => {
		const matrix = Float64Array.of(0, 2, 0, 0, 0, 4, 8, 0, 0);
		expect([...inverseOf(matrix, 3)]).toEqual([0, 0, 0.125, 0.5, 0, 0, 0, 0.25, 0]);
		expect([...matrix]).toEqual([0, 2, 0, 0, 0, 4, 8, 0, 0]);
	});

	it('is none for a matrix whose rows say the same', () => {
		expect(() => inverseOf([1, 2, 2, 4], 2)).toThrow(RangeError);
	});
});

it('multiplies row by column', () => {
	expect([...times(Float64Array.of(1, 2, 3, 4, 5, 6), [1, 0, -1])]).toEqual([-2, -2]);
	const matrix = random(8, 3);
	const column = [1, 2, 3, 4, 5, 6, 7, 8];
	const back = times(inverseOf(matrix, 8), times(matrix, column));
	back.forEach((value, i) => expect(value).toBeCloseTo(column[i]!, 9));
});
