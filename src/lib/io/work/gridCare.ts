import { quantileSorted } from '$lib/core/math/quantiles';
import type { GridWire } from './green';

/** A height this far from the middle of all others is no ground of a green. */
const MISREAD = 30;
/** A grid whose middle lies farther than this from the green's is in the coordinates of a map. */
const ELSEWHERE = 300;

/** A grid made fit for a green, and what that took. */
export interface CaredGrid {
	grid: GridWire;
	/** Heights that cannot be right and are left out: metres from the middle of the others. */
	misread: number;
	/** Whether it was moved so that its middle is the green's. */
	moved: boolean;
	/** Height taken off all of them: the file counts from sea level. */
	lowered: number;
}

/** Heights of a green count from near zero; those of a map from sea level. */
const SEA_LEVEL = 20;

/**
 * Makes a grid fit for a green: leaves out heights that stand far off all others, lowers heights that count from sea level, and moves a
 * grid in map coordinates to the green.
 *
 * @param centre of the green on its map
 */
export function caredGrid(grid: GridWire, centre: readonly [number, number]): CaredGrid {
	const known = Float64Array.from(grid.heights.filter((height) => height !== null)).sort();
	const middle = quantileSorted(known, 0.5);
	const right = (height: number) => Math.abs(height - middle) <= MISREAD;
	const lowered = Math.abs(middle) > SEA_LEVEL ? Math.round(middle * 100) / 100 : 0;
	let misread = 0;
	const heights = grid.heights.map((height) => {
		if (height === null) return null;
		if (right(height)) return lowered === 0 ? height : height - lowered;
		misread++;
		return null;
	});
	const [u, v] = [
		grid.originU + ((grid.columns - 1) / 2) * grid.cell,
		grid.originV + ((grid.rows - 1) / 2) * grid.cell
	];
	const moved = Math.hypot(u - centre[0], v - centre[1]) > ELSEWHERE;
	const shifted = moved
		? {
				originU: grid.originU + centre[0] - u,
				originV: grid.originV + centre[1] - v
			}
		: {};
	const changed = misread > 0 || lowered !== 0;
	return {
		grid: changed || moved ? { ...grid, ...shifted, ...(changed && { heights }) } : grid,
		misread,
		moved,
		lowered
	};
}
