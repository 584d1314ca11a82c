import { describe, expect, it } from 'vitest';
import { createRng } from '../math/random';
import { createHeightField, filled, MapSample, onNodes, type GridFrame } from './heightGrid';

const frame: GridFrame = { originU: -3, originV: 2, cell: 0.75, columns: 14, rows: 11 };

describe('createHeightField', () => {
	it('goes through every node', () => {
		const rng = createRng(3);
		const grid = onNodes(frame, () => rng.uniform());
		const field = createHeightField(grid);
		for (let j = 0; j < frame.rows; j++)
			for (let i = 0; i < frame.columns; i++)
				expect(
					field.height(frame.originU + i * frame.cell, frame.originV + j * frame.cell)
				).toBeCloseTo(grid.heights[j * frame.columns + i]!, 12);
	});

	it('reproduces a quadratic and its gradient exactly inside the outermost cells (Keys 1981)', () => {
		const height = (u: number, v: number) =>
			0.3 + 0.1 * u - 0.2 * v + 0.03 * u * u - 0.05 * u * v + 0.02 * v * v;
		const field = createHeightField(onNodes(frame, height));
		const sample = new MapSample();
		const rng = createRng(5);
		for (let seed = 0; seed < 50; seed++) {
			const u = -2 + 7 * rng.uniform();
			const v = 3 + 5 * rng.uniform();
			field.sample(u, v, sample);
			expect(sample.height, `seed ${seed}`).toBeCloseTo(height(u, v), 10);
			expect(sample.gradientU, `seed ${seed}`).toBeCloseTo(0.1 + 0.06 * u - 0.05 * v, 9);
			expect(sample.gradientV, `seed ${seed}`).toBeCloseTo(-0.2 - 0.05 * u + 0.04 * v, 9);
		}
	});

	it('reproduces a plane exactly to its very edge, and bends no more there than its heights do', () => {
		const plane = (u: number, v: number) => 0.3 + 0.1 * u - 0.2 * v;
		const field = createHeightField(onNodes(frame, plane));
		const sample = new MapSample();
		const [right, top] = [-3 + 13 * 0.75, 2 + 10 * 0.75];
		for (const u of [-3, -2.8, 1, right - 0.2, right])
			for (const v of [2, 2.3, 5, top - 0.3, top]) {
				field.sample(u, v, sample);
				expect(sample.height, `${u}, ${v}`).toBeCloseTo(plane(u, v), 10);
				expect(sample.gradientU, `${u}, ${v}`).toBeCloseTo(0.1, 9);
				expect(sample.gradientV, `${u}, ${v}`).toBeCloseTo(-0.2, 9);
			}
		// One node off the plane at each corner and edge is felt as a straight line beyond it would be.
		const step = { originU: 0, originV: 0, cell: 1, columns: 3, rows: 3 };
		const at = (heights: number[], u: number, v: number) =>
			createHeightField({ ...step, heights }).height(u, v);
		expect(at([0, 0, 1, 0, 0, 1, 0, 0, 1], 1.5, 1)).toBeCloseTo(0.5 - 1 / 16, 12);
		expect(at([1, 0, 0, 1, 0, 0, 1, 0, 0], 0.5, 1)).toBeCloseTo(0.5 - 1 / 16, 12);
		expect(at([0, 0, 0, 0, 0, 0, 1, 1, 1], 1, 1.5)).toBeCloseTo(0.5 - 1 / 16, 12);
		expect(at([1, 1, 1, 0, 0, 0, 0, 0, 0], 1, 0.5)).toBeCloseTo(0.5 - 1 / 16, 12);
	});

	it('has a gradient that is the derivative of its height and does not jump between cells', () => {
		const rng = createRng(8);
		const field = createHeightField(onNodes(frame, () => rng.normal()));
		const sample = new MapSample();
		const h = 1e-5;
		for (let seed = 0; seed < 40; seed++) {
			const u = -2.5 + 8 * rng.uniform();
			const v = 2.5 + 6 * rng.uniform();
			field.sample(u, v, sample);
			const slope = (field.height(u + h, v) - field.height(u - h, v)) / (2 * h);
			expect(sample.gradientU, `seed ${seed}`).toBeCloseTo(slope, 3);
		}
		const seam = frame.originU + 4 * frame.cell;
		field.sample(seam - 1e-9, 5.1, sample);
		const before = sample.gradientU;
		field.sample(seam + 1e-9, 5.1, sample);
		expect(sample.gradientU).toBeCloseTo(before, 6);
	});

	it('goes on level beyond the grid', () => {
		const field = createHeightField(onNodes(frame, (u) => u));
		const sample = new MapSample();
		field.sample(100, 5, sample);
		expect(sample.gradientU).toBe(0);
		expect(sample.height).toBeCloseTo(frame.originU + (frame.columns - 1) * frame.cell, 9);
	});

	it('refuses what it cannot interpolate', () => {
		const one = { ...frame, columns: 1, heights: [1, 2] };
		expect(() => createHeightField(one)).toThrow(RangeError);
		expect(() => createHeightField({ ...frame, heights: [1] })).toThrow(/1 heights/);
		expect(() => createHeightField({ ...onNodes(frame, () => 0), cell: 0 })).toThrow(RangeError);
	});
});

describe('filled', () => {
	it('keeps what is known and fills the rest from its neighbours', () => {
		const grid = {
			originU: 0,
			originV: 0,
			cell: 1,
			columns: 3,
			rows: 2,
			heights: [1, NaN, 3, 1, NaN, NaN]
		};
		const heights = Array.from(filled(grid).heights);
		expect(heights[0]).toBe(1);
		expect(heights[2]).toBe(3);
		expect(heights[1]).toBeCloseTo(5 / 3, 12);
		expect(heights.every(Number.isFinite)).toBe(true);
	});

	it('is the same grid when nothing is unknown, and level when nothing is known', () => {
		const whole = onNodes(frame, () => 1);
		expect(filled(whole)).toBe(whole);
		const nothing = filled({ ...frame, heights: new Float64Array(14 * 11).fill(NaN) });
		expect(new Set(Array.from(nothing.heights))).toEqual(new Set([0]));
	});
});
