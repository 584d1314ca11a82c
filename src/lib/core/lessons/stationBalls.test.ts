import { describe, expect, it } from 'vitest';
import { bruteForce } from '../../../../tests/support/clinicBalls';
import { hitterOf, levelGreen } from '../../../../tests/support/stations';
import { PROFILE, type Hand } from '../player/player';
import { fromFeet } from '../units';
import { reachesOf, shanksAt, stationReaches, type Hitter, type Station } from './stationBalls';
import type { Zone } from './zone';

const day = { greenSpeed: fromFeet(10), firmness: 'medium', wet: false } as const;
const green = levelGreen(20, 14);
const hitter = (hand: Hand = 'right', shanks = shanksAt(28)): Hitter => ({
	...hitterOf('high', 'SW', 6, 28, hand),
	shanks
});
const station = (over: Partial<Station> = {}): Station => ({
	ball: [-2, 7],
	heading: 0,
	hitters: [hitter()],
	...over
});
const circle = (u: number, v: number, radius = 2.5): Zone => ({ from: [u, v], to: [u, v], radius });
const COUNTS = { face: 1500, hosel: 800 };

describe('balls of a station', () => {
	it.each([
		['beyond the mark', circle(12, 7)],
		['beside the line, to the right', circle(4, 1)],
		['far over the green', circle(24, 8)]
	])('come %s as often as by brute force', (_, zone) => {
		const [reach] = reachesOf(green, station(), day, [zone], COUNTS, 3);
		const brute = bruteForce(green, station(), day, zone, 2000, 99);
		const error = Math.sqrt(brute * (1 - brute) * (1 / COUNTS.face + 1 / 2000));
		expect(Math.abs(reach!.share - brute)).toBeLessThan(3.5 * error + 0.0004);
		expect(reach!.most).toBeGreaterThan(reach!.share);
	});

	it('come off the hosel to the far side of the hitter, whichever hand', () => {
		// Beside the tee and before it: nothing off the face gets there.
		const [right, left] = [circle(1, 3, 1.5), circle(1, 11, 1.5)];
		const of = (hand: Hand) =>
			reachesOf(green, station({ hitters: [hitter(hand)] }), day, [right, left], COUNTS, 5);
		const [toRight, notLeft] = of('right');
		expect(toRight!.share).toBeGreaterThan(0.001);
		expect(notLeft!.share).toBe(0);
		const [notRight, toLeft] = of('left');
		expect(toLeft!.share).toBeGreaterThan(0.001);
		expect(notRight!.share).toBe(0);
		const both = reachesOf(
			green,
			station({ hitters: [hitter('right'), hitter('left')] }),
			day,
			[right, left],
			COUNTS,
			5
		);
		expect(both.map(({ share }) => share)).toEqual([
			toRight!.share,
			expect.closeTo(toLeft!.share, 2)
		]);
	});

	it('do not count where they fly over heads, nor behind', () => {
		const lob = hitter('right', 0);
		const over = { ...lob, shots: [{ ...lob.shots[0]!, carry: 25 }] };
		const expert = {
			...over,
			who: { ...over.who, dispersion: PROFILE.expert.dispersion, strength: 1 }
		};
		const [under, behind] = reachesOf(
			green,
			station({ hitters: [expert] }),
			day,
			[circle(10, 7, 1), circle(-7, 7)],
			{ face: 1500, hosel: 1 },
			8
		);
		expect(under!.share).toBeLessThan(0.2);
		expect(behind!.share).toBe(0);
	});

	it('come along a walk that they cross', () => {
		const walk: Zone = { from: [6, 0], to: [6, 14], radius: 0.5 };
		const [reach] = reachesOf(green, station(), day, [walk], { face: 300, hosel: 10 }, 4);
		expect(reach!.share).toBeGreaterThan(0.7);
	});

	it('are played for each station of a green with its own zones and seed', () => {
		const counts = { face: 200, hosel: 20 };
		const stations = [
			{ station: station(), zones: [circle(6, 7)], seed: 4 },
			{ station: station({ ball: [16, 7], heading: Math.PI }), zones: [circle(9, 7)], seed: 5 }
		];
		expect(stationReaches({ green, day, stations, counts })).toEqual(
			stations.map((one) => reachesOf(green, one.station, day, one.zones, counts, one.seed))
		);
		const [lost] = stationReaches({ green, day, stations, counts, tooMany: 0.01 })[0]!;
		const [all] = reachesOf(green, station(), day, [circle(6, 7)], counts, 4);
		expect(lost!.share).toBeLessThan(all!.share / 2);
	});

	it('shank more the weaker, and never too often', () => {
		expect(shanksAt(-5)).toBeLessThan(shanksAt(15));
		expect(shanksAt(40)).toBeLessThanOrEqual(0.03);
	});

	it('are played no longer than it takes to know that there are too many', () => {
		const ask = (zone: Zone, tooMany?: number) =>
			reachesOf(green, station(), day, [zone], COUNTS, 3, tooMany)[0]!;
		const all = ask(circle(12, 7));
		const few = ask(circle(12, 7), 0.01);
		expect(all.share).toBeGreaterThan(0.01);
		expect(few.most).toBeGreaterThanOrEqual(0.01);
		expect(few.share).toBeLessThan(all.share / 2);
		expect(ask(circle(12, 60), 0.01)).toEqual(ask(circle(12, 60)));
	});
});
