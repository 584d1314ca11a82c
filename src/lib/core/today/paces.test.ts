import { describe, expect, it } from 'vitest';
import { createRng } from '../math/random';
import { pacedDistance, StepCounter } from './paces';

describe('a paced distance', () => {
	it('is paces times the pace, known the worse the farther it is', () => {
		expect(pacedDistance(12, 0.9).distance).toBeCloseTo(10.8, 12);
		expect(pacedDistance(0, 0.9)).toEqual({ distance: 0, error: 0 });
		const share = (paces: number) => pacedDistance(paces, 0.9).error / (0.9 * paces);
		expect(pacedDistance(40, 0.9).error).toBeGreaterThan(pacedDistance(4, 0.9).error);
		expect(share(40)).toBeLessThan(share(4));
		expect(pacedDistance(9, 1).error).toBeCloseTo(Math.hypot(0.18, 0.27, 0.25), 12);
	});
});

describe('counted steps', () => {
	/** A walk of so many steps a second, sampled as a phone does. */
	function walk(seconds: number, perSecond: number, swing: number, noise = 0.3) {
		const rng = createRng(8);
		const counter = new StepCounter();
		for (let t = 0; t < seconds; t += 1 / 60)
			counter.add(9.81 + swing * Math.sin(2 * Math.PI * perSecond * t) + noise * rng.normal(), t);
		return counter.paces;
	}

	it('are those that were walked, slow or brisk', () => {
		for (const perSecond of [1.4, 1.8, 2.2])
			expect(Math.abs(walk(20, perSecond, 3) - 20 * perSecond)).toBeLessThanOrEqual(2);
	});

	it('are none for a hand that holds still, and never more than legs can', () => {
		expect(walk(20, 1.8, 0)).toBe(0);
		expect(walk(10, 9, 12)).toBeLessThanOrEqual(34);
	});

	it('are told one by one: once a swing however long it stays up, and again only after it went down', () => {
		const counter = new StepCounter();
		let time = 0;
		const held = (size: number, seconds: number) => {
			let told = 0;
			for (const end = time + seconds; time < end; time += 1 / 60)
				if (counter.add(size, time)) told++;
			return told;
		};
		expect(held(9.81, 1)).toBe(0);
		expect(held(13, 0.6)).toBe(1);
		// Back to the middle is not down.
		expect(held(11, 0.3)).toBe(0);
		expect(held(14, 0.3)).toBe(0);
		expect(held(7, 0.3)).toBe(0);
		expect(held(14, 0.06)).toBe(1);
		// Down and up again sooner than anybody steps.
		expect(held(0, 0.08) + held(22, 0.06)).toBe(0);
		expect(counter.paces).toBe(2);
	});

	it('leave out samples that tell nothing', () => {
		const counter = new StepCounter();
		expect(counter.add(NaN, 0)).toBe(false);
		expect(counter.paces).toBe(0);
	});
});
