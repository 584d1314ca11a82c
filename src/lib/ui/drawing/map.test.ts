import { describe, expect, it } from 'vitest';
import { createHeightField, onNodes, type GridFrame } from '$lib/core/green/heightGrid';
import { FATE, type LandingRegion } from '$lib/core/plan/landingRegion';
import type { Point } from '$lib/core/math/polygon';
import { blankGreen } from '$lib/ui/state/greenEdits';
import { hasBad, hasGood, landingAreas } from './landingAreas';
import {
	bandsAbove,
	contourInterval,
	contourLine,
	mapContours,
	fallLineAt,
	heightRange,
	nearGrid,
	outlinePath,
	slopeArrows,
	steepnessGrid
} from './mapPicture';
import { mapSvg } from './mapSvg';
import { planView } from './planView';
import { trueScale } from './scale';

const frame: GridFrame = { originU: 0, originV: 0, cell: 0.5, columns: 41, rows: 31 };
/** Falls 5 % to the right. */
const grid = onNodes(frame, (u) => 1 - 0.05 * u);
const field = createHeightField(grid);
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

describe('planView', () => {
	it('shows everything with the top of the map up', () => {
		const { project, factor } = planView.whole(outline, [[30, 3]], 400, 300);
		const corners = [...outline, [30, 3] as Point].map(([u, v]) => project(u, v));
		for (const [x, y] of corners) {
			expect(x).toBeGreaterThanOrEqual(0);
			expect(x).toBeLessThanOrEqual(400);
			expect(y).toBeGreaterThanOrEqual(0);
			expect(y).toBeLessThanOrEqual(300);
		}
		expect(project(4, 12)[1]).toBeLessThan(project(4, 3)[1]);
		expect(project(5, 3)[0] - project(4, 3)[0]).toBeCloseTo(factor, 9);
	});

	it('turns the line of play to the right, under the stations of the section', () => {
		const scale = trueScale(-1, 20, 800, 200, 100, 8);
		const placement = { u: 3, v: 4, heading: Math.PI / 2 };
		const view = planView.along(placement, scale, 240);
		expect(view.project(3, 4)).toEqual([scale.x(0), 120]);
		expect(view.project(3, 14)[0]).toBeCloseTo(scale.x(10), 9);
		// To the right of the line is down the paper.
		expect(view.project(5, 4)[1]).toBeCloseTo(120 + 2 * scale.factor, 9);
		expect(view.turn).toBeCloseTo(90, 9);
	});

	it('draws outlines closed, and nothing for none', () => {
		expect(outlinePath([], same)).toBe('');
		expect(outlinePath(outline, same)).toBe('M4.0,3.0L16.0,3.0L16.0,12.0L4.0,12.0Z');
	});
});

describe('landingAreas', () => {
	const region = (leave: (x: number) => number, fate: (x: number) => number): LandingRegion => {
		const columns = 21;
		const rows = 9;
		const at = (i: number) => 3 + (i % columns) * 0.5;
		return {
			fromX: 3,
			fromZ: -2,
			cell: 0.5,
			columns,
			rows,
			leave: Float64Array.from({ length: columns * rows }, (_, i) => leave(at(i))),
			fate: Uint8Array.from({ length: columns * rows }, (_, i) => fate(at(i)))
		};
	};

	it('holds where a landing ends well, and crosses out where it runs off', () => {
		const areas = landingAreas(
			region(
				(x) => Math.abs(x - 6) * 2,
				(x) => (x > 9 ? FATE.offGreen : FATE.green)
			),
			same
		);
		const along = numbersIn(areas.good).filter((_, i) => i % 2 === 0);
		expect(Math.min(...along)).toBeCloseTo(5, 0);
		expect(Math.max(...along)).toBeCloseTo(7, 0);
		expect(areas.bad).not.toBe('');
	});

	it('is empty where no landing is any good, or none is known', () => {
		const none = landingAreas(
			region(
				() => 9,
				() => FATE.green
			),
			same
		);
		expect([none.good, none.bad]).toEqual(['', '']);
		const unreached = region(
			() => NaN,
			() => FATE.offGreen
		);
		expect([hasGood(unreached), hasBad(unreached)]).toEqual([false, false]);
	});
});

describe('mapSvg', () => {
	it('stands on its own and keeps names from being markup', () => {
		const green = { ...blankGreen('g', 'A <b>&"quarry"</b>\u0001'), note: '' };
		green.pins[0]!.name = '</text><script>';
		const svg = mapSvg(green, grid);
		expect(svg.startsWith('<svg xmlns="http://www.w3.org/2000/svg"')).toBe(true);
		expect(svg).toContain('A &lt;b&gt;&amp;&quot;quarry&quot;&lt;/b&gt;');
		expect(svg).not.toContain('<script>');
		expect(svg).not.toContain('\u0001');
		expect(svg.match(/class="contour"/g)!.length).toBeGreaterThan(3);
	});
});
