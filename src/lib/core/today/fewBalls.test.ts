import { describe, expect, it } from 'vitest';
import { clubNamed, practiser } from '../../../../tests/support/practice';
import { createRng } from '../math/random';
import { fromFeet, radians } from '../units';
import { learnFrom, type FewBall } from './fewBalls';
import { ratiosToday, ratioWith, usuallyKnown } from './ratios';

const green = { greenSpeed: fromFeet(10), firmness: 'medium', wet: false } as const;
const question = { green, player: practiser() };
const known = usuallyKnown(practiser().delivered, fromFeet(1));

/** Balls as the engine rolls them for this truth, spread as rolls are. */
function hit(
	truth: { speed: number; loft: number },
	clubs: readonly string[],
	seed: number | null = null
): FewBall[] {
	const rng = createRng(seed ?? 1);
	return clubs.map((name) => {
		const club = clubNamed(name);
		const carry = 3;
		const { roll } = ratioWith(question, club, carry, 0, truth)!;
		const spread = seed === null ? 0 : Math.hypot(0.12 * roll, 0.25) * rng.normal();
		return { club, carry, roll: Math.max(0.1, roll + spread), slope: 0 };
	});
}

describe('a few balls', () => {
	it('leave everything as it was where there is none', () => {
		const { speed, loft, known: still } = learnFrom(question, known, []);
		expect([speed, loft]).toEqual([0, 0]);
		for (const key of ['speed', 'loft', 'together'] as const)
			expect(still[key]).toBeCloseTo(known[key], 12);
	});

	it('move what is taken for speed and loft toward what makes such rolls, and make it surer', () => {
		const quick = learnFrom(
			question,
			known,
			hit({ speed: fromFeet(2), loft: 0 }, ['PW', '8i', 'SW'])
		);
		expect(quick.speed).toBeGreaterThan(fromFeet(0.15));
		expect(quick.known.speed).toBeLessThan(known.speed);
		const steep = learnFrom(
			question,
			known,
			hit({ speed: 0, loft: radians(5) }, ['PW', 'PW', 'PW'])
		);
		expect(steep.loft).toBeGreaterThan(radians(1));
		// Less speed or more loft: one club does not say which.
		expect(steep.known.together).toBeGreaterThan(0.3);
	});

	it('leave out a ball that no swing of this club makes', () => {
		const odd = { ...hit({ speed: 0, loft: 0 }, ['LW'])[0]!, carry: 140 };
		expect(learnFrom(question, known, [odd])).toMatchObject({ speed: 0, loft: 0 });
	});

	it.each([
		['one club', ['PW', 'PW', 'PW']],
		['three clubs', ['LW', 'PW', '8i']]
	])('hold the truth within nine tenths in 85 to 97 of 100 seeds: %s', (_, clubs) => {
		const seeds = 300;
		const held = { speed: 0, loft: 0, ratio: 0 };
		for (let seed = 1; seed <= seeds; seed++) {
			const rng = createRng(9000 + seed);
			const truth = { speed: known.speed * rng.normal(), loft: known.loft * rng.normal() };
			const found = learnFrom(question, known, hit(truth, clubs, seed));
			const within = (value: number, about: number, error: number) =>
				Math.abs(value - about) <= 1.645 * error ? 1 : 0;
			held.speed += within(found.speed, truth.speed, found.known.speed);
			held.loft += within(found.loft, truth.loft, found.known.loft);
			const delivered = { loft: { standard: found.loft }, grip: 1 };
			const [row] = ratiosToday({
				green: { ...green, greenSpeed: green.greenSpeed + found.speed },
				known: found.known,
				clubs: [clubNamed('9i')],
				player: { ...practiser(), delivered },
				carries: [3],
				slopes: [0]
			});
			const really = ratioWith(question, clubNamed('9i'), 3, 0, truth)!.ratio;
			held.ratio += row!.low <= really && really <= row!.high ? 1 : 0;
		}
		for (const share of Object.values(held)) {
			expect(share / seeds).toBeGreaterThanOrEqual(0.85);
			expect(share / seeds).toBeLessThanOrEqual(0.97);
		}
	});
});
