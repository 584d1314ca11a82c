import { describe, expect, it } from 'vitest';
import { areaOf, boundsOf, contains, distanceToEdge, distanceToPiece, type Point } from './polygon';

/** An L: 4 wide, 3 high, with the top right 2 × 2 cut away. */
const L: Point[] = [
	[0, 0],
	[4, 0],
	[4, 1],
	[2, 1],
	[2, 3],
	[0, 3]
];

describe('polygon', () => {
	it('tells inside from outside, in the notch too', () => {
		expect(contains(L, 1, 2)).toBe(true);
		expect(contains(L, 3, 0.5)).toBe(true);
		expect(contains(L, 3, 2)).toBe(false);
		expect(contains(L, -0.1, 1)).toBe(false);
	});

	it('says the same whichever way round and wherever it begins', () => {
		const turned = [...L.slice(2), ...L.slice(0, 2)].reverse();
		for (const [u, v] of [
			[1, 2],
			[3, 2],
			[3.9, 0.9]
		] as const)
			expect(contains(turned, u, v)).toBe(contains(L, u, v));
		expect(areaOf(turned)).toBe(areaOf(L));
	});

	it('encloses the area of two rectangles', () => {
		expect(areaOf(L)).toBeCloseTo(4 * 1 + 2 * 2, 12);
	});

	it('measures to the nearest side or corner', () => {
		expect(distanceToEdge(L, 1, 2)).toBeCloseTo(1, 12);
		expect(distanceToEdge(L, 3, 2)).toBeCloseTo(1, 12);
		expect(distanceToEdge(L, -3, -4)).toBeCloseTo(5, 12);
		expect(distanceToPiece([1, 1], [1, 1], 4, 5)).toBeCloseTo(5, 12);
	});

	it('has declared answers for nothing, a point and a line', () => {
		expect(contains([], 0, 0)).toBe(false);
		expect(
			contains(
				[
					[0, 0],
					[2, 2]
				],
				1,
				1
			)
		).toBe(false);
		expect(distanceToEdge([], 0, 0)).toBe(Infinity);
		expect(boundsOf([])).toEqual([Infinity, Infinity, -Infinity, -Infinity]);
		expect(boundsOf([[2, -3]])).toEqual([2, -3, 2, -3]);
	});
});
