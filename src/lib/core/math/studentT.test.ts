import { expect, it } from 'vitest';
import { normalQuantile } from './normalQuantile';
import { studentQuantile } from './studentT';

// Upper 5 % and 0.5 % points as every table prints them (from memory).
it.each([
	[1, 6.3138, 63.657],
	[2, 2.92, 9.9248],
	[3, 2.3534, 5.8409],
	[4, 2.1318, 4.6041],
	[5, 2.015, 4.0321],
	[8, 1.8595, 3.3554],
	[11, 1.7959, 3.1058],
	[30, 1.6973, 2.75],
	[120, 1.6577, 2.6174]
])('agrees with the tables at %i degrees of freedom', (freedom, five, half) => {
	expect(studentQuantile(0.95, freedom)).toBeCloseTo(five, 2);
	expect(Math.abs(studentQuantile(0.995, freedom) / half - 1)).toBeLessThan(3e-4);
	expect(studentQuantile(0.05, freedom)).toBe(-studentQuantile(0.95, freedom));
});

it('is 0 in the middle, the normal’s for many, rises with p, and is nothing outside', () => {
	expect(studentQuantile(0.5, 7)).toBeCloseTo(0, 6);
	expect(studentQuantile(0.975, 1e6)).toBeCloseTo(normalQuantile(0.975), 4);
	for (let p = 0.51; p < 0.99; p += 0.01)
		expect(studentQuantile(p + 0.01, 4.5)).toBeGreaterThan(studentQuantile(p, 4.5));
	expect([0, 1, NaN].map((p) => studentQuantile(p, 5))).toEqual([NaN, NaN, NaN]);
	expect(studentQuantile(0.9, 0.5)).toBeNaN();
});
