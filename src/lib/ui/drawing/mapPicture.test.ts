import { describe, expect, it } from 'vitest';
import { createHeightField, onNodes, type GridFrame } from '$lib/core/green/heightGrid';
import type { Point } from '$lib/core/math/polygon';
import {
	bandsAbove,
	contourInterval,
	contourLine,
	fallLineAt,
	heightRange,
	mapContours,
	nearGrid,
	slopeArrows,
	steepnessGrid
} from './mapPicture';

const frame: GridFrame = { originU: 0, originV: 0, cell: 0.5, columns: 41, rows: 31 };
/** Falls 5 % to the right. */
const grid = onNodes(frame, (u) => 1 - 0.05 * u);
const outline: Point[] = [
	[4, 3],
	[16, 3],
	[16, 12],
	[4, 12]
];
const same = (u: number, v: number): [number, number] => [u, v];
const numbersIn = (path: string): number[] =>
	[...path.matchAll(/-?\d+(?:\.\d+)?/g)].map(([text]) => Number(text));

/** Contour lines as they stand on the paper. */
const contourLines = (on: typeof grid) =>
	Array.from(mapContours(on, outline), (contour) => contourLine(contour, same));
const field = createHeightField(grid);

describe('contours', () => {
	it('run where the height is theirs', () => {
		const lines = contourLines(grid);
		const heights = lines.map(({ height }) => height);
		heights.slice(1).forEach((height, i) => expect(height - heights[i]!).toBeCloseTo(0.05, 9));
		expect(heights.at(-1)).toBeCloseTo(0.95, 1);
		const strong = lines.filter(({ index }) => index).map(({ height }) => height.toFixed(2));
		expect(strong).toEqual(['0.25', '0.50', '0.75']);
		const half = lines.find(({ height }) => Math.abs(height - 0.5) < 1e-9)!;
		const across = numbersIn(half.d).filter((_, i) => i % 2 === 0);
		for (const u of across) expect(u).toBeCloseTo(10, 0);
	});

	it('do not follow the edge of what is known', () => {
		const lines = contourLines(grid);
		const ups = lines.flatMap(({ d }) => numbersIn(d).filter((_, i) => i % 2 === 1));
		expect(Math.min(...ups)).toBeGreaterThan(0.25);
		expect(Math.max(...ups)).toBeLessThan(14.75);
	});

	it('stand a readable distance apart', () => {
		expect(contourInterval(0, 0.3)).toBe(0.05);
		expect(contourInterval(0, 3)).toBe(0.5);
		expect(contourInterval(0, 900)).toBe(5);
	});
});

describe('a picture of a large grid', () => {
	/** Far beyond the outline on every side. */
	const fine = onNodes({ originU: -20, originV: -20, cell: 0.1, columns: 600, rows: 500 }, (u) =>
		u > 40 ? 500 : 1 - 0.05 * u
	);

	it('takes the part near the green, no finer than can be seen', () => {
		const near = nearGrid(fine, outline, 4);
		expect(Math.max(near.columns, near.rows)).toBeLessThanOrEqual(142);
		expect(near.originU).toBeCloseTo(0, 6);
		expect(near.originU + (near.columns - 1) * near.cell).toBeCloseTo(20, 0);
		expect(createHeightField(near).height(10, 8)).toBeCloseTo(0.5, 2);
		expect(nearGrid(grid, outline, 0).heights[0]).toBeCloseTo(1 - 0.05 * 4, 9);
	});

	it('draws no more lines than the green’s own heights ask for, whatever one cell says', () => {
		const wild = { ...grid, heights: Float64Array.from(grid.heights) };
		wild.heights[15 * frame.columns + 20] = -32_768;
		const range = heightRange(wild, outline);
		expect(range[0]).toBeGreaterThan(0.1);
		const lines = contourLines(wild);
		expect(lines.length).toBeLessThan(40);
	});
});

describe('slopes', () => {
	it('are shaded by how steep they are', () => {
		const steep = steepnessGrid(field, frame);
		expect(steep.heights[frame.columns * 15 + 20]).toBeCloseTo(5, 6);
		const [four, six] = bandsAbove(steep, [4, 6], same);
		expect(four!.d).not.toBe('');
		expect(six!.d).toBe('');
	});

	it('have arrows that point downhill on the paper, inside the outline only', () => {
		const arrows = slopeArrows(field, outline, 3, (u, v) => [u, -v]);
		expect(arrows).toHaveLength(12);
		for (const arrow of arrows) {
			expect(arrow.turn).toBeCloseTo(0, 6);
			expect(arrow.slope).toBeCloseTo(0.05, 6);
			expect(arrow.to[0]).toBeGreaterThan(arrow.from[0]);
		}
		const level = createHeightField(onNodes(frame, () => 0));
		expect(slopeArrows(level, outline, 3, same)).toEqual([]);
	});

	it('have a fall line that runs straight down, and none on the level', () => {
		const fall = fallLineAt(field, [10, 7], 2)!;
		expect(fall.below[0]).toBeCloseTo(12, 6);
		expect(fall.below[1]).toBeCloseTo(7, 6);
		expect(fall.towards).toBeCloseTo(0, 6);
		expect(fallLineAt(createHeightField(onNodes(frame, () => 3)), [10, 7], 2)).toBeNull();
	});

	it('range inside the outline, or over everything where nothing is inside', () => {
		const [low, high] = heightRange(grid, outline);
		expect(low).toBeCloseTo(1 - 0.05 * 15.5, 1);
		expect(high).toBeCloseTo(1 - 0.05 * 4, 1);
		expect(heightRange(grid, [])[0]).toBeCloseTo(0, 9);
	});
});
