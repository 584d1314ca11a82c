import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { monotoneCurve } from './monotone';

const risingPoints = fc
	.array(
		fc.tuple(
			fc.double({ min: 0.01, max: 5, noNaN: true }),
			fc.double({ min: 0, max: 5, noNaN: true })
		),
		{
			minLength: 2,
			maxLength: 8
		}
	)
	.map((steps) => {
		let [x, y] = [0, 0];
		const points = steps.map(([dx, dy]): [number, number] => [(x += dx), (y += dy)]);
		return { xs: points.map(([a]) => a), ys: points.map(([, b]) => b) };
	});

describe('a monotone curve', () => {
	it('goes through its points and stays level beyond them', () => {
		const curve = monotoneCurve([1, 2, 4], [3, 5, 6]);
		expect([1, 2, 4].map(curve)).toEqual([3, 5, 6]);
		expect([curve(-9), curve(99)]).toEqual([3, 6]);
		expect(monotoneCurve([2], [7])(5)).toBe(7);
	});

	it('is a straight line through points on one', () => {
		const curve = monotoneCurve([0, 1, 3, 7], [1, 3, 7, 15]);
		for (const x of [0.2, 0.9, 2, 5.5]) expect(curve(x)).toBeCloseTo(1 + 2 * x, 12);
	});

	it('does not turn between points, whatever they are', () => {
		fc.assert(
			fc.property(risingPoints, ({ xs, ys }) => {
				const curve = monotoneCurve(xs, ys);
				const [from, to] = [xs[0]!, xs.at(-1)!];
				let before = -Infinity;
				for (let k = 0; k <= 200; k++) {
					const now = curve(from + ((to - from) * k) / 200);
					expect(now).toBeGreaterThanOrEqual(before - 1e-9);
					before = now;
				}
			}),
			{ numRuns: 200, seed: 7 }
		);
	});

	it('lies flat where the points turn', () => {
		const curve = monotoneCurve([0, 1, 2], [0, 4, 0]);
		expect(Math.max(...Array.from({ length: 201 }, (_, k) => curve(k / 100)))).toBe(4);
	});

	it('refuses lists that do not match', () => {
		expect(() => monotoneCurve([], [])).toThrow('monotoneCurve: 0 abscissae');
		expect(() => monotoneCurve([1, 2], [1])).toThrow(RangeError);
	});
});
