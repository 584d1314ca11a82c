import { describe, expect, it } from 'vitest';
import { STANDARD_BAG } from '../club/standardBag';
import {
	dispersionWith,
	fastestSwing,
	HANDICAP,
	HANDICAPS,
	nearestSkill,
	PROFILE,
	profileAt,
	type Player
} from './player';

const club = (name: string) => STANDARD_BAG.find((found) => found.name === name)!;
const of = (
	skill: keyof typeof PROFILE,
	spread?: number
): Pick<Player, 'dispersion' | 'costs' | 'swings'> => ({
	...PROFILE[skill],
	swings: spread === undefined ? {} : { SW: { known: [], spread } }
});

describe('a player’s spread', () => {
	it('is the skill’s, with the speed as measured with that club', () => {
		expect(dispersionWith(club('SW'), of('middle'))).toEqual(PROFILE.middle.dispersion);
		expect(dispersionWith(club('SW'), of('middle', 0.03))).toEqual({
			...PROFILE.middle.dispersion,
			speed: 0.03
		});
		expect(dispersionWith(club('PW'), of('middle', 0.03))).toEqual(PROFILE.middle.dispersion);
	});

	it('with a putter grows with the putting alone: direction and launch with the stretch, pace less', () => {
		const [expert, high] = [of('expert'), of('high')].map((player) =>
			dispersionWith(club('Putter'), player)
		);
		const stretch = PROFILE.high.costs.puttStretch / PROFILE.expert.costs.puttStretch;
		expect(high!.direction / expert!.direction).toBeCloseTo(stretch, 12);
		expect(high!.loft / expert!.loft).toBeCloseTo(stretch, 12);
		expect(high!.speed / expert!.speed).toBeCloseTo(stretch ** 0.4, 12);
		expect([high!.lowPoint, expert!.lowPoint]).toEqual([0, 0]);
		expect(expert!.speed).toBe(0.03);
	});
});

describe('the fastest swing', () => {
	it('shrinks with strength, but not with a putter', () => {
		const [strong, weak] = [{ strength: 1 }, { strength: 0.8 }];
		expect(fastestSwing(club('SW'), weak) / fastestSwing(club('SW'), strong)).toBeCloseTo(0.8, 12);
		expect(fastestSwing(club('Putter'), weak)).toBe(fastestSwing(club('Putter'), strong));
	});
});

describe('a player by handicap', () => {
	it('has the numbers of the skills at their points', () => {
		for (const skill of ['expert', 'scratch', 'middle', 'high'] as const) {
			const { dispersion, strength, costs } = profileAt(HANDICAP[skill]);
			const of = PROFILE[skill];
			const near = (known: Record<string, number>) =>
				Object.fromEntries(
					Object.entries(known).map(([key, value]) => [key, expect.closeTo(value, 12) as number])
				);
			expect(dispersion, skill).toEqual(near({ ...of.dispersion }));
			expect(costs, skill).toEqual(near({ ...of.costs }));
			expect(strength, skill).toBeCloseTo(of.strength, 12);
			expect(nearestSkill(HANDICAP[skill])).toBe(skill);
		}
	});

	it('gets worse in everything with every stroke of handicap, from plus six to forty', () => {
		for (let handicap = HANDICAPS.least; handicap < HANDICAPS.most; handicap++) {
			const [one, worse] = [profileAt(handicap), profileAt(handicap + 1)];
			expect(worse.dispersion.speed).toBeGreaterThan(one.dispersion.speed);
			expect(worse.dispersion.direction).toBeGreaterThan(one.dispersion.direction);
			expect(worse.strength).toBeLessThan(one.strength);
			expect(worse.costs.puttStretch).toBeGreaterThan(one.costs.puttStretch);
			expect(worse.costs.around).toBeGreaterThanOrEqual(one.costs.around);
			const costs: number[] = Object.values({ ...worse.costs });
			expect(Math.min(...costs)).toBeGreaterThanOrEqual(0);
		}
		expect(profileAt(99)).toEqual(profileAt(HANDICAPS.most));
		expect(profileAt(-99)).toEqual(profileAt(HANDICAPS.least));
	});
});
