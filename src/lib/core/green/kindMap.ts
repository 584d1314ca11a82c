import { FRINGE_KIND, SURFACE, type SurfaceKind } from '../ground/surfaces';
import { boundsOf, distanceToPiece, type Point } from '../math/polygon';
import type { Metres } from '../units';
import type { Area, AreaKind, Green } from './green';

const AREA_KIND: Record<AreaKind, SurfaceKind> = {
	sand: SURFACE.sand,
	water: SURFACE.water,
	rough: SURFACE.rough,
	fringe: SURFACE.smoothFringe
};

/** The parts of a green that say what grows where. */
export type KindsOf = Pick<Green, 'outline' | 'collar' | 'fringe' | 'areas'>;

/** What grows at each place of a map, read off fast. */
export interface KindMap {
	kindAt: (u: Metres, v: Metres) => SurfaceKind;
}

/** Edges are kept to this; a ball does not know its surface any better. */
const CELL: Metres = 0.1;
const MARGIN: Metres = 0.5;
/** The longest side that is drawn in cells; what is farther out is rough. */
const MOST_CELLS = 1500;

/** Sand, water and rough cut into the green; a mown approach ends where the green begins. */
const liesOnTop = ({ kind }: Area): boolean => kind !== 'fringe';

/** A raster of cells over part of the map. */
interface Raster {
	originU: Metres;
	originV: Metres;
	columns: number;
	rows: number;
	kinds: Uint8Array;
}

const middleOf = (origin: Metres, index: number): Metres => origin + (index + 0.5) * CELL;

/** First cell whose middle lies at or beyond a coordinate. */
const cellFrom = (origin: Metres, at: Metres): number => Math.ceil((at - origin) / CELL - 0.5);

/** Gives the cells whose middles lie inside a polygon a kind: row by row, between crossings of its sides (even-odd rule). */
function fill(raster: Raster, polygon: readonly Point[], kind: SurfaceKind): void {
	const { originU, originV, columns, rows, kinds } = raster;
	const crossings: Metres[] = [];
	for (let row = 0; row < rows; row++) {
		const v = middleOf(originV, row);
		crossings.length = 0;
		for (let i = 0, j = polygon.length - 1; i < polygon.length; j = i++) {
			const [ui, vi] = polygon[i]!;
			const [uj, vj] = polygon[j]!;
			if (vi > v !== vj > v) crossings.push(((uj - ui) * (v - vi)) / (vj - vi) + ui);
		}
		crossings.sort((a, b) => a - b);
		for (let k = 0; k + 1 < crossings.length; k += 2) {
			const from = Math.max(0, cellFrom(originU, crossings[k]!));
			const to = Math.min(columns, cellFrom(originU, crossings[k + 1]!));
			if (to > from) kinds.fill(kind, row * columns + from, row * columns + to);
		}
	}
}

/** Gives the cells within a distance of a polygon's sides a kind. */
function fillNear(
	raster: Raster,
	polygon: readonly Point[],
	reach: Metres,
	kind: SurfaceKind
): void {
	const { originU, originV, columns, rows, kinds } = raster;
	for (let i = 0, j = polygon.length - 1; i < polygon.length; j = i++) {
		const a = polygon[j]!;
		const b = polygon[i]!;
		const [lowU, lowV, highU, highV] = boundsOf([a, b]);
		const lastRow = Math.min(rows, cellFrom(originV, highV + reach));
		const lastColumn = Math.min(columns, cellFrom(originU, highU + reach));
		for (let row = Math.max(0, cellFrom(originV, lowV - reach)); row < lastRow; row++)
			for (let at = Math.max(0, cellFrom(originU, lowU - reach)); at < lastColumn; at++)
				if (distanceToPiece(a, b, middleOf(originU, at), middleOf(originV, row)) <= reach)
					kinds[row * columns + at] = kind;
	}
}

/** Draws a green's parts over each other: mown approach, collar, green, then what cuts into it. */
function paint(raster: Raster, { outline, collar, fringe, areas }: KindsOf): void {
	const mown = FRINGE_KIND[fringe];
	for (const area of areas) if (!liesOnTop(area)) fill(raster, area.outline, mown);
	if (collar > 0) fillNear(raster, outline, collar, mown);
	fill(raster, outline, SURFACE.green);
	for (const area of areas) if (liesOnTop(area)) fill(raster, area.outline, AREA_KIND[area.kind]);
}

/**
 * Draws outline, collar and areas of a green into cells. Outside everything grows rough.
 *
 * @param green outlines on the map, metres, counter-clockwise or clockwise
 */
export function createKindMap(green: KindsOf): KindMap {
	const reach = MARGIN + green.collar;
	const corners: Point[] = [...green.outline, ...green.areas.flatMap((area) => area.outline)];
	const [lowU, lowV, highU, highV] = boundsOf(corners);
	const originU = lowU - reach;
	const originV = lowV - reach;
	const columns = cellsAcross(highU - lowU + 2 * reach);
	const rows = cellsAcross(highV - lowV + 2 * reach);
	const kinds = new Uint8Array(columns * rows).fill(SURFACE.rough);
	paint({ originU, originV, columns, rows, kinds }, green);
	return {
		kindAt(u, v) {
			const i = Math.floor((u - originU) / CELL);
			const j = Math.floor((v - originV) / CELL);
			const inside = i >= 0 && j >= 0 && i < columns && j < rows;
			return inside ? (kinds[j * columns + i] as SurfaceKind) : SURFACE.rough;
		}
	};
}

const cellsAcross = (length: Metres): number =>
	Number.isFinite(length) ? Math.min(MOST_CELLS, Math.max(1, Math.ceil(length / CELL))) : 1;
