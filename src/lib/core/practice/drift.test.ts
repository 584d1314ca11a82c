import { expect, it } from 'vitest';
import { createRng } from '../math/random';
import { driftOf } from './drift';

it('finds the line through values that fall evenly, and none in those that stay', () => {
	// By hand: slope −0.1, t far beyond any luck.
	const falls = Array.from({ length: 11 }, (_, i) => 14 - 0.1 * i + (i % 2 ? 0.02 : -0.02));
	const { from, to } = driftOf(falls)!;
	expect(from).toBeCloseTo(14, 1);
	expect(to).toBeCloseTo(13, 1);
	expect(driftOf(falls.map((_, i) => 14 + (i % 2 ? 0.1 : -0.1)))).toBeNull();
	expect(driftOf(falls.slice(0, 7))).toBeNull();
});

it('is told by luck alone once in a hundred, and mostly where a tenth is lost over thirty balls', () => {
	const told = (loss: number, seeds: number) =>
		Array.from({ length: seeds }, (_, seed) => {
			const rng = createRng(seed + 1);
			return driftOf(
				Array.from({ length: 30 }, (__, i) => 12 * (1 - (loss * i) / 30 + 0.06 * rng.normal()))
			);
		}).filter((drift) => drift !== null).length / seeds;
	expect(told(0, 3000)).toBeLessThan(0.016);
	expect(told(0, 3000)).toBeGreaterThan(0.005);
	expect(told(0.1, 300)).toBeGreaterThan(0.4);
});
