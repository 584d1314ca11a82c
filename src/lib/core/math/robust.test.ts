import { describe, expect, it } from 'vitest';
import { createRng } from './random';
import { huberCentre, madSpread, median, wildOnes } from './robust';

describe('median and its deviation', () => {
	it('are worked out by hand', () => {
		expect(median([3, 1, 2])).toBe(2);
		expect(median([4, 1, 3, 2])).toBe(2.5);
		// Deviations from 4: 3, 2, 0, 1, 6; their middle is 2.
		expect(madSpread([1, 2, 4, 5, 10])).toBeCloseTo(2 * 1.4826, 12);
		expect(median([])).toBeNaN();
	});
});

describe('wild values', () => {
	it('lie more than three and a half robust deviations out, on either side', () => {
		const near = [10, 10.2, 9.8, 10.4, 9.6];
		const all = [...near, 14, 6];
		expect(wildOnes(all, 0.01)).toEqual(all.map((value) => !near.includes(value)));
		// Of six the limit is 3.5 + 14/6 deviations of 0.44478: at 12.595 from a median of 10.1.
		expect(wildOnes([...near, 12.6], 0.01)[5]).toBe(false);
		expect(wildOnes([...near, 12.75], 0.01)[5]).toBe(true);
	});

	it.each([4, 5, 8, 15, 30, 60])('are found in about one honest group of %i in twenty', (n) => {
		const rng = createRng(n);
		const groups = 3000;
		let told = 0;
		for (let group = 0; group < groups; group++) {
			const values = Array.from({ length: n }, () => 20 + 3 * rng.normal());
			if (wildOnes(values, 0.01).some(Boolean)) told++;
		}
		expect(told / groups).toBeGreaterThan(0.02);
		expect(told / groups).toBeLessThan(0.1);
	});

	it('are never found among three, nor beside a heap of equal ones within the resolution', () => {
		expect(wildOnes([1, 1, 90], 0.1)).toEqual([false, false, false]);
		expect(wildOnes([5, 5, 5, 5, 5.6], 0.1)[4]).toBe(false);
		expect(wildOnes([5, 5, 5, 5, 5.7], 0.1)[4]).toBe(true);
	});
});

describe('location and scale together', () => {
	it('are exact for few and for equal values', () => {
		expect(huberCentre([7])).toEqual({ centre: 7, spread: 0 });
		expect(huberCentre([7, 7, 7])).toEqual({ centre: 7, spread: 0 });
		expect(huberCentre([]).centre).toBeNaN();
	});

	it('follow a heap with one stray by what the stray weighs, not by where it lies', () => {
		const heap = [9, 9.5, 10, 10.5, 11, 9.8, 10.2];
		const near = huberCentre([...heap, 20]);
		const far = huberCentre([...heap, 2000]);
		expect(far.centre).toBeCloseTo(near.centre, 6);
		expect(far.spread).toBeCloseTo(near.spread, 6);
		expect(near.centre).toBeLessThan(10.5);
	});

	it('shift and scale with their values', () => {
		const values = [3, 4, 4.5, 5, 9];
		const { centre, spread } = huberCentre(values);
		const moved = huberCentre(values.map((value) => 2 * value - 7));
		expect(moved.centre).toBeCloseTo(2 * centre - 7, 6);
		expect(moved.spread).toBeCloseTo(2 * spread, 6);
	});

	it('come to mean and standard deviation for normal values', () => {
		const rng = createRng(5);
		const { centre, spread } = huberCentre(
			Array.from({ length: 4000 }, () => 12 + 2 * rng.normal())
		);
		expect(centre).toBeCloseTo(12, 1);
		expect(spread).toBeGreaterThan(1.93);
		expect(spread).toBeLessThan(2.07);
	});
});
