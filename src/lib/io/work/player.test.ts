import { describe, expect, it } from 'vitest';
import { PROFILE } from '$lib/core/player/player';
import { clubToCore, STANDARD_BAG_WIRE } from './club';
import { golferDraftSchema, ownCostsOf, playerToCore, spreadOf, type Golfer } from './player';

const bag = STANDARD_BAG_WIRE.map(clubToCore);
const golfer = (change: Partial<Golfer> = {}): Golfer => ({
	...golferDraftSchema.parse({ skill: 'high', hand: 'left' }),
	...change
});

describe('who plays', () => {
	it('starts from the profile of the skill', () => {
		expect(playerToCore(golfer(), bag)).toMatchObject({
			hand: 'left',
			swings: {},
			...PROFILE.high
		});
	});

	it('prefers the player’s own spread to the skill’s', () => {
		const own = { speed: 4.7, direction: 2.5, loft: 1.4, lowPoint: 0.9 };
		const { dispersion } = playerToCore(golfer({ spread: own }), bag);
		const { scratch } = PROFILE;
		expect(dispersion.speed).toBeCloseTo(scratch.dispersion.speed, 12);
		expect(dispersion.direction).toBeCloseTo(scratch.dispersion.direction, 12);
		expect(dispersion.loft).toBeCloseTo(scratch.dispersion.loft, 12);
		expect(dispersion.lowPoint).toBeCloseTo(0.009, 12);
		expect(spreadOf({ skill: 'scratch' })).toEqual(own);
	});

	it('prefers the player’s own costs: half the putts holed from 5 ft stretch the table by 8/5', () => {
		const own = { holedHalf: 1.524, around: 0.5, sand: 0.9 };
		const { costs } = playerToCore(golfer({ costs: own }), bag);
		expect(costs.puttStretch).toBeCloseTo(1.6, 9);
		expect(costs).toMatchObject({ around: 0.5, sand: 0.9 });
	});

	it('says a skill’s costs in the units they are typed in, and comes back from them', () => {
		for (const skill of ['expert', 'scratch', 'middle', 'high'] as const) {
			const { costs } = playerToCore(golfer({ skill, costs: ownCostsOf({ skill }) }), bag);
			for (const key of ['puttStretch', 'around', 'sand'] as const)
				expect(costs[key]).toBeCloseTo(PROFILE[skill].costs[key], 9);
		}
	});

	it('works head speeds out again only when carries, clubs or the swinger change', () => {
		const carries = [
			{ club: 'SW', swing: '8', carry: 6 },
			{ club: 'SW', swing: '9', carry: 11 }
		];
		const first = playerToCore(golfer({ carries }), bag).swings;
		expect(first['SW']!.known.map(({ speed }) => speed)).toHaveLength(2);
		expect(playerToCore(golfer({ carries, vocabulary: 'body' }), bag).swings).toBe(first);
		const moved = bag.map((club) =>
			club.id === 'SW' ? { ...club, loft: club.loft + 0.05 } : club
		);
		const steeper = playerToCore(golfer({ carries }), moved).swings;
		expect(steeper['SW']!.known[0]!.speed).not.toBe(first['SW']!.known[0]!.speed);
	});

	it('refuses a spread that no player has', () => {
		const spread = { speed: 90, direction: 2, loft: 2, lowPoint: 1 };
		expect(golferDraftSchema.safeParse({ spread }).success).toBe(false);
	});
});
