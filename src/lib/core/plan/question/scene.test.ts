import { describe, expect, it } from 'vitest';
import { question } from '../../../../../tests/support/scenes';
import { GroundSample, type Ground } from '../../ground/ground';
import { SURFACE } from '../../ground/surfaces';
import { sceneOf } from './scene';

const scene = (situation: Record<string, unknown>, hazards = true) =>
	sceneOf(question({ toEdge: 6, edgeToPin: 9, ...situation }).situation, { hazards, hole: true });
const at = (ground: Ground, x: number, z = 0) => {
	const sample = new GroundSample();
	ground.sample(x, z, sample);
	return sample;
};
const kinds = (ground: Ground, places: readonly [number, number][]) =>
	places.map(([x, z]) => at(ground, x, z).kind);

describe('what a ball meets', () => {
	it('has each hazard’s own surface where it lies across, and stands up to its height', () => {
		const hazards = [
			{ kind: 'sand', from: 1, to: 2, height: 0.4 },
			{ kind: 'water', from: 2.5, to: 3 },
			{ kind: 'rough', from: 3.5, to: 4 },
			{ kind: 'mound', from: 4.5, to: 5, height: 0.6 }
		];
		const { ground, obstacles } = scene({ hazards });
		expect(
			kinds(ground, [
				[1.5, 0],
				[2.7, 3],
				[3.7, -3],
				[4.7, 0],
				[5.5, 0]
			])
		).toEqual([SURFACE.sand, SURFACE.water, SURFACE.rough, SURFACE.mound, SURFACE.smoothFringe]);
		expect(obstacles).toEqual([
			{ at: 2, height: 0.4 },
			{ at: 4.75, height: 0.6 }
		]);
	});

	it('has those beside the line from their offset outwards, on their own side only', () => {
		const hazards = [{ kind: 'water', from: 7, to: 12, side: 'left', offset: 3 }];
		const { ground, obstacles } = scene({ hazards });
		expect(
			kinds(ground, [
				[9, -2.9],
				[9, -3.1],
				[9, 3.1],
				[12.1, -4]
			])
		).toEqual([SURFACE.green, SURFACE.water, SURFACE.green, SURFACE.green]);
		expect(obstacles).toEqual([]);
	});

	it('is bare without hazards, and has a hole at the pin only where one is wanted', () => {
		const hazards = [{ kind: 'sand', from: 1, to: 2, height: 0.4 }];
		const bare = scene({ hazards }, false);
		expect([at(bare.ground, 1.5).kind, bare.obstacles]).toEqual([SURFACE.smoothFringe, []]);
		expect(bare.hole).toEqual({ x: 15, z: 0 });
		const { situation } = question({ toEdge: 6, edgeToPin: 9 });
		expect(sceneOf(situation, { hazards: false, hole: false }).hole).toBeNull();
	});

	it('leans with grass that grows across, and not with grass that grows along', () => {
		const lean = (grain: string) => at(scene({ grain, slopeAcross: 1 }).ground, 10).gradientZ;
		expect(lean('none')).toBeCloseTo(-0.01, 12);
		expect(lean('right')).toBeCloseTo(-0.016, 12);
		expect(lean('left')).toBeCloseTo(-0.004, 12);
		expect(lean('with')).toBeCloseTo(-0.01, 12);
		const speed = (grain: string) => scene({ grain }).greenSpeed;
		expect(speed('with')).toBeGreaterThan(speed('none'));
		expect(speed('against')).toBeLessThan(speed('none'));
		expect(speed('right')).toBe(speed('none'));
	});

	it('grows what is said before the edge, stretch by stretch, and ends beside the green', () => {
		const { ground } = scene({
			grass: [
				{ kind: 'rough', length: 2 },
				{ kind: 'grainy', length: 1 }
			],
			width: { left: 4, right: 5 }
		});
		expect(
			kinds(ground, [
				[1, 0],
				[2.5, 0],
				[5.9, 0],
				[9, -3.9],
				[9, -4.1],
				[9, 5.1]
			])
		).toEqual([
			SURFACE.roughFringe,
			SURFACE.grainyFringe,
			SURFACE.grainyFringe,
			SURFACE.green,
			SURFACE.rough,
			SURFACE.rough
		]);
	});
});
