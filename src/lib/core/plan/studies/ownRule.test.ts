import { describe, expect, it } from 'vitest';
import { question } from '../../../../../tests/support/scenes';
import { createRng } from '../../math/random';
import { searchRules, type OwnRule, type RuleSearch } from './ownRule';
import { ruleShot, type Pace, type RuleShot } from './ruleShot';

const NUMBERS = [6, 7, 8, 9, 10, 11, 12];
const PACE = 0.9;

/** Shots of a world in which one club is right, and each club away from it costs a fifth of a stroke. */
function world(
	right: (shot: Omit<RuleShot, 'strokes' | 'schools'>) => number,
	seed = 1
): RuleShot[] {
	const rng = createRng(seed);
	return Array.from({ length: 120 }, (_, i) => {
		const shot = {
			carry: PACE * (1 + Math.floor(6 * rng.uniform())),
			roll: PACE * (1 + Math.floor(18 * rng.uniform())),
			slope: [-0.02, 0, 0.02][i % 3]!,
			pace: (['slow', 'usual', 'quick'] as Pace[])[Math.floor(i / 3) % 3]!
		};
		const club = Math.max(0, Math.min(NUMBERS.length - 1, right(shot)));
		return { ...shot, strokes: NUMBERS.map((_, k) => 2.5 + 0.2 * Math.abs(k - club)), schools: [] };
	});
}

const best = ({ rules }: RuleSearch): OwnRule => rules[0]!.rule;

describe('a rule to take along', () => {
	it('is the one that made the world, corrections and all: units taken from a number', () => {
		for (const seed of [1, 2, 3]) {
			const found = searchRules(
				world(({ carry, roll, slope, pace }) => {
					const units = Math.round(roll / PACE / Math.round(carry / PACE));
					const hill = slope > 0 ? -1 : slope < 0 ? 1 : 0;
					return (
						NUMBERS.indexOf(Math.max(6, Math.min(12, 11 - units))) +
						hill +
						(pace === 'quick' ? 1 : 0)
					);
				}, seed),
				NUMBERS,
				PACE
			);
			expect(best(found)).toMatchObject({
				form: 'minus',
				from: 11,
				uphill: 1,
				downhill: 1,
				slow: 0,
				quick: 1
			});
			expect(found.rules[0]!.loses).toBeCloseTo(0, 9);
			expect(found.rules[0]!.worst).toBeCloseTo(0, 9);
		}
	});

	it('is the one that made the world: a fraction per club, or three windows', () => {
		const byShare = (clubs: readonly [number, number][]) =>
			world(({ carry, roll }) => {
				const share = carry / (carry + roll);
				return clubs.reduce((a, b) =>
					Math.abs(Math.log(b[1] / share)) < Math.abs(Math.log(a[1] / share)) ? b : a
				)[0];
			});
		const fractions = searchRules(
			byShare([
				[0, 1 / 6],
				[2, 1 / 3],
				[4, 3 / 5]
			]),
			NUMBERS,
			PACE
		);
		expect(best(fractions)).toMatchObject({
			form: 'fractions',
			clubs: [
				{ club: 0, share: 1 / 6 },
				{ club: 2, share: 1 / 3 },
				{ club: 4, share: 3 / 5 }
			]
		});
		const windows = searchRules(
			byShare([
				[2, 1 / 4],
				[4, 1 / 2],
				[6, 3 / 4]
			]),
			NUMBERS,
			PACE
		);
		const judged = windows.rules.find(({ rule }) => rule.form === 'windows')!;
		expect(judged.loses).toBeCloseTo(0, 9);
	});

	it('says where it is worst, and never loses more than the trade’s own of its form', () => {
		const shots = world(({ carry, roll }) => {
			const units = Math.round(roll / PACE / Math.round(carry / PACE));
			return NUMBERS.indexOf(Math.max(6, Math.min(12, 12 - units)));
		}).map((shot) => ({ ...shot, schools: [{ id: 'rule-of-twelve' as const, club: 3 }] }));
		const { rules, schools } = searchRules(shots, NUMBERS, PACE);
		const minus = rules.find(({ rule }) => rule.form === 'minus')!;
		expect(minus.loses).toBeLessThanOrEqual(schools[0]!.loses);
		expect(schools[0]!.worst).toBeGreaterThan(schools[0]!.loses);
		for (const { failsAt, worst } of rules) {
			expect(failsAt).toBeLessThan(shots.length);
			expect(worst).toBeGreaterThanOrEqual(0);
		}
	});

	it('is made of what the engine plays: every club landed on the spot of the trade', () => {
		const clubs = ['6i', '8i', '9i', 'PW', 'SW'];
		const shot = ruleShot(question({ toEdge: 2, edgeToPin: 10 }), 'usual', clubs);
		expect(shot.carry).toBeCloseTo(2.9, 9);
		expect(shot.roll).toBeCloseTo(9.1, 9);
		expect(shot.strokes).toHaveLength(5);
		for (const strokes of shot.strokes) expect(strokes).toBeGreaterThan(1.5);
		// Three of ground for one of air: a sand wedge is no club for that.
		expect(shot.strokes[4]!).toBeGreaterThan(Math.min(...shot.strokes) + 0.02);
		expect(shot.schools.map(({ id }) => id)).toContain('rule-of-twelve');
		const gone = ruleShot(question({ toEdge: 2, edgeToPin: 10 }), 'quick', ['none', 'PW']);
		expect(gone.strokes[0]).toBe(Infinity);
		expect(gone.pace).toBe('quick');
	});
});
