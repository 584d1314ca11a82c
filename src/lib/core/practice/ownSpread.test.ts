import { describe, expect, it } from 'vitest';
import { createRng } from '../math/random';
import { PROFILE, type Skill } from '../player/player';
import { flightSetup } from '../setup/flights';
import { DEFAULT_TECHNIQUE } from '../setup/technique';
import {
	clubNamed,
	hit,
	practisedBall,
	practiser,
	truth
} from '../../../../tests/support/practice';
import { drillScene } from '../solve/drillScene';
import { ownSpreadOf, type SpreadGroup } from './ownSpread';
import { loftPull, shotToCarry } from './practiseShot';

const { risk } = flightSetup('standard', DEFAULT_TECHNIQUE);

/** Balls that a player of one skill hits, as whoever presumes another sees them. */
function groupsOf(skill: Skill, balls: number, seed: number): SpreadGroup[] {
	const rng = createRng(seed);
	const who = truth({ skill });
	return [
		['SW', 8],
		['PW', 12],
		['9i', 15]
	].map(([club, carry]) => {
		const station = {
			club: String(club),
			flight: 'standard' as const,
			carry: Number(carry),
			balls
		};
		const shot = { club: clubNamed(station.club), flight: 'standard', shape: 'straight' } as const;
		const scene = drillScene(who.ground);
		const { speed } = shotToCarry(shot, station.carry, scene, practiser(skill))!;
		const pull = loftPull(shot, speed, scene, practiser(skill));
		return { balls: hit(station, who, rng), speed, risk, loftPull: pull, tagged: true };
	});
}

describe('own spread', () => {
	it('is what the skill presumes before any ball', () => {
		const { speed, direction, loft, lowPoint } = ownSpreadOf([], PROFILE.high.dispersion);
		for (const part of [speed, direction, loft, lowPoint])
			expect(part).toMatchObject({ data: null, n: 0, used: part.prior });
		expect(speed.prior).toBe(PROFILE.high.dispersion.speed);
	});

	it('leaves to the touch what a touch on a small drawing spreads', () => {
		const rng = createRng(11);
		const plain = groupsOf('expert', 30, 6);
		const blurred = (known: number): SpreadGroup[] =>
			plain.map((group) => ({
				...group,
				balls: group.balls.map((ball) => ({
					...ball,
					touchError: known,
					landed: [ball.landed[0] + 1.5 * rng.normal(), ball.landed[1]] as const
				}))
			}));
		const prior = PROFILE.middle.dispersion;
		const truth = ownSpreadOf(plain, prior).speed.used;
		expect(ownSpreadOf(blurred(0), prior).speed.used).toBeGreaterThan(1.2 * truth);
		expect(ownSpreadOf(blurred(1.5), prior).speed.used / truth).toBeLessThan(1.15);
	});

	it('lays to a flight that errs twice as much to the side half of what its balls do', () => {
		const groups = groupsOf('middle', 40, 8);
		const wider = groups.map((group) => ({
			...group,
			risk: { ...risk, direction: 2 * risk.direction }
		}));
		const prior = PROFILE.middle.dispersion;
		const [of, ofWider] = [groups, wider].map((one) => ownSpreadOf(one, prior).direction.data!);
		expect(ofWider! / of!).toBeCloseTo(0.5, 1);
	});

	it.each(['expert', 'middle', 'high'] as const)(
		'comes near the truth of a %s player, whatever was presumed',
		(skill) => {
			const presumed = skill === 'high' ? PROFILE.expert.dispersion : PROFILE.high.dispersion;
			const found = ownSpreadOf(groupsOf(skill, 80, 5), presumed);
			const { speed, direction, lowPoint } = PROFILE[skill].dispersion;
			expect(found.speed.used / speed).toBeGreaterThan(0.7);
			expect(found.speed.used / speed).toBeLessThan(1.5);
			expect(found.direction.used / direction).toBeGreaterThan(0.8);
			expect(found.direction.used / direction).toBeLessThan(1.25);
			expect(found.lowPoint.used / lowPoint).toBeGreaterThan(0.7);
			expect(found.lowPoint.used / lowPoint).toBeLessThan(1.4);
		}
	);

	it('moves from what is presumed toward the balls, the more the more there are', () => {
		const used = (balls: number) =>
			ownSpreadOf(groupsOf('expert', balls, 11), PROFILE.high.dispersion).direction.used;
		expect(used(4)).toBeLessThan(PROFILE.high.dispersion.direction);
		expect(used(40)).toBeLessThan(used(4));
	});

	it('says nothing of strikes nobody looked at, nor of landings nobody saw', () => {
		const [group] = groupsOf('middle', 20, 2);
		const unseen = ownSpreadOf([{ ...group!, tagged: false }], PROFILE.middle.dispersion);
		expect(unseen.lowPoint.data).toBeNull();
		const inferred = group!.balls.map((ball) => ({ ...ball, inferred: true }));
		const guessed = ownSpreadOf([{ ...group!, balls: inferred }], PROFILE.middle.dispersion);
		expect([guessed.speed.data, guessed.direction.data]).toEqual([null, null]);
		const alone = { ...group!, balls: [practisedBall()] };
		expect(ownSpreadOf([alone], PROFILE.middle.dispersion).speed.n).toBe(0);
	});

	it('does not take reading errors for a player’s', () => {
		const still = Array.from({ length: 40 }, (_, i) =>
			practisedBall({ landed: [6 + (i % 2 ? 0.05 : -0.05), 0] })
		);
		const [group] = groupsOf('middle', 2, 1);
		const found = ownSpreadOf([{ ...group!, balls: still }], PROFILE.middle.dispersion);
		expect(found.speed.data).toBeNull();
		expect(found.speed.under).toBeLessThan(PROFILE.middle.dispersion.speed / 2);
		expect(found.speed.used).toBeGreaterThan(0);
	});

	/** Landings of a player made without the engine: head speed spreads a carry, and whoever notes it is off. */
	function plain(speed: number, n: number, seed: number): SpreadGroup {
		const rng = createRng(seed);
		const carry = 8;
		return {
			balls: Array.from({ length: n }, () => {
				const share = 1 + 2 * speed * rng.normal();
				return practisedBall({ landed: [carry * share + 0.1 * rng.normal(), 0.1 * rng.normal()] });
			}),
			speed: 8,
			risk: { speed: 1, direction: 1, loft: 0, lowPoint: 1 },
			loftPull: 0,
			tagged: false
		};
	}

	it('of a steady player is small, never nothing, and near the truth at five balls', () => {
		const { dispersion } = PROFILE.expert;
		const used = Array.from(
			{ length: 200 },
			(_, seed) => ownSpreadOf([plain(dispersion.speed, 5, seed + 1)], dispersion).speed
		);
		for (const part of used) {
			expect(part.data).not.toBe(0);
			expect(part.used / dispersion.speed).toBeLessThan(1.5);
			expect(part.used / dispersion.speed).toBeGreaterThan(1 / 1.5);
		}
	});

	it('comes to a player’s own with many balls, from above and from below', () => {
		for (const [truth, presumed] of [
			[0.03, 0.07],
			[0.09, 0.04]
		] as const) {
			const prior = { ...PROFILE.middle.dispersion, speed: presumed };
			const groups = [1, 2, 3, 4].map((seed) => plain(truth, 30, seed));
			const { used, data } = ownSpreadOf(groups, prior).speed;
			expect(used / truth).toBeGreaterThan(0.85);
			expect(used / truth).toBeLessThan(1.25);
			expect(data! / truth).toBeGreaterThan(0.8);
		}
	});
});
