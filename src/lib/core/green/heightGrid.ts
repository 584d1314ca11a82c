import type { Metres, Ratio } from '../units';

/** Heights on a square grid of the map, row by row from the lowest v, in each row from the lowest u. */
export interface HeightGrid {
	/** The first node. */
	originU: Metres;
	originV: Metres;
	/** Distance between nodes, above 0. */
	cell: Metres;
	columns: number;
	rows: number;
	/** `columns × rows` of them; NaN where nothing is known. */
	heights: ArrayLike<number>;
}

/** Where the nodes of a grid lie. */
export type GridFrame = Omit<HeightGrid, 'heights'>;

/**
 * Evaluates a field on the nodes of a grid.
 *
 * @param frame origin, cell and counts on the map, metres
 * @param value height at a node, metres; NaN where it is not known
 */
export function onNodes(frame: GridFrame, value: (u: Metres, v: Metres) => number): HeightGrid {
	const { columns, rows, originU, originV, cell } = frame;
	const heights = Float64Array.from({ length: columns * rows }, (_, at) =>
		value(originU + (at % columns) * cell, originV + Math.floor(at / columns) * cell)
	);
	return { ...frame, heights };
}

/** Height and gradient at one place of a map; filled in place. */
export class MapSample {
	height: Metres = 0;
	gradientU: Ratio = 0;
	gradientV: Ratio = 0;
}

/** Fewest nodes each way that the interpolation can work on. */
export const LEAST_NODES = 2;

/**
 * Adds a ring of nodes outside, continued in a straight line, so that the interpolation has neighbours everywhere.
 *
 * @param grid without NaN
 */
function padded(grid: HeightGrid): { columns: number; rows: number; heights: Float64Array } {
	const columns = grid.columns + 2;
	const rows = grid.rows + 2;
	const heights = new Float64Array(columns * rows);
	const inner = (i: number, j: number) => grid.heights[j * grid.columns + i]!;
	for (let j = 0; j < grid.rows; j++) {
		const row = (j + 1) * columns;
		for (let i = 0; i < grid.columns; i++) heights[row + i + 1] = inner(i, j);
		heights[row] = 2 * heights[row + 1]! - heights[row + 2]!;
		heights[row + columns - 1] = 2 * heights[row + columns - 2]! - heights[row + columns - 3]!;
	}
	const top = (rows - 1) * columns;
	for (let i = 0; i < columns; i++) {
		heights[i] = 2 * heights[columns + i]! - heights[2 * columns + i]!;
		heights[top + i] = 2 * heights[top - columns + i]! - heights[top - 2 * columns + i]!;
	}
	return { columns, rows, heights };
}

/** A surface that can be asked for height and gradient anywhere; beyond the grid it goes on level. */
export interface HeightField {
	sample(u: Metres, v: Metres, out: MapSample): void;
	height(u: Metres, v: Metres): Metres;
}

/**
 * Smooth surface through a height grid: cubic convolution, whose gradient is continuous and which reproduces quadratics exactly
 * (inside the outermost ring of cells).
 *
 * @param grid at least 2 × 2 nodes, no NaN
 * @throws RangeError for a smaller grid, a cell not above 0 or heights of another count
 * @source R. Keys, Cubic convolution interpolation for digital image processing, IEEE Transactions on Acoustics 29 (1981), a = −1/2
 */
export function createHeightField(grid: HeightGrid): HeightField {
	const { originU, originV, cell } = grid;
	if (grid.columns < LEAST_NODES || grid.rows < LEAST_NODES || !(cell > 0))
		throw new RangeError(
			`createHeightField: ${grid.columns} × ${grid.rows} nodes of ${cell} m, needs 2 × 2 and a cell above 0`
		);
	if (grid.heights.length !== grid.columns * grid.rows)
		throw new RangeError(`createHeightField: ${grid.heights.length} heights for the grid`);
	const { columns, heights } = padded(grid);
	const lastI = grid.columns - 2;
	const lastJ = grid.rows - 2;
	const edgeU = (grid.columns - 1) * cell;
	const edgeV = (grid.rows - 1) * cell;
	const rowHeight = new Float64Array(4);
	const rowSlope = new Float64Array(4);

	/** Height, and with `out` the gradient, at a place clamped into the grid. */
	function evaluate(u: Metres, v: Metres, out: MapSample | null): Metres {
		const du = Math.max(0, Math.min(edgeU, u - originU));
		const dv = Math.max(0, Math.min(edgeV, v - originV));
		const i = Math.min(lastI, Math.floor(du / cell));
		const j = Math.min(lastJ, Math.floor(dv / cell));
		const s = du / cell - i;
		const t = dv / cell - j;
		for (let k = 0; k < 4; k++) {
			const at = (j + k) * columns + i;
			const a = heights[at]!;
			const b = heights[at + 1]!;
			const c = heights[at + 2]!;
			const d = heights[at + 3]!;
			rowHeight[k] = cubic(a, b, c, d, s);
			if (out) rowSlope[k] = cubicSlope(a, b, c, d, s);
		}
		const height = cubic(rowHeight[0]!, rowHeight[1]!, rowHeight[2]!, rowHeight[3]!, t);
		if (out) {
			const outsideU = u < originU || u > originU + edgeU;
			const outsideV = v < originV || v > originV + edgeV;
			out.height = height;
			out.gradientU = outsideU
				? 0
				: cubic(rowSlope[0]!, rowSlope[1]!, rowSlope[2]!, rowSlope[3]!, t) / cell;
			out.gradientV = outsideV
				? 0
				: cubicSlope(rowHeight[0]!, rowHeight[1]!, rowHeight[2]!, rowHeight[3]!, t) / cell;
		}
		return height;
	}
	return {
		sample: (u, v, out) => void evaluate(u, v, out),
		height: (u, v) => evaluate(u, v, null)
	};
}

/** Keys' cubic through b at 0 and c at 1. */
const cubic = (a: number, b: number, c: number, d: number, s: number): number =>
	b + (s / 2) * (c - a + s * (2 * a - 5 * b + 4 * c - d + s * (3 * (b - c) + d - a)));

const cubicSlope = (a: number, b: number, c: number, d: number, s: number): number =>
	(c - a + s * (2 * (2 * a - 5 * b + 4 * c - d) + 3 * s * (3 * (b - c) + d - a))) / 2;

/**
 * Fills unknown nodes from their known neighbours, ring by ring outward; the known ones stay as they are.
 *
 * @param grid heights row by row; NaN where there is none
 * @returns the same grid when nothing is unknown; level at 0 when nothing is known
 */
export function filled(grid: HeightGrid): HeightGrid {
	const heights = Float64Array.from(grid.heights);
	let unknown = [...heights.keys()].filter((at) => Number.isNaN(heights[at]!));
	if (unknown.length === 0) return grid;
	while (unknown.length > 0) {
		const found = unknown
			.map((at) => [at, meanOfNeighbours(grid, heights, at)] as const)
			.filter(([, height]) => !Number.isNaN(height));
		if (found.length === 0) return { ...grid, heights: heights.fill(0) };
		for (const [at, height] of found) heights[at] = height;
		unknown = unknown.filter((at) => Number.isNaN(heights[at]!));
	}
	return { ...grid, heights };
}

function meanOfNeighbours(grid: HeightGrid, heights: Float64Array, at: number): Metres {
	const column = at % grid.columns;
	const row = Math.floor(at / grid.columns);
	let sum = 0;
	let count = 0;
	for (let j = Math.max(0, row - 1); j <= Math.min(grid.rows - 1, row + 1); j++)
		for (let i = Math.max(0, column - 1); i <= Math.min(grid.columns - 1, column + 1); i++) {
			const height = heights[j * grid.columns + i]!;
			if (Number.isNaN(height)) continue;
			sum += height;
			count++;
		}
	return count > 0 ? sum / count : NaN;
}
