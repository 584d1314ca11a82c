import { contours } from 'd3-contour';
import type { GridFrame, HeightGrid } from '$lib/core/green/heightGrid';
import { MapSample, type HeightField } from '$lib/core/green/heightGrid';
import { quantileSorted } from '$lib/core/math/quantiles';
import { contains, boundsOf, type Point } from '$lib/core/math/polygon';
import { toPercent, type Metres, type Radians, type Ratio } from '$lib/core/units';

/** Puts a place of the map on the paper, in pixels. */
export type Project = (u: Metres, v: Metres) => [number, number];

const at = ([x, y]: readonly [number, number]): string => `${x.toFixed(1)},${y.toFixed(1)}`;

/** SVG path of a closed outline. */
export const outlinePath = (outline: readonly Point[], project: Project): string =>
	outline.length === 0 ? '' : `M${outline.map(([u, v]) => at(project(u, v))).join('L')}Z`;

const INTERVALS: readonly Metres[] = [0.01, 0.02, 0.05, 0.1, 0.2, 0.5, 1, 2, 5];
const MOST_LINES = 14;
/** Contours are drawn out to this beyond the green: farther off nothing was read as a rule. */
export const CONTOUR_REACH: Metres = 4;
/** Nodes a side that a picture of the green can show. */
const MOST_NODES = 140;
/** Lines drawn beyond the green's own heights, below and above. */
const LINES_BEYOND = 10;
/** Heights beyond these shares of a green's are not counted for its range: a cell that was misread must not decide it. */
const TAIL = 0.01;

/** A readable distance in height between contour lines. */
export const contourInterval = (low: Metres, high: Metres): Metres =>
	INTERVALS.find((interval) => (high - low) / interval <= MOST_LINES) ?? INTERVALS.at(-1)!;

/**
 * The part of a grid that a picture shows: what lies near an outline, with no more nodes than can be told apart.
 *
 * @param margin around the outline
 */
export function nearGrid(grid: HeightGrid, outline: readonly Point[], margin: Metres): HeightGrid {
	if (outline.length === 0) return grid;
	const [lowU, lowV, highU, highV] = boundsOf(outline);
	const { originU, originV, cell, columns, rows } = grid;
	const within = (value: number, most: number) => Math.max(0, Math.min(most, value));
	const fromI = within(Math.floor((lowU - margin - originU) / cell), columns - 2);
	const toI = within(Math.ceil((highU + margin - originU) / cell), columns - 1);
	const fromJ = within(Math.floor((lowV - margin - originV) / cell), rows - 2);
	const toJ = within(Math.ceil((highV + margin - originV) / cell), rows - 1);
	const stride = Math.max(1, Math.ceil(Math.max(toI - fromI, toJ - fromJ) / MOST_NODES));
	const frame: GridFrame = {
		originU: originU + fromI * cell,
		originV: originV + fromJ * cell,
		cell: cell * stride,
		columns: Math.max(2, Math.floor((toI - fromI) / stride) + 1),
		rows: Math.max(2, Math.floor((toJ - fromJ) / stride) + 1)
	};
	const heights = new Float64Array(frame.columns * frame.rows);
	for (let j = 0; j < frame.rows; j++)
		for (let i = 0; i < frame.columns; i++) {
			const at = Math.min(rows - 1, fromJ + j * stride) * columns;
			heights[j * frame.columns + i] =
				grid.heights[at + Math.min(columns - 1, fromI + i * stride)]!;
		}
	return { ...frame, heights };
}

/** A line of one height, with a place for its label. */
export interface ContourLine {
	height: Metres;
	index: boolean;
	d: string;
	label: [number, number] | null;
}

/** The contour library counts in cells from the corner of the first cell; nodes lie in the middles. */
const toMapOf =
	({ originU, originV, cell }: GridFrame) =>
	([column, row]: readonly number[]): Point => [
		originU + (column! - 0.5) * cell,
		originV + (row! - 0.5) * cell
	];

type Ring = Point[];

function ringsAt(grid: HeightGrid, threshold: number): Ring[] {
	const shape = contours()
		.size([grid.columns, grid.rows])
		.contour(grid.heights as unknown as number[], threshold);
	const toMap = toMapOf(grid);
	return shape.coordinates.flatMap((polygon) => polygon.map((ring) => ring.map(toMap)));
}

/** Pieces of a ring that do not run along the edge of the grid, where a contour is only the end of what is known. */
function innerPieces(ring: Ring, grid: GridFrame): Ring[] {
	const far = grid.cell * 0.6;
	const highU = grid.originU + (grid.columns - 1) * grid.cell;
	const highV = grid.originV + (grid.rows - 1) * grid.cell;
	const onEdge = ([u, v]: Point) =>
		u < grid.originU + far || v < grid.originV + far || u > highU - far || v > highV - far;
	const pieces: Ring[] = [[]];
	for (const point of ring)
		if (onEdge(point)) pieces.push([]);
		else pieces.at(-1)!.push(point);
	return pieces.filter((piece) => piece.length > 1);
}

/** A line of one height on the map. */
export interface MapContour {
	height: Metres;
	pieces: Ring[];
	/** Where its label may stand. */
	label: Point | null;
	/** Every fifth line, which is drawn stronger. */
	index: boolean;
}

const INDEX_EVERY = 5;

/**
 * Contour lines of a height grid on the map, from the lowest on, each worked out when it is asked for. They stand a readable distance apart
 * for the green's own heights, and are drawn a little beyond these and no farther.
 *
 * @param outline of the green: labels stand in it
 */
export function* mapContours(grid: HeightGrid, outline: readonly Point[]): Generator<MapContour> {
	const range = heightRange(grid, outline);
	const interval = contourInterval(...range);
	const [lowest, highest] = extent(grid.heights);
	const beyond = LINES_BEYOND * interval;
	const low = Math.ceil(Math.max(lowest, range[0] - beyond) / interval);
	const high = Math.floor(Math.min(highest, range[1] + beyond) / interval);
	for (let k = low; k <= high; k++) {
		const pieces = ringsAt(grid, k * interval).flatMap((ring) => innerPieces(ring, grid));
		if (pieces.length === 0) continue;
		const candidates = pieces.flat().filter(([u, v]) => contains(outline, u, v));
		const label = candidates[Math.floor(candidates.length / 2)] ?? null;
		yield { height: k * interval, pieces, label, index: k % INDEX_EVERY === 0 };
	}
}

/** A contour line as it stands on the paper. */
export const contourLine = (
	{ height, index, pieces, label }: MapContour,
	project: Project
): ContourLine => ({
	height,
	index,
	d: pieces.map((piece) => `M${piece.map(([u, v]) => at(project(u, v))).join('L')}`).join(''),
	label: label && project(...label)
});

/** Areas where a grid is above each threshold, as SVG paths. */
export function bandsAbove(
	grid: HeightGrid,
	thresholds: readonly number[],
	project: Project
): { threshold: number; d: string }[] {
	return thresholds.map((threshold) => ({
		threshold,
		d: ringsAt(grid, threshold)
			.map((ring) => outlinePath(ring, project))
			.join('')
	}));
}

/** Slopes from here on are shaded, one band a shade: percent. */
export const STEEPNESS_BANDS: readonly number[] = [2, 4, 6, 10];

/** How steep a surface is, in percent, on the nodes of a frame. */
export function steepnessGrid(field: HeightField, frame: GridFrame): HeightGrid {
	const sample = new MapSample();
	const { columns, rows, originU, originV, cell } = frame;
	const heights = Float64Array.from({ length: columns * rows }, (_, i) => {
		field.sample(originU + (i % columns) * cell, originV + Math.floor(i / columns) * cell, sample);
		return toPercent(Math.hypot(sample.gradientU, sample.gradientV));
	});
	return { ...frame, heights };
}

/** An arrow that points downhill. */
export interface SlopeArrow {
	from: [number, number];
	to: [number, number];
	/** Steepest slope there. */
	slope: Ratio;
	/** Of the arrow on the paper, clockwise from the right. */
	turn: number;
}

const FLAT: Ratio = 0.003;
const STEEP_FOR_LENGTH: Ratio = 0.08;

/** Arrows on a square raster inside an outline; longer where it is steeper. */
export function slopeArrows(
	field: HeightField,
	outline: readonly Point[],
	spacing: Metres,
	project: Project
): SlopeArrow[] {
	const [lowU, lowV, highU, highV] = boundsOf(outline);
	const sample = new MapSample();
	const arrows: SlopeArrow[] = [];
	for (let v = lowV + spacing / 2; v < highV; v += spacing)
		for (let u = lowU + spacing / 2; u < highU; u += spacing) {
			if (!contains(outline, u, v)) continue;
			field.sample(u, v, sample);
			const slope = Math.hypot(sample.gradientU, sample.gradientV);
			if (slope < FLAT) continue;
			const reach = spacing * (0.22 + 0.3 * Math.min(1, slope / STEEP_FOR_LENGTH));
			const [du, dv] = [-sample.gradientU / slope, -sample.gradientV / slope];
			const from = project(u - reach * du, v - reach * dv);
			const to = project(u + reach * du, v + reach * dv);
			arrows.push({ from, to, slope, turn: degreesOf(from, to) });
		}
	return arrows;
}

const degreesOf = (from: readonly [number, number], to: readonly [number, number]): number =>
	(Math.atan2(to[1] - from[1], to[0] - from[0]) * 180) / Math.PI;

/** The straight way down through a place: the only line on which a putt breaks to neither side. */
export interface FallLine {
	/** Uphill end and downhill end on the map. */
	above: Point;
	below: Point;
	slope: Ratio;
	/** Direction of the fall, from u toward v. */
	towards: Radians;
}

/** @param reach half its length; null where the ground is level */
export function fallLineAt(field: HeightField, [u, v]: Point, reach: Metres): FallLine | null {
	const sample = new MapSample();
	field.sample(u, v, sample);
	const slope = Math.hypot(sample.gradientU, sample.gradientV);
	if (slope < FLAT) return null;
	const [du, dv] = [-sample.gradientU / slope, -sample.gradientV / slope];
	return {
		above: [u - reach * du, v - reach * dv],
		below: [u + reach * du, v + reach * dv],
		slope,
		towards: Math.atan2(dv, du)
	};
}

/** Lowest and highest of a grid inside an outline, but for its tails; of the whole grid where nothing is inside. */
export function heightRange(grid: HeightGrid, outline: readonly Point[]): [Metres, Metres] {
	const inside: Metres[] = [];
	const [lowU, lowV, highU, highV] = boundsOf(outline);
	for (let i = 0; i < grid.heights.length; i++) {
		const u = grid.originU + (i % grid.columns) * grid.cell;
		const v = grid.originV + Math.floor(i / grid.columns) * grid.cell;
		const near = u >= lowU && u <= highU && v >= lowV && v <= highV;
		if (near && contains(outline, u, v)) inside.push(grid.heights[i]!);
	}
	const known = (inside.length > 0 ? inside : Array.from(grid.heights)).filter(Number.isFinite);
	const sorted = Float64Array.from(known).sort();
	return [quantileSorted(sorted, TAIL), quantileSorted(sorted, 1 - TAIL)];
}

/** Least and most of a list, NaN left out; [Infinity, −Infinity] for none. */
function extent(values: ArrayLike<number>): [number, number] {
	let [low, high] = [Infinity, -Infinity];
	for (let i = 0; i < values.length; i++) {
		const value = values[i]!;
		if (value < low) low = value;
		if (value > high) high = value;
	}
	return [low, high];
}
