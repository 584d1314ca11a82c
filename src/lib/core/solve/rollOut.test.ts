import { AS_MODELLED } from '$lib/core/player/delivered';
import { describe, expect, it } from 'vitest';
import { STANDARD_BAG } from '../club/standardBag';
import { PROFILE } from '../player/player';
import { DEFAULT_TECHNIQUE } from '../setup/technique';
import type { LevelGreen } from './levelScene';
import { rollOut } from './rollOut';

const player = { technique: DEFAULT_TECHNIQUE, delivered: AS_MODELLED, ...PROFILE.middle };
const medium: LevelGreen = { greenSpeed: 3.05, firmness: 'medium', wet: false };
const roll = (name: string, carry: number, green: Partial<LevelGreen> = {}) =>
	rollOut(
		STANDARD_BAG.find((club) => club.name === name)!,
		carry,
		{ ...medium, ...green },
		player
	)!;

describe('roll-out on a level green', () => {
	it('grows with less loft, with carry, on a quicker, a firmer and a drier green', () => {
		expect(roll('7i', 4)).toBeGreaterThan(roll('PW', 4));
		expect(roll('PW', 4)).toBeGreaterThan(roll('LW', 4));
		expect(roll('PW', 6)).toBeGreaterThan(roll('PW', 3));
		expect(roll('PW', 4, { greenSpeed: 3.6 })).toBeGreaterThan(roll('PW', 4));
		expect(roll('SW', 12, { firmness: 'firm' })).toBeGreaterThan(roll('SW', 12));
		expect(roll('SW', 12, { wet: true })).toBeLessThan(roll('SW', 12));
	});

	it('is unknown past what the player can carry', () => {
		expect(roll('LW', 140)).toBeNull();
	});
});
