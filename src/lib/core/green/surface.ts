import { contentKey } from '../math/contentKey';
import { boundsOf, type Point } from '../math/polygon';
import { finish, type Steps } from '../math/steps';
import type { Metres } from '../units';
import type { Green } from './green';
import {
	createHeightField,
	filled,
	onNodesInSteps,
	type GridFrame,
	type HeightField,
	type HeightGrid
} from './heightGrid';
import { createKindMap, type KindMap } from './kindMap';
import { fitSpots, type SpotFit } from './spotFit';

/** A green made ready to be asked: heights, kinds, and how it was fitted. */
export interface GreenSurface extends HeightField, KindMap {
	grid: HeightGrid;
	/** Null where a finished grid was given. */
	fit: SpotFit | null;
}

/** Heights are computed out to this beyond everything that is drawn or read. */
const MARGIN: Metres = 10;
const CELL: Metres = 0.5;
const MOST_NODES = 160;

/** A square grid that covers points and a margin. */
function gridOver(points: readonly Point[], margin: Metres): GridFrame {
	const [lowU, lowV, highU, highV] = points.length > 0 ? boundsOf(points) : [0, 0, 0, 0];
	const longest = Math.max(highU - lowU, highV - lowV) + 2 * margin;
	const cell = Math.max(CELL, longest / MOST_NODES);
	return {
		originU: lowU - margin,
		originV: lowV - margin,
		cell,
		columns: Math.ceil((highU - lowU + 2 * margin) / cell) + 1,
		rows: Math.ceil((highV - lowV + 2 * margin) / cell) + 1
	};
}

/** Everything of a green that has a place. */
const placesOf = (green: Green): Point[] => [
	...green.outline,
	...green.areas.flatMap((area) => area.outline),
	...green.spots.map(({ u, v }): Point => [u, v]),
	...green.tilts.map(({ u, v }): Point => [u, v])
];

/** Fits heights and draws kinds of a green: slow (tens of ms), see `surfaceOf`. */
function* built(green: Green): Steps<GreenSurface> {
	const fit = green.grid ? null : fitSpots(green.spots, green.tilts);
	yield;
	const grid = green.grid
		? filled(green.grid)
		: yield* onNodesInSteps(gridOver(placesOf(green), MARGIN), fit!.height);
	yield;
	const field = createHeightField(grid);
	yield;
	return { ...field, ...createKindMap(green), grid, fit };
}

const REMEMBERED = 4;
const byContent = new Map<string, GreenSurface>();
const byIdentity = new WeakMap<Green, GreenSurface>();

/**
 * The surface of a green, built once for as long as the green stays the same: a green that comes in a message again is known by
 * its content, and the last few are remembered.
 *
 * @param green must not be changed in place afterwards
 */
export const surfaceOf = (green: Green): GreenSurface => finish(surfaceInSteps(green));

/**
 * `surfaceOf` in steps of some ms, for a thread that has others to answer.
 *
 * @param green as there
 */
export function* surfaceInSteps(green: Green): Steps<GreenSurface> {
	const known = byIdentity.get(green);
	if (known) return known;
	const key = contentKey(green);
	const surface = byContent.get(key) ?? (yield* built(green));
	byIdentity.set(green, surface);
	byContent.set(key, surface);
	if (byContent.size > REMEMBERED) byContent.delete(byContent.keys().next().value!);
	return surface;
}
