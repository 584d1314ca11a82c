import { describe, expect, it } from 'vitest';
import { energyScore } from '$lib/core/log/energyScore';
import { depthRank } from '$lib/core/log/depth';
import { holding, luckOf } from '$lib/core/log/holm';
import { loftForRun } from '$lib/core/log/loftForRun';
import { binomialBand } from '$lib/core/math/binomial';
import { normalQuantile } from '$lib/core/math/normalQuantile';
import { createRng } from '$lib/core/math/random';
import type { Point } from '$lib/core/math/polygon';
import { shotToCarry } from '$lib/core/practice/practiseShot';
import { levelScene } from '$lib/core/solve/levelScene';
import { degrees } from '$lib/core/units';
import { clubNamed, practiser } from '../support/practice';

const even = (n: number): Point[] =>
	Array.from({ length: n }, (_, i) => [normalQuantile((i + 0.5) / n), 0]);
const phi = (x: number) => Math.exp((-x * x) / 2) / Math.sqrt(2 * Math.PI);

describe('energy score', () => {
	// Gneiting and Raftery (2007), equation 21: on a line it is the continuous ranked probability score, in closed form for a normal.
	it.each([
		[0, 0.5],
		[1, 0.8413447],
		[-2.5, 0.0062097]
	])('of a normal forecast is the published one at %s', (y, below) => {
		const published = y * (2 * below - 1) + 2 * phi(y) - 1 / Math.sqrt(Math.PI);
		expect(energyScore(even(2000), [y, 0])).toBeCloseTo(published, 2);
	});

	it('is best for what is true: narrower, wider and shifted forecasts score worse', () => {
		const rng = createRng(5);
		const cloud = (spread: number, off: number): Point[] =>
			Array.from({ length: 64 }, () => [off + spread * rng.normal(), spread * rng.normal()]);
		const mean = (spread: number, off: number) => {
			let sum = 0;
			for (let i = 0; i < 2500; i++)
				sum += energyScore(cloud(spread, off), [rng.normal(), rng.normal()]);
			return sum / 2500;
		};
		const honest = mean(1, 0);
		expect(mean(0.5, 0)).toBeGreaterThan(honest + 0.03);
		expect(mean(1.8, 0)).toBeGreaterThan(honest + 0.03);
		expect(mean(1, 0.6)).toBeGreaterThan(honest + 0.03);
	});
});

describe('ranks', () => {
	it('are even for any shape, lumps included', () => {
		const rng = createRng(2);
		// Some are holed: they all lie at one place.
		const ball = (): Point =>
			rng.uniform() < 0.15 ? [8, 0] : [6 + rng.normal() ** 2, Math.exp(rng.normal()) - 1];
		const ranks = Array.from({ length: 8000 }, () =>
			depthRank(Array.from({ length: 64 }, ball), ball(), rng.uniform())
		);
		for (const tenth of [0.1, 0.3, 0.5, 0.7, 0.9]) {
			const below = ranks.filter((rank) => rank < tenth).length / ranks.length;
			expect(Math.abs(below - tenth)).toBeLessThan(0.02);
		}
	});
});

describe('tables', () => {
	// Student's t, two-sided 5 % and 1 %: as in any handbook (from memory).
	it.each([
		[2.776, 4, 0.05],
		[2.228, 10, 0.05],
		[3.169, 10, 0.01],
		[2.042, 30, 0.05]
	])('a t of %s with %s degrees of freedom has luck %s', (t, freedom, luck) => {
		expect(luckOf(t, freedom)).toBeCloseTo(luck, 4);
		expect(luckOf(-t, freedom)).toBeCloseTo(luck, 4);
	});

	// Quantiles of the binomial distribution at 5 and 95 %: from its tables (from memory).
	it.each([
		[20, 0.5, 6, 14],
		[10, 0.5, 2, 8],
		[10, 0.9, 7, 10],
		[0, 0.5, 0, 0]
	])('of %s with a chance of %s come %s to %s', (n, p, least, most) => {
		expect(binomialBand(n, p)).toEqual({ least, most });
	});

	// Holm (1979): the smallest is held against level/m, the next against level/(m − 1), until one fails.
	it('Holm holds step by step, and nothing behind the first that fails', () => {
		expect(holding([0.03, 0.004, 0.02, 0.04], 0.05)).toEqual([false, true, false, false]);
		expect(holding([0.01, 0.02, 0.03, 0.005], 0.05)).toEqual([true, true, true, true]);
		expect(holding([], 0.05)).toEqual([]);
	});
});

describe('loft behind a run', () => {
	const shot = { club: clubNamed('SW'), flight: 'standard', shape: 'straight', carry: 6 } as const;

	it('makes the ball run as much farther on the same carry', () => {
		const who = practiser();
		const { loft, carries } = loftForRun(1.3, [shot], who);
		expect(degrees(loft)).toBeLessThan(-1);
		const scene = levelScene({ greenSpeed: 3, firmness: 'medium', wet: false });
		const strong = { ...who, delivered: { loft: { standard: loft }, grip: 1 } };
		const run = (w: typeof who) => shotToCarry(shot, 6, scene, w)!.roll;
		expect(run(strong) / run(who)).toBeGreaterThan(1.2);
		expect(run(strong) / run(who)).toBeLessThan(1.4);
		// The same head speed carries another way with it; a measured swing carries as it was measured.
		expect(carries).not.toBeCloseTo(1, 2);
		const swings = { [shot.club.id]: { known: [{ angle: 1, speed: 9 }], spread: null } };
		expect(loftForRun(1.3, [shot], { ...who, swings })).toEqual({ loft, carries: 1 });
	});

	it('stays within what anybody delivers, and is none where nothing tells', () => {
		expect(degrees(loftForRun(9, [shot], practiser()).loft)).toBeCloseTo(-10, 5);
		expect(loftForRun(1.3, [], practiser())).toEqual({ loft: 0, carries: 1 });
	});
});
