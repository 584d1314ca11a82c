import { describe, expect, it } from 'vitest';
import { dayOf, meanOverDays } from './carryDays';

const PRIOR = 2;
const prior = () => PRIOR;

describe('the middle of all days', () => {
	it('is known no better from one day than days differ, however many balls', () => {
		const { mean, error, freedom, posterior } = meanOverDays(
			[{ n: 400, centre: 10, spread: 2 }],
			prior
		);
		expect(mean).toBe(10);
		expect(posterior).toBeCloseTo(2, 2);
		// 6 % of 10 m, 7 % for a row of thirty and more, and 2 m over the root of 400.
		expect(error).toBeCloseTo(Math.hypot(0.6, 0.7, 0.1), 3);
		expect(freedom).toBeGreaterThan(12);
		expect(freedom).toBeLessThan(13);
	});

	it('is worked out by hand for two days', () => {
		const days = [
			{ n: 4, centre: 9, spread: 2 },
			{ n: 4, centre: 11, spread: 2 }
		];
		const { mean, error } = meanOverDays(days, prior);
		expect(mean).toBeCloseTo(10, 12);
		// Days seen: variance 2, less 4/4 of the balls: 1. Presumed 0.36, twelve to one.
		const day = (12 * 0.36 + 1) / 13;
		// A row of four: 4/30 of 7 % of 10 m.
		const row = (0.7 * (4 / 30)) ** 2;
		expect(error).toBeCloseTo(Math.sqrt((day + row + 1) / 2), 12);
	});

	it('weighs a day by how well its own middle is known', () => {
		const { mean } = meanOverDays(
			[
				{ n: 1, centre: 8, spread: 0 },
				{ n: 16, centre: 12, spread: 2 }
			],
			prior
		);
		expect(mean).toBeGreaterThan(11);
		expect(mean).toBeLessThan(12);
	});

	it('takes days that differ less than their balls let them for days that differ as presumed, not for none', () => {
		const even = [1, 2, 3, 4].map(() => ({ n: 4, centre: 10, spread: 2 }));
		const { error } = meanOverDays(even, prior);
		const row = (0.7 * (4 / 30)) ** 2;
		expect(error).toBeCloseTo(Math.sqrt(((12 * 0.36) / 15 + row + 1) / 4), 12);
	});

	it('is that of rested arms, as far as the row shows that they tired', () => {
		const falling = Array.from({ length: 30 }, (_, i) => 10.5 - i / 29 + (i % 2 ? 0.2 : -0.2));
		const tired = meanOverDays([dayOf(falling)], () => 0.3);
		// The line through them falls by a metre, to 10 in the middle: most of the half metre is given back.
		expect(dayOf(falling).drift).toBeCloseTo(-0.5, 1);
		expect(tired.mean).toBeGreaterThan(10.4);
		expect(tired.mean).toBeLessThan(10.5);
		const anyhow = meanOverDays([{ ...dayOf(falling), drift: undefined }], () => 0.3);
		expect(anyhow.mean).toBeCloseTo(10, 1);
		expect(tired.error).toBeLessThan(anyhow.error);
	});

	it('takes little back where balls differ too much to show it, and nothing of two', () => {
		const falling = Array.from({ length: 30 }, (_, i) => 10.5 - i / 29);
		const wide = meanOverDays([dayOf(falling)], () => 20);
		expect(wide.mean).toBeGreaterThan(10);
		expect(wide.mean).toBeLessThan(10.05);
		expect(dayOf([9, 11]).drift).toBe(0);
	});

	it('is not drawn to one side by a ball that was duffed late', () => {
		const steady = Array.from({ length: 20 }, (_, i) => 10 + (i % 2 ? 0.3 : -0.3));
		const duffed = [...steady.slice(0, -1), 2];
		expect(Math.abs(dayOf(duffed).drift!)).toBeLessThan(0.2);
	});

	it('has a spread where every day has one ball only', () => {
		const { spread, posterior } = meanOverDays(
			[9, 10, 11].map((carry) => dayOf([carry])),
			prior
		);
		expect(spread).toBeGreaterThan(0.9);
		expect(posterior).toBeLessThan(PRIOR);
	});
});
