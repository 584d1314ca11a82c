import { finish, type Steps } from '../math/steps';
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
export const onNodes = (frame: GridFrame, value: (u: Metres, v: Metres) => number): HeightGrid =>
	finish(onNodesInSteps(frame, value));

/**
 * `onNodes` row by row.
 *
 * @param frame as there
 * @param value as there
 */
export function* onNodesInSteps(
	frame: GridFrame,
	value: (u: Metres, v: Metres) => number
): Steps<HeightGrid> {
	const { columns, rows, originU, originV, cell } = frame;
	const heights = new Float64Array(columns * rows);
	for (let row = 0; row < rows; row++) {
		for (let column = 0; column < columns; column++)
			heights[row * columns + column] = value(originU + column * cell, originV + row * cell);
		yield;
	}
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
	const cellColumns = grid.columns - 1;
	const lastI = cellColumns - 1;
	const lastJ = grid.rows - 2;
	const edgeU = cellColumns * cell;
	const edgeV = (grid.rows - 1) * cell;
	const perMetre = 1 / cell;
	// Balls come back to the same few cells: a row of cells is laid down as polynomials the first time it is asked.
	const laid = new Array<Float64Array | null>(grid.rows - 1).fill(null);
	const layRow = (j: number): Float64Array => {
		const terms = new Float64Array(TERMS * cellColumns);
		for (let i = 0; i < cellColumns; i++)
			layDown(heights, columns, j * columns + i, terms, TERMS * i);
		return (laid[j] = terms);
	};

	/** Height, and with `out` the gradient, at a place clamped into the grid. */
	function evaluate(u: Metres, v: Metres, out: MapSample | null): Metres {
		const du = u - originU;
		const dv = v - originV;
		const insideU = du >= 0 && du <= edgeU;
		const insideV = dv >= 0 && dv <= edgeV;
		const cellsU = (insideU ? du : du > 0 ? edgeU : 0) * perMetre;
		const cellsV = (insideV ? dv : dv > 0 ? edgeV : 0) * perMetre;
		const i = cellsU < lastI ? cellsU | 0 : lastI;
		const j = cellsV < lastJ ? cellsV | 0 : lastJ;
		const s = cellsU - i;
		const t = cellsV - j;
		const terms = laid[j] ?? layRow(j);
		const at = TERMS * i;
		const a = row(terms, at, s);
		const b = row(terms, at + 4, s);
		const c = row(terms, at + 8, s);
		const d = row(terms, at + 12, s);
		const height = a + t * (b + t * (c + t * d));
		if (out) {
			out.height = height;
			out.gradientU = insideU
				? (rowSlope(terms, at, s) +
						t *
							(rowSlope(terms, at + 4, s) +
								t * (rowSlope(terms, at + 8, s) + t * rowSlope(terms, at + 12, s)))) *
					perMetre
				: 0;
			out.gradientV = insideV ? (b + t * (2 * c + 3 * t * d)) * perMetre : 0;
		}
		return height;
	}
	return {
		sample: (u, v, out) => void evaluate(u, v, out),
		height: (u, v) => evaluate(u, v, null)
	};
}

/** Terms of a polynomial that is cubic both ways, ordered by the power of t, then of s. */
const TERMS = 16;

/** Value and slope of the terms of one power of t, at s. */
const row = (terms: Float64Array, at: number, s: number): number =>
	terms[at]! + s * (terms[at + 1]! + s * (terms[at + 2]! + s * terms[at + 3]!));
const rowSlope = (terms: Float64Array, at: number, s: number): number =>
	terms[at + 1]! + s * (2 * terms[at + 2]! + 3 * s * terms[at + 3]!);

/** Turns four values in steps of `stride` into the coefficients of Keys' cubic through the second at 0 and the third at 1. */
function keys(
	values: Float64Array,
	at: number,
	stride: number,
	out: Float64Array,
	to: number,
	gap: number
): void {
	const a = values[at]!;
	const b = values[at + stride]!;
	const c = values[at + 2 * stride]!;
	const d = values[at + 3 * stride]!;
	out[to] = b;
	out[to + gap] = (c - a) / 2;
	out[to + 2 * gap] = (2 * a - 5 * b + 4 * c - d) / 2;
	out[to + 3 * gap] = (3 * (b - c) + d - a) / 2;
}

const alongU = new Float64Array(TERMS);

/** Writes the polynomial of the cell whose lowest neighbour is node `from` of the padded heights. */
function layDown(
	heights: Float64Array,
	columns: number,
	from: number,
	out: Float64Array,
	to: number
): void {
	for (let k = 0; k < 4; k++) keys(heights, from + k * columns, 1, alongU, 4 * k, 1);
	for (let power = 0; power < 4; power++) keys(alongU, power, 4, out, to + power, 4);
}

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
