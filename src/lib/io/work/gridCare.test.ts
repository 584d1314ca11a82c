import { describe, expect, it } from 'vitest';
import { caredGrid } from './gridCare';

const grid = (heights: (number | null)[], origin: [number, number] = [0, 0]) => ({
	originU: origin[0],
	originV: origin[1],
	cell: 1,
	columns: 3,
	rows: 3,
	heights
});
const level = [0, 0.1, 0.2, 0, 0.1, 0.2, 0, null, 0.2];

describe('caredGrid', () => {
	it('takes a grid of a green as it is, the very same', () => {
		const given = grid(level);
		expect(caredGrid(given, [1, 1])).toEqual({ grid: given, misread: 0, moved: false, lowered: 0 });
		expect(caredGrid(given, [1, 1]).grid).toBe(given);
	});

	it('leaves out heights that cannot be right, and counts them', () => {
		const wild = level.map((height, i) => (i === 4 ? -32768 : i === 8 ? 500 : height));
		const { grid: cared, misread } = caredGrid(grid(wild), [1, 1]);
		expect(misread).toBe(2);
		expect([cared.heights[4], cared.heights[8], cared.heights[1]]).toEqual([null, null, 0.1]);
	});

	it('moves a grid in map coordinates so that its middle is the green’s', () => {
		const { grid: cared, moved } = caredGrid(grid(level, [412_000, 5_310_000]), [7, 9]);
		expect(moved).toBe(true);
		expect([cared.originU, cared.originV]).toEqual([6, 8]);
		expect(cared.heights).toEqual(level);
	});

	it('lowers heights that count from sea level by one height for all', () => {
		const high = level.map((height) => (height === null ? null : height + 431));
		const { grid: cared, lowered } = caredGrid(grid(high), [1, 1]);
		expect(lowered).toBeCloseTo(431.1, 9);
		expect(cared.heights[2]! - cared.heights[0]!).toBeCloseTo(0.2, 9);
		expect(cared.heights[7]).toBeNull();
	});
});
