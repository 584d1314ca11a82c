import { describe, expect, it } from 'vitest';
import { requestOf } from '../../../../tests/support/training';
import { createRng } from '../math/random';
import { fromFeet, fromPercent, toFeet, toPercent } from '../units';
import { biasOf, brierOf } from './bias';
import { glanceOf, isNear } from './glances';
import { exercise } from './situations';
import { GLANCE_KINDS } from './steps';

const request = requestOf(exercise(1, 1).situation, 3);

describe('single judgements', () => {
	it.each(GLANCE_KINDS)('make the same %s of a seed, and others of others', async (kind) => {
		const one = await glanceOf(kind, request, 5);
		expect(await glanceOf(kind, request, 5)).toEqual(one);
		expect(await glanceOf(kind, request, 6)).not.toEqual(one);
		expect(Number.isFinite(one.truth)).toBe(true);
	});

	it('show what they ask', async () => {
		for (let seed = 0; seed < 8; seed++) {
			const slope = await glanceOf('slope', request, seed);
			expect(toPercent(slope.situation.segments[0]!.slopeAcross)).toBeCloseTo(slope.truth, 9);
			const far = await glanceOf('distance', request, seed);
			expect(far.situation.toEdge + far.situation.edgeToPin).toBeCloseTo(far.truth, 9);
			const speed = await glanceOf('speed', request, seed);
			// The ramp's ball rolls as far as the green's speed says.
			expect(speed.path.at(-1)![1]).toBeCloseTo(fromFeet(speed.truth), 1);
			expect(toFeet(speed.situation.greenSpeed)).toBeCloseTo(speed.truth, 9);
			const stop = await glanceOf('stop', request, seed);
			const landed = stop.path.find(([t]) => t >= stop.until)!;
			const end = stop.path.at(-1)!;
			expect(Math.hypot(end[1] - landed[1], end[3] - landed[3])).toBeCloseTo(stop.truth, 0);
			const club = await glanceOf('club', request, seed);
			expect(club.clubs[club.truth]).toBeDefined();
		}
	});

	it('break to the side that the ground falls to: one aims the other way', async () => {
		for (let seed = 0; seed < 8; seed++) {
			const { situation, truth } = await glanceOf('break', request, seed);
			const across = situation.segments[0]!.slopeAcross;
			if (Math.abs(across) < fromPercent(0.5)) continue;
			expect(Math.sign(truth)).toBe(-Math.sign(across));
		}
	});

	it('take a guess that is near', () => {
		expect(isNear('slope', 2.5, 2)).toBe(true);
		expect(isNear('slope', 3, 2)).toBe(false);
		expect(isNear('distance', 21, 20)).toBe(true);
		expect(isNear('club', 3, 4)).toBe(false);
	});
});

describe('own bias', () => {
	const guesses = (seen: number, noise: number, seed: number, count = 20) => {
		const rng = createRng(seed);
		return Array.from({ length: count }, () => {
			const truth = 1 + 5 * rng.uniform();
			return { truth, guess: seen * truth + noise * rng.normal() };
		});
	};

	it('is found where slopes are seen a third too flat', () => {
		const found = Array.from({ length: 100 }, (_, seed) => biasOf(guesses(0.67, 0.7, seed))!);
		expect(found.filter(({ told }) => told).length).toBeGreaterThan(95);
		const held = found.filter(({ low, high }) => low <= 0.67 && 0.67 <= high).length;
		expect(held).toBeGreaterThan(80);
		expect(held).toBeLessThan(98);
	});

	it('is told to one of twenty with true eyes', () => {
		const told = Array.from({ length: 400 }, (_, seed) =>
			biasOf(guesses(1, 0.7, 900 + seed))
		).filter((one) => one!.told).length;
		expect(told).toBeLessThan(36);
	});

	it('is not said of few', () => {
		expect(biasOf(guesses(0.5, 0, 1, 5))).toBeNull();
		expect(biasOf(Array.from({ length: 9 }, () => ({ truth: 0, guess: 1 })))).toBeNull();
		expect(biasOf(guesses(1, 0, 1))!.told).toBe(false);
	});

	it('makes it best to say how sure one is', () => {
		// Whoever is right seven times of ten does best by saying 0.7.
		const said = (sure: number) =>
			brierOf(Array.from({ length: 10 }, (_, i) => ({ sure, right: i < 7 })));
		expect(said(0.7)).toBeLessThan(said(0.5));
		expect(said(0.7)).toBeLessThan(said(0.9));
		expect(said(0.7)).toBeCloseTo(0.21);
		expect(brierOf([])).toBe(0);
	});
});
