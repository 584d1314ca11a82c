import type { Green } from '../green/green';
import { surfaceOf } from '../green/surface';
import { SURFACE } from '../ground/surfaces';
import { boundsOf, contains, type Point } from '../math/polygon';
import type { Metres, Radians, Ratio } from '../units';
import { standOf, TOLERATED, walkBetween } from './clinicSafety';
import type { Counts, Reach } from './stationBalls';
import type { Zone } from './zone';

/** A place of a map where a station could be. */
export interface Site {
	/** Index of the green. */
	green: number;
	ball: Point;
	heading: Radians;
	/** Which of the places around the green. */
	place: number;
}

const PLACES = 12;
const HEADINGS = 7;
/** The ball lies so far off the green. */
const OFF: Metres = 2;
const STEP: Metres = 0.25;
/** On the line of a station the green goes on at least so far. */
const LEAST_ROOM: Metres = 6;
const FARTHEST: Metres = 60;

/** Few balls: enough to see what is out of the question. */
export const SEARCH_BALLS: Counts = { face: 60, hosel: 40 };

/** How far the green goes on along a line from a place beside it. */
function roomOn(green: Green, [u, v]: Point, heading: Radians): Metres {
	let room = 0;
	for (let x = 0; x < FARTHEST; x += STEP) {
		if (contains(green.outline, u + x * Math.cos(heading), v + x * Math.sin(heading))) room += STEP;
		else if (room > 0) break;
	}
	return room;
}

/**
 * Places around a green where people can stand, and ways to hit from each: onto the green, with room on it. No place in sand, water or
 * on the green itself.
 *
 * @param green with its outline
 * @param index of it, where several are looked at
 */
export function sitesOf(green: Green, index = 0): Site[] {
	const surface = surfaceOf(green);
	const [lowU, lowV, highU, highV] = boundsOf(green.outline);
	const middle: Point = [(lowU + highU) / 2, (lowV + highV) / 2];
	return Array.from({ length: PLACES }, (_, place): Site[] => {
		const out = (2 * Math.PI * place) / PLACES;
		const [du, dv] = [Math.cos(out), Math.sin(out)];
		let edge = 0;
		for (let far = 0; far < FARTHEST; far += STEP)
			if (contains(green.outline, middle[0] + far * du, middle[1] + far * dv)) edge = far;
		const ball: Point = [middle[0] + (edge + OFF) * du, middle[1] + (edge + OFF) * dv];
		const dry = ([u, v]: Point) => {
			const kind = surface.kindAt(u, v);
			return kind !== SURFACE.sand && kind !== SURFACE.water && kind !== SURFACE.green;
		};
		if (!dry(ball)) return [];
		return Array.from({ length: HEADINGS }, (__, k): Site => ({
			green: index,
			ball,
			// A fan about the way to the middle.
			heading: out + Math.PI + ((k - (HEADINGS - 1) / 2) * Math.PI) / HEADINGS,
			place
		})).filter((site) => {
			const { from } = standOf(site);
			return dry(from) && roomOn(green, ball, site.heading) >= LEAST_ROOM;
		});
	}).flat();
}

/** All stands that sites have and all ways between them, green by green, to be asked at once. */
export interface SiteZones {
	/** By index of the green. */
	zones: Zone[][];
	/** Index among the zones of its green. */
	standAt: (site: number) => number;
	/** Index among the zones of their green; undefined between two greens, which no ball crosses. */
	walkFrom: (site: number, to: number) => number | undefined;
}

/** So far round about people a ball is a near miss: few balls tell of those what only many tell of hits. */
const NEAR_MISS: Metres = 2;

/**
 * The same zones once more, wider by the room of a near miss; they come after their own among those of each green.
 *
 * @param zones of `zonesOf`
 * @param sites the same as of the zones
 */
export function nearMisses(zones: SiteZones, sites: readonly Site[]): SiteZones {
	const after = (site: number) => zones.zones[sites[site]!.green]!.length;
	return {
		zones: zones.zones.map((there) =>
			there.map((zone) => ({ ...zone, radius: zone.radius + NEAR_MISS }))
		),
		standAt: (site) => after(site) + zones.standAt(site),
		walkFrom: (site, to) => {
			const way = zones.walkFrom(site, to);
			return way === undefined ? undefined : after(site) + way;
		}
	};
}

/** Sites of one place stand within each other: one zone holds them all. */
const PLACE_SLACK: Metres = 1;

/**
 * The zones of sites by their place: a place's stand holds those of all its headings.
 *
 * @param sites of `sitesOf`, of one green or several
 */
export function zonesOf(sites: readonly Site[]): SiteZones {
	const zones: Zone[][] = [];
	const stands = new Map<string, number>();
	const walks = new Map<string, number>();
	const keyOf = ({ green, place }: Site) => `${green} ${place}`;
	const seen: Site[] = [];
	for (const site of sites) {
		if (stands.has(keyOf(site))) continue;
		const there = (zones[site.green] ??= []);
		stands.set(keyOf(site), there.length);
		there.push({ from: site.ball, to: site.ball, radius: standOf(site).radius + PLACE_SLACK });
		for (const other of seen.filter(({ green }) => green === site.green)) {
			walks.set(`${keyOf(other)} ${keyOf(site)}`, there.length);
			there.push(walkBetween(other, site));
		}
		seen.push(site);
	}
	return {
		zones,
		standAt: (site) => stands.get(keyOf(sites[site]!))!,
		walkFrom: (site, to) => {
			const [one, other] = [keyOf(sites[site]!), keyOf(sites[to]!)];
			return walks.get(`${one} ${other}`) ?? walks.get(`${other} ${one}`);
		}
	};
}

/** A layout: for each station the index of its site; with the sum of what came to others. */
export interface Layout {
	sites: number[];
	risk: Ratio;
}

const MOST_STEPS = 200_000;
const MOST_LAYOUTS = 400;

/**
 * Layouts in which few balls come to where others stand or walk, the least risk first. Each differs from those before it in more than one
 * station, so that one that fails a closer look is not followed by its like.
 *
 * @param count stations
 * @param sites of the green
 * @param reachOf how often balls of a station hit from a site come to each zone of its green
 * @param zones which of a station's reaches is for whom
 * @param most layouts
 */
export function layoutsOf(
	count: number,
	sites: readonly Site[],
	reachOf: (station: number, site: number) => readonly Reach[],
	{ standAt, walkFrom }: Pick<SiteZones, 'standAt' | 'walkFrom'>,
	most: number
): Layout[] {
	const found: Layout[] = [];
	let steps = 0;
	const shares = (station: number, site: number, zone: number) =>
		reachOf(station, site)[zone]!.share;
	/** What a station's balls do to people of others, and theirs to its people; infinite where it is too much. */
	const clash = (chosen: readonly number[], station: number, site: number): Ratio => {
		let sum = 0;
		for (let other = 0; other < station; other++) {
			const there = chosen[other]!;
			if (sites[there]!.green !== sites[site]!.green) continue;
			if (sites[there]!.place === sites[site]!.place) return Infinity;
			const one = shares(station, site, standAt(there));
			const two = shares(other, there, standAt(site));
			if (Math.max(one, two) > TOLERATED) return Infinity;
			sum += one + two;
		}
		return sum;
	};
	const walks = (chosen: readonly number[]): Ratio => {
		let sum = 0;
		for (let i = 0; i < count; i++) {
			const next = (i + 1) % count;
			const way = walkFrom(chosen[i]!, chosen[next]!);
			if (way === undefined) continue;
			const { green } = sites[chosen[i]!]!;
			for (let of = 0; of < count; of++) {
				if (of === i || of === next || sites[chosen[of]!]!.green !== green) continue;
				const share = shares(of, chosen[of]!, way);
				if (share > TOLERATED) return Infinity;
				sum += share;
			}
		}
		return sum;
	};
	// Neighbouring sites are tried far apart from each other, so that the first layouts are not all alike.
	const order = sites.map((_, i) => i).sort((a, b) => ((a * 7919) % 1009) - ((b * 7919) % 1009));
	const place = (chosen: readonly number[], risk: Ratio): void => {
		const station = chosen.length;
		if (station === count) {
			const all = risk + walks(chosen);
			if (Number.isFinite(all)) found.push({ sites: [...chosen], risk: all });
			return;
		}
		for (const site of order) {
			if (++steps > MOST_STEPS || found.length >= MOST_LAYOUTS) return;
			const more = clash(chosen, station, site);
			if (Number.isFinite(more)) place([...chosen, site], risk + more);
		}
	};
	place([], 0);
	found.sort((a, b) => a.risk - b.risk);
	const apart: Layout[] = [];
	for (const one of found) {
		const near = apart.some(
			({ sites: other }) => other.filter((site, i) => site !== one.sites[i]).length < 2
		);
		if (!near) apart.push(one);
		if (apart.length === most) break;
	}
	return apart;
}
