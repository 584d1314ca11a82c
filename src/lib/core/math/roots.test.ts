import { describe, expect, it } from 'vitest';
import { findRoot } from './roots';

const options = { tolerance: 1e-10, width: 1e-12, maxIterations: 100 };

describe('findRoot', () => {
	it('finds closed-form roots', () => {
		expect(findRoot((x) => x * x - 2, 0, 2, options).x).toBeCloseTo(Math.SQRT2, 9);
		expect(findRoot((x) => Math.cos(x), 1, 2, options).x).toBeCloseTo(Math.PI / 2, 9);
	});

	it('is content with a root at either end', () => {
		expect(findRoot((x) => x, 0, 3, options)).toMatchObject({ status: 'converged', x: 0 });
		expect(findRoot((x) => x - 3, 0, 3, options)).toMatchObject({ status: 'converged', x: 3 });
	});

	it('says so when there is no sign change, with the nearer end', () => {
		expect(findRoot((x) => x + 1, 0, 3, options)).toMatchObject({ status: 'noBracket', x: 0 });
		expect(findRoot((x) => x - 9, 0, 3, options)).toMatchObject({ status: 'noBracket', x: 3 });
	});

	it('calls a jump a jump', () => {
		const step = findRoot((x) => (x < 1.3 ? -2 : 5), 0, 3, options);
		expect(step.status).toBe('jump');
		expect(step.x).toBeCloseTo(1.3, 9);
		expect(Math.abs(step.residual)).toBe(2);
	});

	it('takes a wide gap for a jump before the bracket is as narrow as it may be, and nothing else', () => {
		const gap = { width: 0.01, size: 0.5 };
		const tight = findRoot((x) => (x < 1.3 ? -2 : 5), 0, 3, options);
		const step = findRoot((x) => (x < 1.3 ? -2 : 5), 0, 3, { ...options, gap });
		expect(step.status).toBe('jump');
		expect(Math.abs(step.x - 1.3)).toBeLessThan(0.01);
		expect(step.iterations).toBeLessThan(tight.iterations / 2);
		const small = findRoot((x) => (x < 1.3 ? -0.4 : 0.4), 0, 3, { ...options, gap });
		expect(Math.abs(small.x - 1.3)).toBeLessThan(1e-9);
		expect(findRoot((x) => 40 * (x - 1.3), 0, 3, { ...options, gap }).x).toBeCloseTo(1.3, 9);
	});

	it('stops at its cap', () => {
		expect(
			findRoot((x) => x ** 3 - 0.2, -1, 2, { ...options, tolerance: 0, width: 0, maxIterations: 5 })
				.status
		).toBe('iterationCap');
	});

	it('says how many steps it took, and takes few', () => {
		expect(findRoot((x) => x, 0, 3, options).iterations).toBe(0);
		expect(findRoot((x) => x - 3, 0, 3, options).iterations).toBe(0);
		// A straight line is met by the first secant.
		expect(findRoot((x) => 2 * x - 3, 0, 4, options)).toMatchObject({ x: 1.5, iterations: 1 });
		// Strongly curved: a plain false position creeps along one end and needs over a hundred.
		const curved = findRoot((x) => Math.exp(8 * x) - 2, 0, 1.5, options);
		expect(curved.x).toBeCloseTo(Math.LN2 / 8, 9);
		expect(curved.iterations).toBeLessThan(30);
	});

	it('is content with what lies exactly at the tolerance', () => {
		const loose = { ...options, tolerance: 0.5 };
		expect(findRoot((x) => x - 1, 0.5, 4, loose)).toMatchObject({ x: 0.5, iterations: 0 });
		expect(findRoot((x) => x - 1, -4, 1.5, loose)).toMatchObject({ x: 1.5, iterations: 0 });
		expect(findRoot((x) => x * x * x - 0.5, -4, 1, { ...options, tolerance: 0.5 })).toMatchObject({
			status: 'converged',
			iterations: 0
		});
	});

	it('takes the far end of two that are equally far from zero', () => {
		expect(findRoot((x) => (x - 2) ** 2 + 1, 1, 3, options)).toMatchObject({
			status: 'noBracket',
			x: 3,
			residual: 2
		});
	});

	it('ends a jump on the better side, with its value', () => {
		const step = (x: number) => (x < 1.3 ? -2 : 5);
		expect(findRoot(step, 0, 3, options)).toMatchObject({ residual: -2 });
		expect(findRoot((x) => -step(-x), -3, 0, options)).toMatchObject({ residual: 2 });
	});

	it('spends exactly what it is given', () => {
		let calls = 0;
		const capped = findRoot(
			(x) => {
				calls++;
				return x ** 3 - 0.2;
			},
			-1,
			2,
			{ tolerance: 0, width: 0, maxIterations: 7 }
		);
		expect([capped.iterations, calls]).toEqual([7, 9]);
		expect(capped.residual).toBeCloseTo(capped.x ** 3 - 0.2, 12);
	});
});
