import type { AreaWire, GreenWire } from '$lib/io/work/green';
import { distanceToPiece } from '$lib/core/math/polygon';
import type { GreenPart } from './greenBench.svelte';

type MapPoint = [number, number];

const STEP = 0.05;
const stepped = (metres: number): number => Number((Math.round(metres / STEP) * STEP).toFixed(2));
/** A place on the map as fine as a tape reads it. */
export const mapPointNear = (u: number, v: number): MapPoint => [stepped(u), stepped(v)];

/** Places of a part, so that a drag can start from where they were. */
export function placesOf(green: GreenWire, part: GreenPart): MapPoint[] {
	switch (part.kind) {
		case 'spot':
			return [green.spots[part.index]!.at];
		case 'tilt':
			return [green.tilts[part.index]!.at];
		case 'pin':
			return [green.pins[part.index]!.at];
		case 'corner':
			return [green.outline[part.index]!];
		case 'areaCorner':
			return [green.areas[part.index]!.outline[part.corner]!];
		case 'area':
			return green.areas[part.index]!.outline;
		case 'whole':
			return [sizeMark(green), ...placesOn(green)];
	}
}

/** Puts a part elsewhere: where its places were, moved. */
export function moveParts(
	green: GreenWire,
	part: GreenPart,
	from: readonly MapPoint[],
	du: number,
	dv: number
): void {
	const to = from.map(([u, v]) => mapPointNear(u + du, v + dv));
	const first = to[0]!;
	switch (part.kind) {
		case 'spot':
			green.spots[part.index]!.at = first;
			return;
		case 'tilt':
			green.tilts[part.index]!.at = first;
			return;
		case 'pin':
			green.pins[part.index]!.at = first;
			return;
		case 'corner':
			green.outline[part.index] = first;
			return;
		case 'areaCorner':
			green.areas[part.index]!.outline[part.corner] = first;
			return;
		case 'area':
			green.areas[part.index]!.outline = to;
			return;
		case 'whole':
			stretch(green, from, du, dv);
	}
}

/** Everything that lies on a green, in one order. */
const placesOn = (green: GreenWire): MapPoint[] => [
	...green.outline,
	...green.areas.flatMap(({ outline }) => outline),
	...[...green.spots, ...green.tilts, ...green.pins].map(({ at }) => at)
];

/** The least and the greatest of an outline in both directions. */
function boxOf(outline: readonly MapPoint[]): { low: MapPoint; high: MapPoint } {
	const [us, vs] = [outline.map(([u]) => u), outline.map(([, v]) => v)];
	return { low: [Math.min(...us), Math.min(...vs)], high: [Math.max(...us), Math.max(...vs)] };
}

/** Where a green is taken hold of to change its size: the upper right corner of the box around it. */
export const sizeMark = ({ outline }: GreenWire): MapPoint => boxOf(outline).high;

/** How wide and how long a green is on its map, metres. */
export function sizeOf({ outline }: GreenWire): { wide: number; long: number } {
	const { low, high } = boxOf(outline);
	return { wide: high[0] - low[0], long: high[1] - low[1] };
}

/** No green is smaller. */
const LEAST_SIZE = 3;

/** Stretches a green with everything on it from its lower left corner, as far as its upper right one is moved. */
function stretch(green: GreenWire, from: readonly MapPoint[], du: number, dv: number): void {
	const [mark, ...places] = from as [MapPoint, ...MapPoint[]];
	const { low } = boxOf(places.slice(0, green.outline.length));
	const [wide, long] = [mark[0] - low[0], mark[1] - low[1]];
	const across = Math.max(LEAST_SIZE, wide + du) / wide;
	const up = Math.max(LEAST_SIZE, long + dv) / long;
	const moved = places.map(([u, v]) =>
		mapPointNear(low[0] + (u - low[0]) * across, low[1] + (v - low[1]) * up)
	);
	let at = 0;
	const next = (): MapPoint => moved[at++]!;
	green.outline = green.outline.map(next);
	for (const area of green.areas) area.outline = area.outline.map(next);
	for (const part of [...green.spots, ...green.tilts, ...green.pins]) part.at = next();
}

/** Gives a green another size, everything on it moved along. */
export function resize(green: GreenWire, size: { wide: number; long: number }): void {
	const now = sizeOf(green);
	const from: MapPoint[] = [sizeMark(green), ...placesOn(green)];
	stretch(green, from, size.wide - now.wide, size.long - now.long);
}

const FEWEST_CORNERS = 3;

/** Takes a part away; an outline keeps three corners. */
export function removePart(green: GreenWire, part: GreenPart): boolean {
	const listOf = { spot: green.spots, tilt: green.tilts, pin: green.pins, area: green.areas };
	if (part.kind === 'corner' || part.kind === 'areaCorner') {
		const outline = part.kind === 'corner' ? green.outline : green.areas[part.index]!.outline;
		if (outline.length <= FEWEST_CORNERS) return false;
		outline.splice(part.kind === 'corner' ? part.index : part.corner, 1);
		return true;
	}
	if (part.kind === 'whole') return false;
	listOf[part.kind].splice(part.index, 1);
	return true;
}

/** Puts a new corner into the nearest side of an outline and answers its index. */
export function insertCorner(outline: MapPoint[], at: MapPoint): number {
	let nearest = 0;
	let best = Infinity;
	outline.forEach((corner, i) => {
		const next = outline[(i + 1) % outline.length]!;
		const distance = distanceToPiece(corner, next, at[0], at[1]);
		if (distance < best) [best, nearest] = [distance, i];
	});
	outline.splice(nearest + 1, 0, at);
	return nearest + 1;
}

/** A rounded outline to start from. */
function ellipse([u, v]: MapPoint, wide: number, high: number, corners: number): MapPoint[] {
	return Array.from({ length: corners }, (_, i) => {
		const angle = (2 * Math.PI * i) / corners;
		return mapPointNear(u + (wide / 2) * Math.cos(angle), v + (high / 2) * Math.sin(angle));
	});
}

const NEW_GREEN = { wide: 20, high: 16, corners: 16 };
const NEW_AREA = { wide: 5, high: 3, corners: 8 };

/** A green to start a survey from. */
export const blankGreen = (id: string, name: string): GreenWire => ({
	id,
	name,
	note: '',
	outline: ellipse([10, 8], NEW_GREEN.wide, NEW_GREEN.high, NEW_GREEN.corners),
	collar: 1,
	fringe: 'smooth',
	areas: [],
	spots: [],
	tilts: [],
	grid: null,
	pins: [{ id: `${id}-pin-1`, name: 'Middle', at: [10, 8] }]
});

export type QuickShape = 'oval' | 'square' | 'kidney' | 'pear';

/** A green told in four touches. */
export interface QuickGreen {
	wide: number;
	long: number;
	shape: QuickShape;
	/** Percent, the same everywhere; 0 for level. */
	slope: number;
	/** Direction of the fall, clockwise from the top of the map, degrees. */
	fallsTowards: number;
}

/** How far out a shape reaches in a direction, against the oval in the same box (assumption: what such greens look like from above). */
const REACH: Readonly<Record<QuickShape, (angle: number) => number>> = {
	oval: () => 1,
	square: (angle) => (Math.cos(angle) ** 4 + Math.sin(angle) ** 4) ** -0.25,
	kidney: (angle) => 1 - 0.45 * Math.exp(-((Math.min(angle, 2 * Math.PI - angle) / 0.6) ** 2)),
	pear: (angle) => 1 - 0.3 * ((1 + Math.sin(angle)) / 2) ** 2
};

/** A green of a usual shape, level or falling one way, with a pin in its middle: enough to plan on until it is surveyed. */
export function quickGreen(id: string, name: string, told: QuickGreen): GreenWire {
	const green = blankGreen(id, name);
	green.outline = Array.from({ length: 24 }, (_, i): MapPoint => {
		const angle = (2 * Math.PI * i) / 24;
		const reach = REACH[told.shape](angle);
		return [50 * reach * Math.cos(angle), 50 * reach * Math.sin(angle)];
	});
	const { low, high } = boxOf(green.outline);
	green.outline = green.outline.map(([u, v]) =>
		mapPointNear(
			((u - low[0]) / (high[0] - low[0])) * told.wide,
			((v - low[1]) / (high[1] - low[1])) * told.long
		)
	);
	const at = (u: number, v: number): MapPoint => mapPointNear(u * told.wide, v * told.long);
	green.pins[0]!.at = at(0.5, 0.45);
	if (told.slope > 0)
		green.tilts = [at(0.5, 0.45), at(0.3, 0.3), at(0.7, 0.3), at(0.35, 0.65), at(0.65, 0.65)].map(
			(place) => ({
				at: place,
				percent: told.slope,
				fallsTowards: told.fallsTowards,
				leftOut: false
			})
		);
	return green;
}

/** A bunker, pond or strip of grass to drag into place. */
export const blankArea = (kind: AreaWire['kind'], at: MapPoint): AreaWire => ({
	kind,
	outline: ellipse(at, NEW_AREA.wide, NEW_AREA.high, NEW_AREA.corners),
	lip: kind === 'sand' ? 0.3 : 0
});

/** A pin under a name that is still free. */
export function withPin(green: GreenWire, id: string, at: MapPoint): void {
	let number = green.pins.length + 1;
	while (green.pins.some(({ name }) => name === `Pin ${number}`)) number++;
	green.pins.push({ id, name: `Pin ${number}`, at });
}
