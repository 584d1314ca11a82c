import { describe, expect, it } from 'vitest';
import { GroundSample, UniformPatch } from './ground';
import { createSegments } from './segments';
import { SURFACE } from './surfaces';

const ground = createSegments({
	kind: 'segments',
	toEdge: 3,
	rise: 0.6,
	grass: [{ kind: SURFACE.roughFringe, length: 3 }],
	segments: [
		{ length: 4, slopeAlong: 0.02, slopeAcross: 0.01 },
		{ length: 2, slopeAlong: 0.1, slopeAcross: 0 },
		{ length: 5, slopeAlong: -0.03, slopeAcross: -0.02 }
	],
	greenLength: 14,
	left: 10,
	right: 10,
	beside: [],
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
				grass: [{ kind: 1, length: 1 }],
				segments: [],
				greenLength: 5,
				left: 5,
				right: 5,
				strips: [],
				beside: []
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
			grass: [{ kind: SURFACE.smoothFringe, length: 1 }],
			segments: [],
			greenLength: 5,
			left: 5,
			right: 5,
			strips: [],
			beside: []
		} as const;
		expect(() => createSegments(nothing)).toThrow(/no segments/);
		const bare = {
			...nothing,
			segments: [{ length: 4, slopeAlong: 0, slopeAcross: 0 }],
			grass: []
		};
		expect(() => createSegments(bare)).toThrow(/no grass/);
	});

	it('is level around and behind the ball, then climbs to the edge without a kink', () => {
		expect(ground.height(-20, 0)).toBe(0);
		expect(at(0.3).gradientX).toBe(0);
		expect(ground.height(1.8, 0)).toBeCloseTo(0.3, 12);
		expect(at(0.61).gradientX).toBeCloseTo(0, 1);
		expect(at(1.8).gradientX).toBeCloseTo((1.5 * 0.6) / (3 - 0.6), 12);
		const slope = (ground.height(1.301, 0) - ground.height(1.299, 0)) / 0.002;
		expect(at(1.3).gradientX).toBeCloseTo(slope, 6);
		expect(ground.patch(1.8, 0, new UniformPatch())).toBe(false);
	});

	const rough = createSegments({
		kind: 'segments',
		toEdge: 4,
		rise: -1,
		grass: [
			{ kind: SURFACE.rough, length: 1.5 },
			{ kind: SURFACE.smoothFringe, length: 1 }
		],
		segments: [{ length: 9, slopeAlong: 0, slopeAcross: 0 }],
		greenLength: 9,
		left: 3,
		right: 6,
		strips: [],
		beside: [{ kind: SURFACE.water, from: 5, to: 8, fromZ: -Infinity, toZ: -2 }]
	});
	const roughAt = (x: number, z = 0) => {
		const sample = new GroundSample();
		rough.sample(x, z, sample);
		return sample.kind;
	};

	it('grows what it is told from the ball on; the last stretch goes on to the edge', () => {
		expect([-3, 1.4, 1.6, 3.9, 4.1].map((x) => roughAt(x))).toEqual([
			SURFACE.rough,
			SURFACE.rough,
			SURFACE.smoothFringe,
			SURFACE.smoothFringe,
			SURFACE.green
		]);
		expect(rough.height(4, 0)).toBeCloseTo(-1, 12);
	});

	it('ends to the left and to the right where it is told, with what lies beside it', () => {
		expect([roughAt(4.5, -3.1), roughAt(4.5, -2.9)]).toEqual([SURFACE.rough, SURFACE.green]);
		expect([roughAt(4.5, 6.1), roughAt(4.5, 5.9)]).toEqual([SURFACE.rough, SURFACE.green]);
		expect([roughAt(6, -2.1), roughAt(6, -1.9), roughAt(8.1, -2.1)]).toEqual([
			SURFACE.water,
			SURFACE.green,
			SURFACE.green
		]);
		const patch = new UniformPatch();
		expect(rough.patch(6, 0, patch)).toBe(true);
		expect(patch).toMatchObject({ fromZ: -2, toZ: 6 });
		expect(rough.patch(6, -2.5, patch)).toBe(false);
	});
});

describe('the rectangle of one slope', () => {
	const beside = [
		{ from: 4, to: 6, fromZ: 2, toZ: 5, kind: SURFACE.sand },
		{ from: 4, to: 6, fromZ: -6, toZ: -3, kind: SURFACE.water },
		{ from: 7, to: 8.5, fromZ: 1, toZ: 2, kind: SURFACE.sand },
		{ from: 1, to: 3, fromZ: 1, toZ: 2, kind: SURFACE.sand }
	];
	const one = createSegments({
		kind: 'segments',
		toEdge: 3,
		rise: 0.4,
		grass: [{ kind: SURFACE.smoothFringe, length: 3 }],
		segments: [
			{ length: 4, slopeAlong: 0.02, slopeAcross: 0.01 },
			{ length: 6, slopeAlong: -0.01, slopeAcross: 0 }
		],
		greenLength: 12,
		left: 8,
		right: 9,
		beside,
		strips: []
	});
	const patchAt = (x: number, z: number) => {
		const patch = new UniformPatch();
		return one.patch(x, z, patch) ? patch : null;
	};

	it('ends at what lies beside the line on either hand, and does not mind what lies before or behind', () => {
		expect(patchAt(4, 0)).toEqual({ fromX: 3, toX: 7, fromZ: -3, toZ: 2 });
		expect(patchAt(6.5, 6)).toEqual({ fromX: 3, toX: 7, fromZ: 5, toZ: 9 });
		expect(patchAt(3, -7)).toEqual({ fromX: 3, toX: 7, fromZ: -8, toZ: -6 });
		expect(patchAt(9, 0)).toEqual({ fromX: 7, toX: 15, fromZ: -8, toZ: 1 });
	});

	it('is no rectangle on the bank, in what lies beside, on its rim and off the green', () => {
		for (const [x, z] of [
			[2, 0],
			[5, 3],
			[5, 2],
			[5, 5],
			[5, -3],
			[5, 9],
			[5, -8],
			[5, 12]
		] as const)
			expect(patchAt(x, z), `${x}, ${z}`).toBeNull();
	});

	it('holds one kind and one slope, whatever is asked for in it', () => {
		for (let x = 3; x < 15; x += 0.37)
			for (let z = -7.9; z < 9; z += 0.41) {
				const patch = patchAt(x, z);
				if (!patch) continue;
				const [here, there] = [new GroundSample(), new GroundSample()];
				one.sample(x, z, here);
				for (const s of [0.01, 0.5, 0.99]) {
					const u = patch.fromX + s * (patch.toX - patch.fromX);
					one.sample(u, patch.fromZ + s * (patch.toZ - patch.fromZ), there);
					expect({ ...there, height: 0 }).toEqual({ ...here, height: 0 });
				}
			}
	});
});
