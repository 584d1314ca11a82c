import { FRINGE_KIND, SURFACE, type SurfaceKind } from '../ground/surfaces';
import { boundsOf, contains, distanceToEdge, type Point } from '../math/polygon';
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
	kindAt(u: Metres, v: Metres): SurfaceKind;
}

/** Edges are kept to this; a ball does not know its surface any better. */
const CELL: Metres = 0.1;
const MARGIN: Metres = 0.5;
/** The longest side that is drawn in cells; what is farther out is rough. */
const MOST_CELLS = 1500;

/** Sand, water and rough cut into the green; a mown approach ends where the green begins. */
const liesOnTop = ({ kind }: Area): boolean => kind !== 'fringe';

function kindExactly(green: KindsOf, u: Metres, v: Metres): SurfaceKind {
	const holds = (area: Area) => contains(area.outline, u, v);
	const top = green.areas.findLast((area) => liesOnTop(area) && holds(area));
	if (top) return AREA_KIND[top.kind];
	if (contains(green.outline, u, v)) return SURFACE.green;
	const collared = green.collar > 0 && distanceToEdge(green.outline, u, v) <= green.collar;
	const mown = collared || green.areas.some((area) => !liesOnTop(area) && holds(area));
	return mown ? FRINGE_KIND[green.fringe] : SURFACE.rough;
}

/** Draws outline, collar and areas of a green into cells. Outside everything grows rough. */
export function createKindMap(green: KindsOf): KindMap {
	const reach = MARGIN + green.collar;
	const corners: Point[] = [...green.outline, ...green.areas.flatMap((area) => area.outline)];
	const [lowU, lowV, highU, highV] = boundsOf(corners);
	const columns = cellsAcross(highU - lowU + 2 * reach);
	const rows = cellsAcross(highV - lowV + 2 * reach);
	const kinds = new Uint8Array(columns * rows);
	const originU = lowU - reach;
	const originV = lowV - reach;
	for (let j = 0; j < rows; j++)
		for (let i = 0; i < columns; i++)
			kinds[j * columns + i] = kindExactly(
				green,
				originU + (i + 0.5) * CELL,
				originV + (j + 0.5) * CELL
			);
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
