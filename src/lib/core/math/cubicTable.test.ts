import { describe, expect, it, vi } from 'vitest';
import { CubicTable } from './cubicTable';

describe('a table of cubics', () => {
	const table = new CubicTable(Math.sin, 0.25, 16);

	it('is the function to a few parts in a hundred thousand everywhere, and exactly at the ends of a cell', () => {
		for (let x = 0; x < 4; x += 0.003)
			expect(Math.abs(table.at(x) - Math.sin(x))).toBeLessThan(5e-5);
		expect(table.at(1.75)).toBeCloseTo(Math.sin(1.75), 14);
	});

	it('is exact for a cubic', () => {
		const cubic = (x: number) => 2 - x + 3 * x * x - 0.5 * x * x * x;
		const own = new CubicTable(cubic, 0.5, 8);
		for (const x of [0, 0.1, 0.77, 2.9, 3.99]) expect(own.at(x)).toBeCloseTo(cubic(x), 12);
	});

	it('has no jump from cell to cell', () => {
		for (let cell = 1; cell < 16; cell++) {
			const x = cell * 0.25;
			expect(Math.abs(table.at(x) - table.at(x - 1e-9))).toBeLessThan(2e-9);
		}
	});

	it('asks the function itself beyond its end, and for what is no number', () => {
		const asked = vi.fn(Math.cos);
		const short = new CubicTable(asked, 0.25, 4);
		asked.mockClear();
		expect(short.at(0.999)).toBeCloseTo(Math.cos(0.999), 4);
		expect(asked).not.toHaveBeenCalled();
		expect(short.at(1)).toBe(Math.cos(1));
		expect(short.at(40)).toBe(Math.cos(40));
		expect(short.at(NaN)).toBeNaN();
	});
});
