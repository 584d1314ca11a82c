import { describe, expect, it } from 'vitest';
import { BallState } from '$lib/core/ball/state';
import { roll } from '$lib/core/ball/roll';
import { surfaceOf } from '$lib/core/green/surface';
import { GroundSample } from '$lib/core/ground/ground';
import { SURFACE } from '$lib/core/ground/surfaces';
import { sceneOf } from '$lib/core/plan/question/scene';
import { planRequestSchema, planRequestToCore } from './planRequest';

describe('surveyed ground of the contract', () => {
	const plane = (along: number, across: number) =>
		[0, 5, 10, 15].flatMap((x) => [-6, 0, 6].map((z) => [x, z, along * x - across * z]));
	const situation = (change: Record<string, unknown>) =>
		planRequestToCore(
			planRequestSchema.parse({
				situation: { toEdge: 3, edgeToPin: 8, stimpFeet: 10, ...change },
				player: { skill: 'middle' }
			})
		).situation;

	it('has the heights of its points, the ball at the origin and right on +z', () => {
		const { survey } = situation({ survey: { points: plane(0.02, 0.01) } });
		const surface = surfaceOf(survey!.green);
		// The core's map has z to the right as −v.
		expect(surface.height(10, 0) - surface.height(0, 0)).toBeCloseTo(0.2, 2);
		expect(surface.height(5, -4) - surface.height(5, 0)).toBeCloseTo(-0.04, 2);
		expect(survey!.kinds).toBe('stations');
	});

	it('rolls a ball as the slopes it shows would', () => {
		const rolled = (change: Record<string, unknown>) => {
			const scene = sceneOf(situation({ toEdge: 0.1, fringe: 'smooth', ...change }), {
				hazards: false,
				hole: false
			});
			const ball = new BallState();
			Object.assign(ball, { vx: 2, x: 0.5 });
			roll(ball, scene.ground, scene.greenSpeed, null);
			return ball;
		};
		const surveyed = rolled({ survey: { points: plane(-0.01, 0.015) } });
		const sloped = rolled({ slopeAlong: -1, slopeAcross: 1.5 });
		expect(surveyed.x).toBeCloseTo(sloped.x, 1);
		expect(surveyed.z).toBeCloseTo(sloped.z, 1);
		expect(surveyed.z).toBeGreaterThan(0.1);
	});

	it('keeps fringe and hazards at their stations', () => {
		const hazards = [{ kind: 'sand', from: 1, to: 2.5, height: 0.2 }];
		const scene = sceneOf(situation({ survey: { points: plane(0, 0) }, hazards }), {
			hazards: true,
			hole: false
		});
		const kindAt = (x: number) => {
			const sample = new GroundSample();
			scene.ground.sample(x, 0, sample);
			return sample.kind;
		};
		expect(kindAt(2)).toBe(SURFACE.sand);
		expect(kindAt(2.8)).toBe(SURFACE.smoothFringe);
		expect(kindAt(6)).toBe(SURFACE.green);
		expect(kindAt(40)).toBe(SURFACE.rough);
	});

	it('refuses points that are none, with their place', () => {
		const parsed = planRequestSchema.safeParse({
			situation: {
				toEdge: 3,
				edgeToPin: 8,
				stimpFeet: 10,
				survey: {
					points: [
						[0, 0, 0],
						[1, 'x', 0]
					]
				}
			},
			player: { skill: 'middle' }
		});
		expect(parsed.error?.issues[0]?.path).toEqual(['situation', 'survey', 'points', 1, 1]);
	});
});
