import { describe, expect, it } from 'vitest';
import type { MissCost } from '$lib/core/plan/studies/whereToMiss';
import { byCost, missSides } from './missWords';

describe('where to miss', () => {
	const cost = (u: number, v: number, strokes: number): MissCost => ({
		spot: [u, v],
		strokes,
		play: null
	});

	it('is summed up by the side of the green, cheapest first', () => {
		const sides = missSides(
			[cost(9, 0, 3), cost(9, 1, 3.2), cost(-9, 0, 2.5), cost(0, 9, 2.8)],
			[0, 0]
		);
		expect(sides.map(({ name, spots }) => [name, spots])).toEqual([
			['the left', 1],
			['the top', 1],
			['the right', 2]
		]);
		expect(sides[2]!.strokes).toBeCloseTo(3.1, 9);
		expect(byCost([cost(0, 0, 3), cost(0, 1, 2)])[0]!.strokes).toBe(2);
		expect(missSides([], [0, 0])).toEqual([]);
	});
});
