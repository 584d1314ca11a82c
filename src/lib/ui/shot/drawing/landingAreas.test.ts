import { describe, expect, it } from 'vitest';
import { FATE, type LandingRegion } from '$lib/core/plan/studies/landingRegion';
import { hasBad, hasGood, landingAreas } from './landingAreas';

const same = (u: number, v: number): [number, number] => [u, v];
const numbersIn = (path: string): number[] =>
	[...path.matchAll(/-?\d+(?:\.\d+)?/g)].map(([text]) => Number(text));

describe('landingAreas', () => {
	const region = (leave: (x: number) => number, fate: (x: number) => number): LandingRegion => {
		const columns = 21;
		const rows = 9;
		const at = (i: number) => 3 + (i % columns) * 0.5;
		return {
			fromX: 3,
			fromZ: -2,
			cell: 0.5,
			columns,
			rows,
			leave: Float64Array.from({ length: columns * rows }, (_, i) => leave(at(i))),
			fate: Uint8Array.from({ length: columns * rows }, (_, i) => fate(at(i)))
		};
	};

	it('holds where a landing ends well, and crosses out where it runs off', () => {
		const areas = landingAreas(
			region(
				(x) => Math.abs(x - 6) * 2,
				(x) => (x > 9 ? FATE.offGreen : FATE.green)
			),
			same
		);
		const along = numbersIn(areas.good).filter((_, i) => i % 2 === 0);
		expect(Math.min(...along)).toBeCloseTo(5, 0);
		expect(Math.max(...along)).toBeCloseTo(7, 0);
		expect(areas.bad).not.toBe('');
	});

	it('is empty where no landing is any good, or none is known', () => {
		const none = landingAreas(
			region(
				() => 9,
				() => FATE.green
			),
			same
		);
		expect([none.good, none.bad]).toEqual(['', '']);
		const unreached = region(
			() => NaN,
			() => FATE.offGreen
		);
		expect([hasGood(unreached), hasBad(unreached)]).toEqual([false, false]);
	});
});
