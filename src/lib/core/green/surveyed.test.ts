import { describe, expect, it } from 'vitest';
import { createHeightField, onNodes } from './heightGrid';
import { GroundSample } from '../ground/ground';
import { SURFACE } from '../ground/surfaces';
import { createSurveyed, toLine, toMap, type Placement } from './surveyed';

const placement: Placement = { u: 3, v: -2, heading: 0.7 };
/** Rises 4 % to the right of the map and 1 % up it. */
const field = createHeightField(
	onNodes(
		{ originU: -30, originV: -30, cell: 1, columns: 61, rows: 61 },
		(u, v) => 0.04 * u + 0.01 * v
	)
);

const ground = (heading: number, tilt = 0) =>
	createSurveyed({ field, placement: { u: 3, v: -2, heading }, tilt, kindAt: () => SURFACE.green });

describe('surveyed ground', () => {
	it('goes from line to map and back', () => {
		for (const [x, z] of [
			[4, -1.5],
			[0, 2],
			[-3, 7]
		] as const) {
			const [u, v] = toMap(placement, x, z);
			const back = toLine(placement, u, v);
			expect(back[0]).toBeCloseTo(x, 12);
			expect(back[1]).toBeCloseTo(z, 12);
		}
	});

	it('has right on the right: heading up the map, z runs to the right of the map', () => {
		const [u, v] = toMap({ u: 0, v: 0, heading: Math.PI / 2 }, 5, 2);
		expect(u).toBeCloseTo(2, 12);
		expect(v).toBeCloseTo(5, 12);
	});

	it('measures heights from the ball and turns the gradient with the line', () => {
		const sample = new GroundSample();
		ground(0).sample(5, 3, sample);
		expect(sample.height).toBeCloseTo(0.04 * 5 - 0.01 * 3, 9);
		expect(sample.gradientX).toBeCloseTo(0.04, 9);
		expect(sample.gradientZ).toBeCloseTo(-0.01, 9);
		ground(Math.PI / 2).sample(5, 3, sample);
		expect(sample.height).toBeCloseTo(0.01 * 5 + 0.04 * 3, 9);
		expect(sample.gradientX).toBeCloseTo(0.01, 9);
		expect(sample.gradientZ).toBeCloseTo(0.04, 9);
		expect(ground(1.1).height(0, 0)).toBeCloseTo(0, 12);
	});

	it('adds the extra tilt along the line to height and gradient', () => {
		const sample = new GroundSample();
		ground(0, 0.02).sample(5, 3, sample);
		expect(sample.gradientX).toBeCloseTo(0.06, 9);
		expect(sample.height).toBeCloseTo(0.06 * 5 - 0.01 * 3, 9);
		expect(ground(0, 0.02).height(5, 3)).toBeCloseTo(sample.height, 12);
	});
});
