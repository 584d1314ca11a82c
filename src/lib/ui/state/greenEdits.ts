import type { AreaWire, GreenWire } from '$lib/io/green';
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
	}
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
