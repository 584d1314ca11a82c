import { STILL_AIR } from '../ball/aerodynamics';
import type { Scene } from '../ball/simulate';
import { createPlane } from '../ground/plane';
import { SURFACE } from '../ground/surfaces';
import { turfOf, type Firmness } from '../ground/turf';
import type { Metres, Ratio } from '../units';

/** A green as it is today, taken for level. */
export interface LevelGreen {
	/** Roll-out of the standard ramp's ball, metres. */
	greenSpeed: Metres;
	firmness: Firmness;
	wet: boolean;
}

/** A carry of a good day may lie past what the model gives a full swing. */
export const GOOD_DAY: Ratio = 1.3;

/**
 * Level ground without a hole in still air: where carries are measured.
 *
 * @param green how fast, how firm, how wet
 */
export const levelScene = ({ greenSpeed, firmness, wet }: LevelGreen): Scene => ({
	ground: createPlane({
		kind: 'plane',
		slopeAlong: 0,
		slopeAcross: 0,
		edge: 0,
		fringe: SURFACE.smoothFringe
	}),
	greenSpeed,
	turf: turfOf(firmness, wet),
	air: STILL_AIR,
	obstacles: [],
	hole: null
});
