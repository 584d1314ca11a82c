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

	it('stops at its cap', () => {
		expect(
			findRoot((x) => x ** 3 - 0.2, -1, 2, { ...options, tolerance: 0, width: 0, maxIterations: 5 })
				.status
		).toBe('iterationCap');
	});
});
