import { describe, expect, it } from 'vitest';
import { SURFACE } from '../ground/surfaces';
import { createRng } from '../math/random';
import { expectedAround, expectedPutts, onePuttChance } from '../plan/race/cost';
import { PROFILE } from '../player/player';
import { aroundOffset, puttingOffset, type HoledOut } from './holingOut';

const { costs } = PROFILE.middle;
const SEEDS = Array.from({ length: 60 }, (_, i) => 3 + 31 * i);
const HOLE = 0.054;

/** First putts after chips: mostly short, a few long. */
function putts(seed: number, n: number, oneOf: (distance: number, luck: number) => number) {
	const rng = createRng(seed);
	return Array.from({ length: n }, (_, i): HoledOut => {
		const distance = 0.4 + 3 * rng.uniform() ** 1.5 + (i % 7 === 0 ? 4 : 0);
		return {
			distance,
			on: SURFACE.green,
			strokes: oneOf(distance, rng.uniform()),
			day: `d${i % 5}`
		};
	});
}

/** As the cost table has it. */
const asPresumed = (distance: number, luck: number): number => {
	const one = onePuttChance(distance, costs);
	const three = Math.max(0, expectedPutts(distance, costs) - 2 + one);
	return luck < one ? 1 : luck < 1 - three ? 2 : 3;
};

/** Somebody who misses by the angle alone: a triangular error of this width, from another model than the table. */
const byAngle = (width: number) => (distance: number, luck: number) => {
	const inside = Math.min(1, Math.atan(HOLE / distance) / width);
	return luck < 1 - (1 - inside) ** 2 ? 1 : luck < 0.97 ? 2 : 3;
};

describe('putts from where shots ended', () => {
	it('say nothing of somebody who putts as presumed, nine times in ten', () => {
		const held = SEEDS.map((seed) => puttingOffset(putts(seed, 40, asPresumed), costs)!).filter(
			({ low, high }) => low <= 0 && high >= 0
		);
		expect(held.length / SEEDS.length).toBeGreaterThan(0.83);
	});

	it.each([
		['holes them from farther', 0.035, 1],
		['holes them from nearer only', 0.22, -1]
	])('show who %s', (_, width, sign) => {
		const all = SEEDS.map((seed) => puttingOffset(putts(seed, 60, byAngle(width)), costs)!);
		expect(all.filter(({ centre }) => Math.sign(centre) === sign)).toHaveLength(SEEDS.length);
		expect(all.filter(({ luck }) => luck < 0.05).length).toBeGreaterThan(0.8 * SEEDS.length);
	});

	it('tell how far: the table of the corrected player takes as many putts as were taken', () => {
		const some = putts(5, 200, byAngle(0.1));
		const { centre } = puttingOffset(some, costs)!;
		const corrected = { ...costs, puttStretch: costs.puttStretch * Math.exp(-centre) };
		const sum = (of: (one: HoledOut) => number) => some.reduce((all, one) => all + of(one), 0);
		expect(sum(({ distance }) => expectedPutts(distance, corrected))).toBeCloseTo(
			sum(({ strokes }) => strokes),
			2
		);
	});

	it('of a few, of two days, or from off the green tell nothing', () => {
		const some = putts(5, 30, asPresumed);
		expect(puttingOffset(some.slice(0, 11), costs)).toBeNull();
		expect(
			puttingOffset(
				some.map((one, i) => ({ ...one, day: `d${i % 2}` })),
				costs
			)
		).toBeNull();
		expect(
			puttingOffset(
				some.map((one) => ({ ...one, on: SURFACE.rough })),
				costs
			)
		).toBeNull();
		expect(puttingOffset(some.slice(0, 12), costs)).toMatchObject({ n: 12, days: 5 });
	});
});

describe('strokes from off the green', () => {
	const around = (over: number, on: HoledOut['on'] = SURFACE.rough): HoledOut[] =>
		Array.from({ length: 20 }, (_, i) => ({
			distance: 12,
			on,
			strokes: expectedAround(12, 'rough', costs) + over + (i % 2 ? 0.5 : -0.5),
			day: `d${i % 4}`
		}));

	it('are as many more as were needed', () => {
		const { centre, n, low, high } = aroundOffset(around(0.3), costs)!;
		expect([centre, n]).toEqual([expect.closeTo(0.3, 9), 20]);
		expect(high - low).toBeCloseTo(2 * 1.729 * (0.513 / Math.sqrt(20)), 2);
	});

	it('from sand and water, or putted, are another matter', () => {
		for (const on of [SURFACE.sand, SURFACE.water, SURFACE.green, SURFACE.mound])
			expect(aroundOffset(around(0.3, on), costs)).toBeNull();
		expect(aroundOffset(around(0.3, SURFACE.smoothFringe), costs)).not.toBeNull();
	});
});
