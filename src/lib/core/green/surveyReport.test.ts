import { describe, expect, it } from 'vitest';
import type { Green } from './green';
import { finish } from '../math/steps';
import { surfaceInSteps, surfaceOf } from './surface';
import { surveyReport } from './surveyReport';

const green = (): Green => ({
	outline: [
		[0, 0],
		[9, 0],
		[9, 7],
		[0, 7]
	],
	collar: 1,
	fringe: 'smooth',
	areas: [],
	spots: [
		[0, 0, 0.1],
		[9, 0, 0.3],
		[9, 7, 0.25],
		[0, 7, 0.05],
		[4, 3, 0.18]
	].map(([u, v, height]) => ({ u: u!, v: v!, height: height!, leftOut: false })),
	tilts: [{ u: 4, v: 3, slope: 0.02, fallsTowards: Math.PI, leftOut: false }],
	grid: null
});

describe('surveyReport', () => {
	it('covers the map with heights and, more coarsely, with how far they can be trusted', () => {
		const { grid, uncertainty, residuals } = surveyReport(green());
		expect(grid.columns * grid.rows).toBe(grid.heights.length);
		expect(uncertainty!.cell).toBeGreaterThan(grid.cell);
		const far = uncertainty!.originU + (uncertainty!.columns - 1) * uncertainty!.cell;
		expect(far).toBeGreaterThanOrEqual(grid.originU + (grid.columns - 1) * grid.cell);
		expect(residuals.map(({ kind }) => kind)).toEqual([
			'spot',
			'spot',
			'spot',
			'spot',
			'spot',
			'tilt'
		]);
	});

	it('has nothing to say against a finished grid', () => {
		const finished = {
			...green(),
			grid: {
				originU: 0,
				originV: 0,
				cell: 1,
				columns: 3,
				rows: 3,
				heights: Array(9).fill(0.2) as number[]
			}
		};
		expect(surveyReport(finished)).toMatchObject({ uncertainty: null, residuals: [] });
	});

	it('builds the surface of one green once, however often it comes in a message', () => {
		const first = surfaceOf(green());
		expect(surfaceOf(structuredClone(green()))).toBe(first);
		expect(finish(surfaceInSteps(structuredClone(green())))).toBe(first);
		const other = green();
		other.spots = other.spots.map((spot) => ({ ...spot, height: spot.height + 0.01 }));
		expect(surfaceOf(other)).not.toBe(first);
	});
});
