import { describe, expect, it } from 'vitest';
import { request } from '../../../../tests/support/scenes';
import type { Finishes } from '../plan/race/sample';
import { extrasOf, missExtras } from './missExtras';

/** Balls of which each is told by where it landed, ended, how it was met and what it cost. */
function finishes(balls: [land: number, x: number, z: number, contact: number, cost: number][]) {
	const column = (at: number) => Float64Array.from(balls.map((ball) => ball[at]!));
	return {
		x: column(1),
		z: column(2),
		landingX: column(0),
		landingZ: column(2),
		strokes: column(4),
		contact: Uint8Array.from(balls.map((ball) => ball[3]))
	} as Finishes;
}
const MEANT = { landing: 4, finish: 10, side: 0 };
const good = Array.from({ length: 10 }, () => [4, 10, 0, 0, 2.5] as const).map((b) => [...b]);
const of = (ball: number[], times: number) => Array.from({ length: times }, () => ball);
const extras = (...kinds: number[][][]) =>
	extrasOf(finishes(kinds.flat() as Parameters<typeof finishes>[0]), MEANT);

describe('what misses cost', () => {
	it('tells them apart as practice does, each against the balls that did what they were to do', () => {
		const found = extras(
			good,
			of([2, 3, 0, 1, 3.5], 10),
			of([4, 10.5, 6, 0, 3], 10),
			of([4, 15, 0, 0, 2.9], 10)
		);
		expect(found.map(({ miss }) => miss)).toEqual(['heavy', 'right', 'runs-on']);
		expect(found.map(({ strokes }) => Number(strokes.toFixed(6)))).toEqual([1, 0.5, 0.4]);
		expect(found.every(({ share }) => share === 0.25)).toBe(true);
	});

	it('takes the aim for what was meant', () => {
		const meant = { ...MEANT, side: 6 };
		expect(extrasOf(finishes(of([4, 10, 6, 0, 2.5], 20) as never), meant)).toEqual([]);
		const left = extrasOf(
			finishes([...of([4, 10, 6, 0, 2.5], 10), ...of([4, 10, 0, 0, 3], 10)] as never),
			meant
		);
		expect(left).toMatchObject([{ miss: 'left', strokes: 0.5 }]);
	});

	it('says nothing of a handful', () => {
		expect(extras(good, of([2, 3, 0, 1, 3.5], 5))).toEqual([]);
		expect(extras(of([2, 3, 0, 1, 3.5], 20))).toEqual([]);
	});

	it('finds a heavy ball dear over sand, and a chip’s heavy ball cheaper', async () => {
		const bag = [
			{ name: 'SW', loft: 56, bounce: 10 },
			{ name: '9i', loft: 41, bounce: 4 }
		];
		const chip = await missExtras(
			request({ toEdge: 3, edgeToPin: 10 }, { skill: 'high' }, { samples: 40, bag })
		);
		expect(chip!.length).toBeGreaterThan(0);
		const heavy = chip!.find(({ miss }) => miss === 'heavy');
		expect(heavy!.strokes).toBeGreaterThan(0.1);
		expect(heavy!.strokes).toBeLessThan(1.5);
	});

	it('is silent about a putt', async () => {
		const putter = [{ name: 'Putter', loft: 3.5, bounce: 0, putter: true }];
		expect(
			await missExtras(request({ toEdge: 0.5, lie: 'fringe' }, {}, { samples: 40, bag: putter }))
		).toBeNull();
	});
});
