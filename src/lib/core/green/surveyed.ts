import { MapSample, type HeightField } from './heightGrid';
import type { Metres, Radians, Ratio } from '../units';
import type { Ground, GroundSample } from '../ground/ground';
import type { SurfaceKind } from '../ground/surfaces';

/** Where a ball lies on a map and which way the line of play runs. */
export interface Placement {
	u: Metres;
	v: Metres;
	/** From u toward v. */
	heading: Radians;
}

export interface SurveyedSpec {
	field: HeightField;
	placement: Placement;
	/** Extra slope along the line, + uphill: what if the reading is off; and across it, + falls to the right. */
	tilt: Ratio;
	tiltAcross?: Ratio;
	/** What grows at a place, in the coordinates of the line of play and in those of the map. */
	kindAt: (x: Metres, z: Metres, u: Metres, v: Metres) => SurfaceKind;
}

/**
 * Map coordinates of a place on the line of play: x along it, z to its right.
 *
 * @param placement where the ball lies on the map and which way the line goes, radians from u towards v
 * @param x along the line, metres
 * @param z to its right, metres
 */
export function toMap({ u, v, heading }: Placement, x: Metres, z: Metres): [Metres, Metres] {
	const cos = Math.cos(heading);
	const sin = Math.sin(heading);
	return [u + x * cos + z * sin, v + x * sin - z * cos];
}

/**
 * Place on the line of play of map coordinates.
 *
 * @param placement as in `toMap`
 * @param mapU metres
 * @param mapV metres
 */
export function toLine({ u, v, heading }: Placement, mapU: Metres, mapV: Metres): [Metres, Metres] {
	const cos = Math.cos(heading);
	const sin = Math.sin(heading);
	const du = mapU - u;
	const dv = mapV - v;
	return [du * cos + dv * sin, du * sin - dv * cos];
}

/**
 * A surveyed surface seen along a line of play; heights are measured from the ball's place.
 *
 * @param spec the fitted heights, where the line lies on them, slopes added, and what grows where
 */
export function createSurveyed({
	field,
	placement,
	tilt,
	tiltAcross = 0,
	kindAt
}: SurveyedSpec): Ground {
	const cos = Math.cos(placement.heading);
	const sin = Math.sin(placement.heading);
	const { u: u0, v: v0 } = placement;
	const base = field.height(u0, v0);
	const sampled = new MapSample();
	return {
		height: (x, z) =>
			field.height(u0 + x * cos + z * sin, v0 + x * sin - z * cos) -
			base +
			tilt * x -
			tiltAcross * z,
		sample(x: Metres, z: Metres, out: GroundSample) {
			const u = u0 + x * cos + z * sin;
			const v = v0 + x * sin - z * cos;
			field.sample(u, v, sampled);
			out.height = sampled.height - base + tilt * x - tiltAcross * z;
			out.gradientX = sampled.gradientU * cos + sampled.gradientV * sin + tilt;
			out.gradientZ = sampled.gradientU * sin - sampled.gradientV * cos - tiltAcross;
			out.kind = kindAt(x, z, u, v);
		},
		patch: () => false
	};
}
