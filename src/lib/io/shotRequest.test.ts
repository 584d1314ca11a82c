import { describe, expect, it } from 'vitest';
import { DISPERSION } from '$lib/core/player/player';
import { STANDARD_BAG_WIRE } from './contract/club';
import { savedShotSchema, workingShotSchema } from './savedShot';
import { dispersionOf, shotRequest, spreadOf } from './shotRequest';

const shot = workingShotSchema.parse({
	situation: { toEdge: 2, edgeToPin: 8, stimpFeet: 9, slopeAlong: 3 },
	golfer: { skill: 'high', hand: 'left' },
	bag: STANDARD_BAG_WIRE
});

describe('shotRequest', () => {
	it('carries player, bag and ground into the core’s units', () => {
		const request = shotRequest(shot, 500, 9);
		expect(request).toMatchObject({ samples: 500, seed: 9, school: 'free' });
		expect(request.bag).toHaveLength(11);
		expect(request.player).toMatchObject({ hand: 'left', dispersion: DISPERSION.high });
		expect(request.situation.segments[0]!.slopeAlong).toBeCloseTo(0.03, 12);
	});

	it('prefers the player’s own spread to the skill’s', () => {
		const own = { speed: 5, direction: 2, loft: 1.5, lowPoint: 1 };
		const mine = dispersionOf({ ...shot.golfer, spread: own });
		expect(mine.speed).toBeCloseTo(DISPERSION.scratch.speed, 12);
		expect(mine.direction).toBeCloseTo(DISPERSION.scratch.direction, 12);
		expect(mine.lowPoint).toBeCloseTo(DISPERSION.scratch.lowPoint, 12);
		expect(spreadOf('scratch')).toEqual(own);
	});
});

describe('saved shots', () => {
	it('survives writing and reading without loss', () => {
		const saved = { id: 'a', name: 'One', savedAt: '2026-01-02T03:04:05.000Z', shot };
		expect(savedShotSchema.parse(JSON.parse(JSON.stringify(saved)))).toEqual(saved);
	});

	it('refuses a spread that no player has', () => {
		const golfer = { ...shot.golfer, spread: { speed: 90, direction: 2, loft: 2, lowPoint: 1 } };
		expect(workingShotSchema.safeParse({ ...shot, golfer }).success).toBe(false);
	});
});
