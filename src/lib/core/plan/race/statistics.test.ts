import { describe, expect, it } from 'vitest';
import { question as ask } from '../../../../../tests/support/scenes';
import { createRng } from '../../math/random';
import { quantileSorted } from '../../math/quantiles';
import { interpolate } from '../../math/interpolation';
import { sobol } from '../../math/sobol';
import { buildLadder } from '../ladder/ladder';
import { shotOf } from './localSampler';
import { drawDeviates, FINISH, joinFinishes, sampleFinishes, type Finishes } from './sample';
import {
	DIFFERENCE,
	evenError,
	mean,
	ONE_SHOT,
	pairedDifference,
	standardError,
	statisticsOf
} from './statistics';

/** Finishes at distances from a hole at 10 m, all on the green unless told otherwise. */
function finishes(distances: number[], kinds: number[] = [], strokes = distances): Finishes {
	const row = (values: number[]) => Float64Array.from(values);
	const zeros = distances.map(() => 0);
	return {
		x: row(distances.map((distance) => 10 - distance)),
		z: row(zeros),
		landingX: row(zeros),
		landingZ: row(zeros),
		strokes: row(strokes),
		upAndDown: row(distances.map((distance) => (distance < 2 ? 1 : 0))),
		fourOrMore: row(zeros),
		kind: Uint8Array.from(distances.map((_, i) => kinds[i] ?? FINISH.green)),
		contact: Uint8Array.from(distances.map((_, i) => i % 3))
	};
}

describe('statisticsOf', () => {
	it('counts what a coach counts', () => {
		const stats = statisticsOf(
			finishes([0, 0.5, 1.5, 2.5, 4, 6], [FINISH.holed, 0, 0, 0, FINISH.missed, FINISH.hazard]),
			10
		);
		expect(stats.balls).toBe(6);
		expect(stats.chances).toMatchObject({
			holed: 1 / 6,
			inside1m: 2 / 6,
			inside2m: 3 / 6,
			inside3m: 4 / 6,
			missGreen: 2 / 6,
			hazard: 1 / 6,
			upAndDown: 3 / 6,
			heavy: 2 / 6,
			thin: 2 / 6
		});
		expect(stats.leave.median).toBeCloseTo(2, 9);
	});

	it('does not count a ball near the hole but off the green as near it', () => {
		const stats = statisticsOf(finishes([0.5, 0.5], [FINISH.missed, FINISH.green]), 10);
		expect(stats.chances.inside1m).toBe(0.5);
	});
});

describe('errors', () => {
	it('are those of the mean, as a closed form has them', () => {
		expect(standardError([1, 2, 3, 4])).toBeCloseTo(Math.sqrt(5 / 3 / 4), 12);
		expect(standardError([7])).toBe(0);
		expect(mean([2, 4, 9])).toBe(5);
	});

	it('promise what repetition keeps: two in three within one', () => {
		const rng = createRng(5);
		let within = 0;
		for (let trial = 0; trial < 400; trial++) {
			const sample = Array.from({ length: 60 }, () => 3 + rng.normal());
			if (Math.abs(mean(sample) - 3) < standardError(sample)) within++;
		}
		expect(within / 400).toBeGreaterThan(0.61);
		expect(within / 400).toBeLessThan(0.76);
	});

	it('are those of balls that are spread evenly: less than of independent luck, and about what other seeds show', () => {
		const [balls, seeds] = [320, 60];
		const means: number[] = [];
		const said: number[] = [];
		for (let seed = 1; seed <= seeds; seed++) {
			const values = Float64Array.from({ length: balls }, (_, i) => {
				const [a, b, c] = [0, 1, 2].map((dimension) => sobol(i, dimension, seed));
				return 2 + a! + b! * c! + (a! > 0.9 ? 1 : 0);
			});
			means.push(mean(values));
			said.push(evenError(values, ONE_SHOT));
			expect(evenError(values, ONE_SHOT)).toBeLessThan(standardError(values));
		}
		const real = standardError(means) * Math.sqrt(seeds);
		expect(mean(said) / real).toBeGreaterThan(0.8);
		expect(mean(said) / real).toBeLessThan(10);
	});

	it('are what other seeds show, of a shot and of the difference of two', () => {
		const question = ask({ toEdge: 3, edgeToPin: 12, slopeAlong: -1, slopeAcross: 1 });
		const [one, other] = ['8i', 'SW'].map((name) => {
			const { play, solution } = buildLadder(question).candidates.find(
				({ play }) => play.club.name === name
			)!;
			return shotOf(question, { play, speed: solution.speed, aim: solution.aim });
		});
		const [balls, seeds] = [320, 40];
		const rows = Array.from({ length: seeds }, (_, seed) => {
			const deviates = drawDeviates(500 + seed, balls);
			const strokes = [one!, other!].map(
				(shot) => sampleFinishes(shot, deviates, 0, balls).strokes
			);
			return [strokes[0]!, strokes[0]!.map((value, i) => value - strokes[1]![i]!)] as const;
		});
		for (const [of, evenness] of [
			[0, ONE_SHOT],
			[1, DIFFERENCE]
		] as const) {
			const real = standardError(rows.map((row) => mean(row[of]))) * Math.sqrt(seeds);
			const said = mean(rows.map((row) => evenError(row[of], evenness)));
			expect(said / real).toBeGreaterThan(0.75);
			expect(said / real).toBeLessThan(1.45);
		}
	});

	it('mostly cancel between two shots on the same luck', () => {
		const rng = createRng(8);
		const luck = Array.from({ length: 200 }, () => 2.5 + 0.7 * rng.normal());
		const a = finishes(luck);
		const b = finishes(luck.map((value) => value + 0.1 + 0.01 * rng.normal()));
		const gap = pairedDifference(b, a);
		expect(gap.mean).toBeCloseTo(0.1, 2);
		expect(gap.standardError).toBeLessThan(standardError(a.strokes) / 20);
	});

	it('compare only the balls that both have', () => {
		expect(pairedDifference(finishes([1, 2, 9]), finishes([1, 1])).mean).toBeCloseTo(0.5, 12);
	});
});

describe('joinFinishes', () => {
	it('puts blocks behind each other without loss', () => {
		const whole = finishes([1, 2, 3, 4, 5]);
		const parts = [finishes([1, 2]), finishes([3, 4, 5])];
		const joined = joinFinishes(parts);
		expect(joined.x).toEqual(whole.x);
		expect(joined.strokes).toEqual(whole.strokes);
		expect(joined.kind).toHaveLength(5);
		expect(joinFinishes([]).x).toHaveLength(0);
	});
});

describe('quantiles and tables', () => {
	it('lie between neighbours (Hyndman and Fan 1996, type 7)', () => {
		expect(quantileSorted([1, 2, 4, 8], 0.5)).toBe(3);
		expect(quantileSorted([1, 2, 4, 8], 0.9)).toBeCloseTo(6.8, 12);
		expect(quantileSorted([5], 0.3)).toBe(5);
		expect(quantileSorted([], 0.5)).toBeNaN();
	});

	it('go straight between entries and level beyond them', () => {
		expect(interpolate([0, 2, 6], [1, 3, 11], 4)).toBe(7);
		expect(interpolate([0, 2, 6], [1, 3, 11], -5)).toBe(1);
		expect(interpolate([0, 2, 6], [1, 3, 11], 50)).toBe(11);
		expect(() => interpolate([], [], 1)).toThrow(RangeError);
		expect(() => interpolate([1], [1, 2], 1)).toThrow(RangeError);
	});
});
