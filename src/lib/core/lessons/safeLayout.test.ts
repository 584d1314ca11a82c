import { describe, expect, it } from 'vitest';
import { levelGreen } from '../../../../tests/support/stations';
import { contains } from '../math/polygon';
import type { Green } from '../green/green';
import { dangersOf, othersOf, standOf, walkBetween, type LaidOut } from './clinicSafety';
import { layoutsOf, nearMisses, sitesOf, zonesOf } from './safeLayout';
import type { Reach } from './stationBalls';

const green: Green = {
	...levelGreen(20, 14),
	areas: [
		{
			kind: 'water',
			lip: 0,
			outline: [
				[20, -3],
				[30, -3],
				[30, 17],
				[20, 17]
			]
		}
	]
};
const at = (u: number, v: number, heading = 0, on = 0): LaidOut => ({
	ball: [u, v],
	heading,
	green: on
});
const none: Reach = { share: 0, most: 0.0005 };

describe('who could be hit', () => {
	it('are those who stand elsewhere and walk past, on the same green', () => {
		const three = [at(0, 0), at(10, 0), at(20, 0)];
		const others = othersOf(three, 0).map(({ station, walkingTo }) => [station, walkingTo]);
		expect(others).toEqual([
			[1, null],
			[1, 2],
			[2, null]
		]);
		expect(othersOf([at(0, 0), at(10, 0)], 0)).toHaveLength(1);
		expect(othersOf([at(0, 0), at(10, 0, 0, 1)], 0)).toEqual([]);
		expect(othersOf([at(0, 0)], 0)).toEqual([]);
	});

	it('stand behind the ball', () => {
		expect(standOf(at(0, 0, Math.PI / 2)).from[1]).toBeLessThan(0);
		const walk = walkBetween(at(0, 0), at(9, 0));
		expect([walk.from[0], walk.to[0]]).toEqual([-1, 8]);
	});

	it('are in danger where it cannot be told that they are not', () => {
		const two = [at(0, 0), at(10, 0)];
		const unsure: Reach = { share: 0.0004, most: 0.0012 };
		const bad: Reach = { share: 0.01, most: 0.02 };
		expect(dangersOf(two, [[none], [none]])).toEqual([]);
		const found = dangersOf(two, [[unsure], [bad]]);
		expect(found.map(({ from, station }) => [from, station])).toEqual([
			[1, 0],
			[0, 1]
		]);
	});
});

describe('places for stations', () => {
	const sites = sitesOf(green);

	it('lie dry and off the green, and hit onto it', () => {
		expect(sites.length).toBeGreaterThan(20);
		for (const { ball, heading } of sites) {
			expect(contains(green.outline, ...ball)).toBe(false);
			expect(ball[0]).toBeLessThan(20);
			const on = [3, 5, 7, 9].some((x) =>
				contains(green.outline, ball[0] + x * Math.cos(heading), ball[1] + x * Math.sin(heading))
			);
			expect(on).toBe(true);
		}
	});

	it('have one zone a place and one a way, whichever way round', () => {
		const { zones, standAt, walkFrom } = zonesOf(sites);
		const places = new Set(sites.map(({ place }) => place)).size;
		expect(zones[0]).toHaveLength(places + (places * (places - 1)) / 2);
		const far = sites.findIndex(({ place }) => place !== sites[0]!.place);
		expect(walkFrom(0, far)).toBe(walkFrom(far, 0));
		expect(zones[0]![standAt(far)]!.from).toEqual(sites[far]!.ball);
	});

	it('are laid out where nothing comes to anybody, and not otherwise', () => {
		const zones = zonesOf(sites);
		const count = zones.zones[0]!.length;
		/** A ball comes to every zone on the right half of the map, from whatever site. */
		const reach = zones.zones[0]!.map(({ from, to }): Reach =>
			Math.max(from[0], to[0]) > 10 ? { share: 0.01, most: 0.02 } : none
		);
		const found = layoutsOf(3, sites, () => reach, zones, 5);
		expect(found.length).toBeGreaterThan(0);
		for (const { sites: chosen, risk } of found) {
			expect(risk).toBe(0);
			expect(new Set(chosen.map((site) => sites[site]!.place)).size).toBe(3);
			for (const site of chosen) expect(sites[site]!.ball[0]).toBeLessThanOrEqual(10);
		}
		const never = new Array<Reach>(count).fill({ share: 0.01, most: 0.02 });
		expect(layoutsOf(2, sites, () => never, zones, 5)).toEqual([]);
		expect(layoutsOf(1, sites, () => never, zones, 1)).toHaveLength(1);
	});

	it('are chosen by near misses, too: the same people, with more room, after all others of their green', () => {
		const both = [...sites, ...sitesOf(green, 1)];
		const zones = zonesOf(both);
		const wide = nearMisses(zones, both);
		const all = zones.zones.map((there, i) => [...there, ...wide.zones[i]!]);
		const site = both.findIndex((one) => one.green === 1);
		const other = both.findIndex((one, i) => i > site && one.place !== both[site]!.place);
		const own = zones.zones[1]![zones.walkFrom(site, other)!]!;
		const same = all[1]![wide.walkFrom(site, other)!]!;
		expect(same).toEqual({ ...own, radius: own.radius + 2 });
		expect(all[1]![wide.standAt(site)]!.from).toEqual(both[site]!.ball);
		expect(wide.walkFrom(0, site)).toBeUndefined();
	});

	it('go over to a second green where one has no room', () => {
		const both = [...sites, ...sitesOf(green, 1)];
		const zones = zonesOf(both);
		const never = new Array<Reach>(zones.zones[0]!.length).fill({ share: 0.01, most: 0.02 });
		const [found] = layoutsOf(2, both, () => never, zones, 1);
		expect(found!.sites.map((site) => both[site]!.green).sort()).toEqual([0, 1]);
	});
});
