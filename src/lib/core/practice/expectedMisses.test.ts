import { describe, expect, it } from 'vitest';
import { clubNamed, drillGround, practisedBall, truth } from '../../../../tests/support/practice';
import { createRng } from '../math/random';
import type { Skill } from '../player/player';
import { expectedMisses, type MissKind } from './expectedMisses';
import { habitsOf, type Miss, type MissedBall } from './habits';
import { hitBalls, type SeenBall } from './simulatedPupil';
import { isAsMeant } from './yardstick';

const RULES = { measure: 'roll-out', mark: 'stick', tolerance: 0.75 } as const;
const MARK = 6;
const BALLS = 40;
const who = (skill: Skill) => truth({ skill, ground: drillGround() });
const shot = { club: clubNamed('SW'), flight: 'standard', shape: 'straight' } as const;
const pools = Object.fromEntries(
	(['expert', 'scratch', 'middle', 'high'] as const).map((skill) => [
		skill,
		hitBalls(shot, MARK, 300, who(skill), createRng(5))
	])
) as Record<Skill, SeenBall[]>;

/** What somebody does to a ball besides what their skill does. */
type Fault = (seen: SeenBall, random: () => number) => Partial<SeenBall> & { thin?: boolean };

/** A pupil's balls on two days, from hits that the pool has not seen, each day a little long or short. */
function practice(skill: Skill, seed: number, fault: Fault = () => ({})): MissedBall[] {
	const rng = createRng(1000 + seed);
	const days = [1, 2].map(() => 1 + 0.06 * rng.normal());
	return hitBalls(shot, MARK, BALLS, who(skill), rng).map((seen, i): MissedBall => {
		const { thin, ...changed } = fault(seen, () => rng.uniform());
		const { landed, finished, contact } = { ...seen, ...changed };
		const day = Math.floor((2 * i) / BALLS);
		const ball = practisedBall({
			landed: [landed[0] * days[day]!, landed[1]],
			finished,
			meant: MARK,
			tags: thin ? ['thin'] : contact === 'clean' ? [] : [contact]
		});
		return {
			...ball,
			lie: 'fairway',
			day: String(day),
			flag: null,
			rules: RULES,
			tagged: true,
			asMeant: isAsMeant(RULES, 0, ball)
		};
	});
}

const told = (kind: MissKind): Miss[] =>
	habitsOf(kind.balls, expectedMisses([kind], 3)).flatMap(({ miss, stands }) =>
		stands ? [miss] : []
	);
const share = (skill: Skill, pupils: number, fault?: Fault, which?: Miss): number =>
	Array.from({ length: pupils }, (_, seed) =>
		told({ balls: practice(skill, seed, fault), pool: pools[skill] })
	).filter((habits) => (which ? habits.includes(which) : habits.length > 0)).length / pupils;

describe('misses that a skill explains', () => {
	// Every skill, fault and number of balls is counted by `npm run intervals`.
	it.each(['expert', 'high'] as const)('are no habit of an honest %s player', (skill) => {
		// Forty balls each: in 24 pupils a rate of 5 % shows four or more three times in a hundred.
		expect(share(skill, 24)).toBeLessThan(4 / 24);
	});

	it('are expected as often as they come', () => {
		const balls = Array.from({ length: 12 }, (_, seed) => practice('middle', seed)).flat();
		const missed = balls.filter(({ asMeant }) => !asMeant).length;
		const expected = [...expectedMisses([{ balls, pool: pools.middle }], 1).values()];
		const sum = expected.reduce((all, { count }) => all + count, 0);
		expect(sum / missed).toBeGreaterThan(0.9);
		expect(sum / missed).toBeLessThan(1.15);
	});

	it('are none where nothing is known of the skill with that club', () => {
		expect(told({ balls: practice('middle', 1), pool: [] })).toEqual([]);
	});
});

describe('habits', () => {
	const right: Fault = ({ landed, finished }) => {
		const by = Math.tan((6 * Math.PI) / 180);
		return { landed: [landed[0], landed[1] + by * landed[0]], finished };
	};
	const thin: Fault = (_, random) => (random() < 0.3 ? { landed: [8.5, 0.4], thin: true } : {});
	const short: Fault = ({ landed }) => ({ landed: [0.75 * landed[0], landed[1]] });

	it.each([
		['6° to the right', right, 'right', 'expert', 0.8],
		['thin three times in ten', thin, 'thin', 'middle', 0.8],
		['a quarter short', short, 'short', 'scratch', 0.6]
	] as const)('of %s are mostly told in forty balls', (_, fault, miss, skill, power) => {
		expect(share(skill, 12, fault, miss)).toBeGreaterThanOrEqual(power);
	});
});
