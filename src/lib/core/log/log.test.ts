import { describe, expect, it } from 'vitest';
import { playedShots, type PlayedWorld } from '../../../../tests/support/played';
import { PROFILE } from '../player/player';
import { calibrationOf } from './calibration';
import { correctionsOf, type Corrigible } from './corrections';
import { findingsOf, looksAt, type Grouped } from './findings';
import { scoreResult } from './score';

const found = (results: readonly Grouped[]) => findingsOf([...looksAt(results)]);
const { costs: COSTS } = PROFILE.middle;
const SEEDS = Array.from({ length: 12 }, (_, i) => 1000 + 17 * i);

type ScoredShot = Corrigible & Grouped;
const known = new Map<string, readonly ScoredShot[]>();

/** Shots of a world beside their forecasts; each world is measured once. */
function scored(seed: number, n: number, world: Partial<PlayedWorld> = {}, days = 5) {
	const key = JSON.stringify([seed, n, world, days]);
	const found = known.get(key) ?? measured(seed, n, world, days);
	known.set(key, found);
	return found;
}

const measured = (seed: number, n: number, world: Partial<PlayedWorld>, days: number) =>
	playedShots(seed, n, world, days).map(({ id, day, balls, result, carry, run }, i) => {
		const lie = i % 3 === 0 ? 'semi-rough' : 'fairway';
		return {
			...scoreResult(balls, result, { id, day, flew: true }),
			lie,
			carry,
			run,
			green: null,
			holing: null,
			groups: { lie, club: `c${i % 4}`, slope: i % 2 ? 'up' : 'level', swing: `s${i % 3}`, day }
		} satisfies ScoredShot;
	});

const ranksOf = (seed: number, n: number, world?: Partial<PlayedWorld>) =>
	scored(seed, n, world).map(({ rank }) => rank);
/** In how many of the seeds something is so. */
const share = (test: (seed: number) => boolean) => SEEDS.filter(test).length / SEEDS.length;

describe('rings', () => {
	it('hold of honest results what they say', () => {
		const ranks = SEEDS.flatMap((seed) => ranksOf(seed, 40));
		for (const { share: p, inside, of } of calibrationOf(ranks).rings)
			expect(Math.abs(inside / of - p)).toBeLessThan(0.035);
	});

	it('call honest forecasts honest nine times in ten', () => {
		expect(share((seed) => calibrationOf(ranksOf(seed, 40)).verdict === 'honest')).toBeGreaterThan(
			0.8
		);
	});

	it.each([
		['too narrow', { spread: 1.6 }],
		['too wide', { spread: 0.55 }],
		['too narrow', { carry: 0.78 }]
	] as const)('call forecasts %s in four cases of five where they are: %o', (verdict, world) => {
		expect(
			share((seed) => calibrationOf(ranksOf(seed, 60, world)).verdict === verdict)
		).toBeGreaterThan(0.8);
	});

	it('say nothing of a handful', () => {
		expect(calibrationOf(ranksOf(1, 11, { spread: 5 })).verdict).toBe('too few');
		expect(calibrationOf([])).toMatchObject({ n: 0, luck: 1, verdict: 'too few' });
	});
});

describe('findings', () => {
	it('tell of honest forecasts nothing in nine cases of ten, however many looks there are', () => {
		const told = share((seed) => found(scored(seed, 48)).some(({ holds }) => holds));
		expect(told).toBeLessThanOrEqual(0.15);
	});

	it('do not take what days differ by for the player', () => {
		const world = { ofDay: 0.12 };
		const told = share((seed) =>
			found(scored(seed, 48, world, 6)).some(
				({ holds, grouping, direction }) => holds && grouping === 'all' && direction === 'run'
			)
		);
		expect(told).toBeLessThanOrEqual(0.15);
	});

	it('find a ball that is always left and one that always runs too far, within their interval', () => {
		const held = SEEDS.map((seed) =>
			found(scored(seed, 60, { aside: -0.6, run: 1.45 })).filter(
				({ grouping, holds }) => grouping === 'all' && holds
			)
		);
		const told = (direction: string) =>
			held.filter((all) => all.some((one) => one.direction === direction)).length / SEEDS.length;
		expect(told('landingSide')).toBeGreaterThan(0.95);
		expect(told('run')).toBeGreaterThan(0.85);
		const intervals = held.flatMap((all) =>
			all.flatMap(({ direction, offset }) => (direction === 'landingSide' ? [offset] : []))
		);
		const hold = intervals.filter(({ low, high }) => low <= -0.6 && -0.6 <= high).length;
		expect(hold / intervals.length).toBeGreaterThan(0.8);
	});

	it('tell of nothing that nobody sees, however sure it is', () => {
		const offset = { n: 40, days: 5, centre: 0.04, error: 0.001, low: 0, high: 0, luck: 0 };
		const look = { grouping: 'all' as const, group: '', direction: 'end' as const, offset };
		const holds = (centre: number, direction: 'end' | 'ratio' = 'end') =>
			findingsOf([{ ...look, direction, offset: { ...offset, centre } }])[0]!.holds;
		expect([holds(0.04), holds(-0.06), holds(0.03, 'ratio'), holds(0.01, 'ratio')]).toEqual([
			false,
			true,
			true,
			false
		]);
	});

	it('pass over groups that are everybody, and those too small to tell', () => {
		const one = scored(3, 12).map((result) => ({
			...result,
			groups: { ...result.groups, club: 'only' }
		}));
		const all = found(one);
		expect(all.some(({ grouping }) => grouping === 'club')).toBe(false);
		expect(all.every(({ offset }) => offset.n >= 6)).toBe(true);
	});
});

describe('corrections', () => {
	it('leave honest players alone in nine cases of ten', () => {
		expect(
			share((seed) => correctionsOf(scored(seed, 40), COSTS).length === 0)
		).toBeGreaterThanOrEqual(0.88);
	});

	it('find carries, runs and spreads that differ', () => {
		const world = { carry: 0.88, run: 1.4, spread: 1.5 };
		const all = SEEDS.map((seed) => correctionsOf(scored(seed, 80, world), COSTS));
		const factors = (what: string, lie?: string) =>
			all.flatMap((found) =>
				found.flatMap((one) =>
					one.what === what && 'factor' in one && (!('lie' in one) || one.lie === lie)
						? [one.factor]
						: []
				)
			);
		const mean = (values: number[]) => values.reduce((a, b) => a + b, 0) / values.length;
		expect(factors('carry', 'fairway').length).toBeGreaterThan(0.85 * SEEDS.length);
		expect(Math.abs(mean(factors('carry', 'fairway')) - 0.885)).toBeLessThan(0.015);
		expect(factors('run').length).toBeGreaterThan(0.85 * SEEDS.length);
		expect(mean(factors('run'))).toBeGreaterThan(1.25);
		expect(mean(factors('run'))).toBeLessThan(1.45);
		expect(factors('spread').length).toBeGreaterThan(0.75 * SEEDS.length);
		expect(mean(factors('spread'))).toBeGreaterThan(1.25);
		expect(mean(factors('spread'))).toBeLessThan(1.6);
	});

	it('blame the green for one day and the player for all of them', () => {
		const slow = (seed: number, days: readonly number[]) =>
			scored(seed, 60).map((result, i) => {
				const { run } = result.misses;
				const off = days.includes(i % 5) ? run!.off - 0.4 * result.run : run!.off;
				return {
					...result,
					green: 'ledge',
					misses: { ...result.misses, run: { ...run!, off } }
				};
			});
		const whats = (days: readonly number[]) =>
			SEEDS.map((seed) => correctionsOf(slow(seed, days), COSTS).map(({ what }) => what));
		const one = whats([2]);
		expect(one.filter((found) => found.includes('speed')).length).toBeGreaterThan(
			0.8 * SEEDS.length
		);
		expect(one.filter((found) => found.includes('run')).length).toBeLessThan(0.2 * SEEDS.length);
		const every = whats([0, 1, 2, 3, 4]);
		expect(every.filter((found) => found.includes('run')).length).toBeGreaterThan(
			0.9 * SEEDS.length
		);
		expect(every.some((found) => found.includes('run') && found.includes('speed'))).toBe(false);
	});

	it('want three days before they blame the player', () => {
		const found = SEEDS.map((seed) =>
			correctionsOf(scored(seed, 40, { carry: 0.8, run: 1.5 }, 2), COSTS)
		);
		expect(found.flat().some(({ what }) => what === 'carry' || what === 'run')).toBe(false);
	});
});
