import { describe, expect, it } from 'vitest';
import { PROFILE } from '$lib/core/player/player';
import { somePlayer } from '../../../../tests/support/pupils';
import { shotRow } from '../rows/shot';
import { shotDraftSchema } from './shot';
import { shotRequest } from './shotRequest';

const shot = shotDraftSchema.parse({
	situation: { toEdge: 2, edgeToPin: 8, stimpFeet: 9, slopeAlong: 3 },
	pupilId: 'pupil-1'
});

describe('shotRequest', () => {
	it('carries player, bag and ground into the core’s units', () => {
		const request = shotRequest(shot, somePlayer({ skill: 'high', hand: 'left' }), 500, 9);
		expect(request).toMatchObject({ samples: 500, seed: 9, school: 'free' });
		expect(request.bag).toHaveLength(11);
		expect(request.player).toMatchObject({ hand: 'left', dispersion: PROFILE.high.dispersion });
		expect(request.situation.segments[0]!.slopeAlong).toBeCloseTo(0.03, 12);
	});
});

describe('a kept shot', () => {
	const saved = { id: 'a', name: 'One', savedAt: '2026-01-02T03:04:05.000Z', shot };

	it('survives writing and reading without loss', () => {
		expect(shotRow.parse(JSON.parse(JSON.stringify(saved)))).toEqual(saved);
	});

	it('is read although its numbers may not be asked about any more', () => {
		const far = { ...shot, situation: { ...shot.situation, toEdge: 95 } };
		expect(shotRow.safeParse({ ...saved, shot: far }).success).toBe(true);
		expect(shotDraftSchema.safeParse(far).success).toBe(false);
	});

	it('is not read where a number is none or a lie is unknown', () => {
		for (const change of [{ toEdge: '3' }, { toEdge: NaN }, { lie: 'on the moon' }])
			expect(
				shotRow.safeParse({
					...saved,
					shot: { ...shot, situation: { ...shot.situation, ...change } }
				}).success
			).toBe(false);
	});
});
