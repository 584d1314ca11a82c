import { describe, expect, it } from 'vitest';
import { GroundSample, UniformPatch } from './ground';
import { createSegments } from './segments';
import { SURFACE } from './surfaces';

const ground = createSegments({
	kind: 'segments',
	toEdge: 3,
	rise: 0.6,
	fringe: SURFACE.roughFringe,
	segments: [
		{ length: 4, slopeAlong: 0.02, slopeAcross: 0.01 },
		{ length: 2, slopeAlong: 0.1, slopeAcross: 0 },
		{ length: 5, slopeAlong: -0.03, slopeAcross: -0.02 }
	],
	greenLength: 14,
	halfWidth: 10,
	strips: [{ from: 1, to: 2, kind: SURFACE.sand }]
});

const at = (x: number, z = 0) => {
	const sample = new GroundSample();
	ground.sample(x, z, sample);
	return sample;
};

describe('createSegments', () => {
	it('has heights that join along the line', () => {
		expect(ground.height(0, 0)).toBeCloseTo(0, 12);
		expect(ground.height(3, 0)).toBeCloseTo(0.6, 12);
		expect(ground.height(7, 0)).toBeCloseTo(0.68, 12);
		expect(ground.height(9, 0)).toBeCloseTo(0.88, 12);
		expect(ground.height(12, 0)).toBeCloseTo(0.79, 12);
		for (const x of [1, 2, 3, 7, 9, 17])
			expect(ground.height(x - 1e-9, 0)).toBeCloseTo(ground.height(x + 1e-9, 0), 7);
	});

	it('falls to the right where the slope across is positive', () => {
		expect(ground.height(5, 2)).toBeCloseTo(ground.height(5, 0) - 0.02, 12);
		expect(at(5).gradientZ).toBeCloseTo(-0.01, 12);
		expect(at(10).gradientZ).toBeCloseTo(0.02, 12);
	});

	it('knows what grows where', () => {
		expect(at(0.5).kind).toBe(SURFACE.roughFringe);
		expect(at(1.5).kind).toBe(SURFACE.sand);
		expect(at(2.5).kind).toBe(SURFACE.roughFringe);
		expect(at(5).kind).toBe(SURFACE.green);
		expect(at(5, 11).kind).toBe(SURFACE.rough);
		expect(at(17.5).kind).toBe(SURFACE.rough);
	});

	it('answers the rectangle of one slope', () => {
		const patch = new UniformPatch();
		expect(ground.patch(5, 1, patch)).toBe(true);
		expect(patch).toMatchObject({ fromX: 3, toX: 7, fromZ: -10, toZ: 10 });
		expect(ground.patch(5, 12, patch)).toBe(false);
	});

	it('refuses no segments at all', () => {
		expect(() =>
			createSegments({
				kind: 'segments',
				toEdge: 1,
				rise: 0,
				fringe: 1,
				segments: [],
				greenLength: 5,
				halfWidth: 5,
				strips: []
			})
		).toThrow(RangeError);
	});
});

describe('the ends of the line', () => {
	it('belong to the piece that begins there', () => {
		expect(at(7).gradientX).toBeCloseTo(0.1, 12);
		expect(at(9).gradientX).toBeCloseTo(-0.03, 12);
		expect(at(3).kind).toBe(SURFACE.green);
		expect(at(1).kind).toBe(SURFACE.sand);
		expect(at(2).kind).toBe(SURFACE.roughFringe);
		expect(at(1000).kind).toBe(SURFACE.rough);
	});

	it('cannot be made of nothing', () => {
		const nothing = {
			kind: 'segments',
			toEdge: 1,
			rise: 0,
			fringe: SURFACE.smoothFringe,
			segments: [],
			greenLength: 5,
			halfWidth: 5,
			strips: []
		} as const;
		expect(() => createSegments(nothing)).toThrow(/no segments/);
	});
});
