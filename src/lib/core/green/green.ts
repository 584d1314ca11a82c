import type { FringeId } from '../ground/surfaces';
import type { Point } from '../math/polygon';
import type { Metres, Radians, Ratio } from '../units';
import type { HeightGrid } from './heightGrid';

/**
 * A green on its map. Frame of the map: u to the right, v up the map, in metres from any fixed mark; heights above any fixed level.
 */
export interface Green {
	/** Edge of the putting surface, at least three corners. */
	outline: readonly Point[];
	/** Width of the mown ring around it. */
	collar: Metres;
	fringe: FringeId;
	/** Sand, water and rough lie on top of the green, later ones on top of earlier ones; a mown approach lies beneath it. */
	areas: readonly Area[];
	spots: readonly SpotHeight[];
	tilts: readonly TiltReading[];
	/** A finished height grid takes the place of spots and tilts. */
	grid: HeightGrid | null;
}

export type AreaKind = 'sand' | 'water' | 'rough' | 'fringe';

export interface Area {
	kind: AreaKind;
	outline: readonly Point[];
	/** Height of its far lip above the ground there. */
	lip: Metres;
}

/** A height read with tape and staff. */
export interface SpotHeight {
	u: Metres;
	v: Metres;
	height: Metres;
	/** Kept in the book but not used. */
	leftOut: boolean;
}

/** A slope read with a level laid on the turf. */
export interface TiltReading {
	u: Metres;
	v: Metres;
	/** Steepest slope, 0 and up. */
	slope: Ratio;
	/** Direction in which it falls, from u toward v. */
	fallsTowards: Radians;
	leftOut: boolean;
}
