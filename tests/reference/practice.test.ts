import { sampleCovariance, sampleStandardDeviation, sampleVariance } from 'simple-statistics';
import { describe, expect, it } from 'vitest';
import { cloudOf, ellipseOf } from '$lib/core/math/ellipse';
import { createRng } from '$lib/core/math/random';
import { normalTail } from '$lib/core/math/normalTail';
import { trendOf } from '$lib/core/practice/trend';
import { compareShares, luckOfAtLeast, shareOf } from '$lib/core/math/share';
import { degrees, fromFeet, radians } from '$lib/core/units';
import { wildBalls } from '$lib/core/practice/grouping';
import { AS_SAID } from '$lib/core/practice/rollResponse';
import { fitRolls, settlingBall } from '$lib/core/practice/rollFit';
import type { RollStation } from '$lib/core/practice/rollProblem';
import { drillGround, hit, responseOf, truth, type Station } from '../support/practice';

describe('statistics of practice', () => {
	// The package simple-statistics on the same numbers.
	it('agree with a reference library', () => {
		const rng = createRng(4);
		const points = Array.from({ length: 25 }, () => [rng.normal() * 2 + 3, rng.uniform()] as const);
		const [xs, ys] = [points.map(([x]) => x), points.map(([, y]) => y)];
		const cloud = cloudOf(points);
		expect(cloud.xx).toBeCloseTo(sampleVariance(xs), 10);
		expect(cloud.yy).toBeCloseTo(sampleVariance(ys), 10);
		expect(cloud.xy).toBeCloseTo(sampleCovariance(xs, ys), 10);
		const round = ellipseOf({ x: 0, y: 0, xx: 1, xy: 0, yy: 1 }, 0.5);
		// Half of a round normal lies within 1.1774 deviations (the median of the Rayleigh distribution, √(2 ln 2)).
		expect(round.long).toBeCloseTo(1.17741, 5);
		expect(sampleStandardDeviation(xs) ** 2).toBeCloseTo(cloud.xx, 10);
	});

	// R. G. Newcombe, Two-sided confidence intervals for the single proportion, Statistics in Medicine 17 (1998), score method without
	// continuity correction, 95 %; values from memory.
	it.each([
		[81, 263, 0.2553, 0.3662],
		[15, 148, 0.0624, 0.1605],
		[0, 20, 0, 0.1611],
		[1, 29, 0.0061, 0.1718]
	])('give the score interval of %i of %i', (hits, of, low, high) => {
		const found = shareOf(hits, of, 0.95);
		expect(found.low).toBeCloseTo(low, 4);
		expect(found.high).toBeCloseTo(high, 4);
	});

	it('know nothing of a share of nothing', () => {
		expect(shareOf(0, 0)).toMatchObject({ low: 0, high: 1 });
	});
});

const LADDER: Station[] = ['LW', 'GW', '9i', '7i'].map((club) => ({
	club,
	flight: 'standard',
	carry: 3,
	balls: 6
}));
const ONE_CLUB: Station[] = [{ club: 'SW', flight: 'standard', carry: 6, balls: 20 }];
const THREE_FLIGHTS: Station[] = (['low', 'standard', 'high'] as const).map((flight) => ({
	club: 'SW',
	flight,
	carry: 5,
	balls: 8
}));

type Truth = ReturnType<typeof truth>;

/** A green that was read with a ramp and a level. */
const READ = { firmness: 0, speedError: fromFeet(0.4), slopeError: 0.005 };

/** What the app sees of a session: balls that count, and the engine's table for each station on the green as it was read. */
const seen = (design: readonly Station[], who: Truth, seed: number, tooFar = 0): RollStation[] => {
	const rng = createRng(seed);
	return design.map((station) => {
		const balls = hit(station, who, rng);
		const wild = wildBalls(balls);
		return {
			club: station.club,
			flight: station.flight,
			response: responseOf(station, truth({ skill: who.skill })),
			balls: balls
				.filter((ball, i) => !wild[i] && ball.tags.length === 0)
				.map(({ landed, finished }) => ({
					carry: landed[0] + tooFar,
					roll: finished![0] - landed[0] - tooFar
				}))
		};
	});
};

/** A pupil, a green and a watcher as is presumed of them. */
function somebody(seed: number, skill: Truth['skill']): { who: Truth; tooFar: number } {
	const rng = createRng(5000 + seed);
	const ground = drillGround({
		greenSpeed: fromFeet(10) + READ.speedError * rng.normal(),
		slopeAlong: READ.slopeError * rng.normal()
	});
	const who = truth({
		skill,
		ground,
		loft: radians(4) * rng.normal(),
		grip: 1 + 0.2 * rng.normal(),
		firmness: 0.4 * rng.normal()
	});
	return { who, tooFar: 0.15 * rng.normal() };
}

// Simulated pupils of the engine with errors of strike and of reading; what they deliver is drawn as it is presumed.
describe('fit of roll-outs', () => {
	it.each([
		['a ladder', LADDER, 'middle'],
		['three flights', THREE_FLIGHTS, 'middle']
	] as const)('holds the truth in about nine of ten with %s', (_, design, skill) => {
		const seeds = 50;
		const held = { loft: 0, grip: 0, firmness: 0 };
		let found = 0;
		for (let seed = 1; seed <= seeds; seed++) {
			const { who, tooFar } = somebody(seed, skill);
			const fit = fitRolls(seen(design, who, seed, tooFar), READ);
			if (fit.status !== 'found') continue;
			found++;
			const holds = ({ low, high }: { low: number; high: number }, value: number) =>
				low <= value && value <= high ? 1 : 0;
			held.loft += holds(fit.loft.standard!, who.loft);
			held.grip += holds(fit.grip, who.grip);
			held.firmness += holds(fit.firmness, who.firmness);
		}
		expect(found / seeds).toBeGreaterThan(0.9);
		const shares = Object.values(held).map((share) => share / found);
		expect(Math.min(...shares)).toBeGreaterThanOrEqual(0.82);
		expect(Math.min(...shares)).toBeLessThanOrEqual(0.97);
	});

	it('finds much less loft, and tells how well it knows it', () => {
		const fit = fitRolls(seen(LADDER, truth({ loft: radians(-6) }), 3), READ);
		const { value, low, high, told } = fit.loft.standard!;
		expect(told).toBe(true);
		expect(degrees(value)).toBeLessThan(-3.5);
		expect(degrees(high - low)).toBeLessThan(7);
	});

	it('does not say what the balls do not tell: turf and spin of a short ladder', () => {
		const fit = fitRolls(seen(LADDER, truth(), 3), READ);
		expect(fit.firmness.told).toBe(false);
		expect(fit.mixedUp).not.toBeNull();
		expect(fit.grip.told).toBe(false);
	});

	it('refuses a handful of balls', () => {
		const few = LADDER.slice(0, 1).map((station) => ({ ...station, balls: 5 }));
		expect(fitRolls(seen(few, truth(), 1), READ)).toMatchObject({ status: 'few', mixedUp: null });
		expect(fitRolls([], READ)).toMatchObject({ status: 'few', n: 0 });
	});

	it('says so where the balls lie past everything it looks for', () => {
		const far = seen(LADDER, truth(), 2).map((station) => ({
			...station,
			balls: station.balls.map(({ carry, roll }) => ({ carry, roll: roll * 6 }))
		}));
		expect(fitRolls(far, READ).status).toBe('end');
	});

	it('names the ball after which most would be known', () => {
		const stations = seen(ONE_CLUB, truth(), 4);
		const candidates = (['7i', 'LW', 'SW'] as const).map((club): RollStation => {
			const station: Station = { club, flight: 'standard', carry: 3, balls: 1 };
			const balls = [{ carry: 3, roll: 0 }];
			return { club, flight: 'standard', balls, response: responseOf(station, truth()) };
		});
		const next = settlingBall(stations, candidates, READ)!;
		const left = (more: RollStation) => {
			const six = {
				...more,
				balls: Array.from({ length: 6 }, () => ({
					carry: 3,
					roll: more.response(3, AS_SAID)
				}))
			};
			const { loft, grip } = fitRolls([...stations, six], READ);
			return Math.max(
				(loft.standard!.high - loft.standard!.low) / radians(4),
				(grip.high - grip.low) / 0.2
			);
		};
		const byLeft = [...candidates].sort((a, b) => left(a) - left(b));
		expect(next.club).toBe(byLeft[0]!.club);
		expect(settlingBall(stations, [], READ)).toBeNull();
	});
});

describe('whether two shares differ', () => {
	it('has the tails of the tasting of tea (R. A. Fisher, The Design of Experiments, 1935: 1 and 17 in 70)', () => {
		const of = (hits: number) => ({ hits, of: 4 });
		expect(luckOfAtLeast(of(4), of(0))).toBeCloseTo(1 / 70, 12);
		expect(luckOfAtLeast(of(3), of(1))).toBeCloseTo(17 / 70, 12);
		expect(luckOfAtLeast(of(0), of(4))).toBeCloseTo(1, 12);
	});

	it('is told of what luck would rarely show, in its direction, and never of one ball', () => {
		expect(compareShares({ hits: 18, of: 20 }, { hits: 9, of: 20 })).toBe(1);
		expect(compareShares({ hits: 2, of: 20 }, { hits: 9, of: 20 })).toBe(-1);
		expect(compareShares({ hits: 12, of: 20 }, { hits: 9, of: 20 })).toBe(0);
		for (let hits = 0; hits <= 20; hits++)
			expect(compareShares({ hits: 1, of: 1 }, { hits, of: 20 })).toBeLessThanOrEqual(
				hits > 0 ? 0 : 1
			);
	});
});

describe('a trend over sessions', () => {
	it('weighs as the example of Armitage’s test in general use does (scores 0, 1, 2; z² from the closed form worked by hand)', () => {
		// Hits 5, 10, 15 of 20 each: p = 1/2, Σ(i − 1)(hits − 10) = 10, variance 1/4 · 20 · 2 = 10, z = √10.
		const { luck } = trendOf([5, 10, 15].map((hits) => ({ hits, of: 20 })));
		expect(luck).toBeCloseTo(2 * normalTail(Math.sqrt(10)), 12);
	});

	it.each([
		[0, 0.5],
		[1, 0.15866],
		[1.6449, 0.05],
		[1.96, 0.025],
		[-2, 0.97725]
	])('rests on the tail of the normal distribution (handbook values): z = %f, %f', (z, tail) => {
		expect(normalTail(z)).toBeCloseTo(tail, 5);
	});
});
