import { describe, expect, it } from 'vitest';
import { GroundSample, UniformPatch } from './ground';
import { createPlane } from './plane';
import { SURFACE } from './surfaces';

const plane = (edge: number) =>
	createPlane({
		kind: 'plane',
		slopeAlong: 0.03,
		slopeAcross: 0.02,
		edge,
		fringe: SURFACE.grainyFringe
	});
const at = (edge: number, x: number, z: number) => {
	const sample = new GroundSample();
	plane(edge).sample(x, z, sample);
	return sample;
};
const patchAt = (edge: number, x: number) => {
	// Whatever a patch held before is overwritten.
	const patch = Object.assign(new UniformPatch(), { fromX: 7, toX: 7, fromZ: 7, toZ: 7 });
	expect(plane(edge).patch(x, 0, patch)).toBe(true);
	return patch;
};

describe('a plane', () => {
	it('rises along the line and falls to the right, by the same figures in every answer', () => {
		expect(plane(2).height(10, 5)).toBeCloseTo(0.3 - 0.1, 12);
		expect(plane(2).height(-4, -2)).toBeCloseTo(-0.12 + 0.04, 12);
		expect(at(2, 10, 5)).toMatchObject({ gradientX: 0.03, gradientZ: -0.02 });
		expect(at(2, 10, 5).height).toBeCloseTo(plane(2).height(10, 5), 12);
	});

	it('grows fringe before the edge and green from the edge on', () => {
		expect([1.99, 2, 9].map((x) => at(2, x, 0).kind)).toEqual([
			SURFACE.grainyFringe,
			SURFACE.green,
			SURFACE.green
		]);
		expect(at(0, -50, 0).kind).toBe(SURFACE.green);
	});

	it('is one patch on each side of its edge, without end on the others', () => {
		const sides = { fromZ: -Infinity, toZ: Infinity };
		expect(patchAt(2, 1)).toEqual({ fromX: -Infinity, toX: 2, ...sides });
		expect(patchAt(2, 2)).toEqual({ fromX: 2, toX: Infinity, ...sides });
		expect(patchAt(0, -3)).toEqual({ fromX: -Infinity, toX: Infinity, ...sides });
	});

	it('is without end until told otherwise', () => {
		expect(new UniformPatch()).toEqual({
			fromX: -Infinity,
			toX: Infinity,
			fromZ: -Infinity,
			toZ: Infinity
		});
	});
});
