import { MapSample, type HeightField } from './heightGrid';
import type { KindMap } from './kindMap';
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
	kinds: KindsOnLine;
}

/** What grows at a place, in the coordinates of the line of play and in those of the map. */
export interface KindsOnLine {
	kindAt(x: Metres, z: Metres, u: Metres, v: Metres): SurfaceKind;
}

/** What the map says, see `kindsOfMap`. */
class KindsOfMap implements KindsOnLine {
	readonly #map: KindMap;
	readonly #hazards: boolean;

	constructor(map: KindMap, hazards: boolean) {
		this.#map = map;
		this.#hazards = hazards;
	}

	kindAt(_x: Metres, _z: Metres, u: Metres, v: Metres): SurfaceKind {
		return this.#hazards ? this.#map.kindAt(u, v) : this.#map.kindBeneath(u, v);
	}
}

/**
 * What grows where on a map.
 *
 * @param map of the green
 * @param hazards whether its sand and water are there
 */
export const kindsOfMap = (map: KindMap, hazards: boolean): KindsOnLine =>
	new KindsOfMap(map, hazards);

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

/** A map along a line of play, see `createSurveyed`. */
class SurveyedGround implements Ground {
	readonly #field: HeightField;
	readonly #kinds: KindsOnLine;
	readonly #u: Metres;
	readonly #v: Metres;
	readonly #cos: number;
	readonly #sin: number;
	readonly #base: Metres;
	readonly #along: Ratio;
	readonly #across: Ratio;
	readonly #sampled = new MapSample();

	constructor({ field, placement: { u, v, heading }, tilt, tiltAcross = 0, kinds }: SurveyedSpec) {
		this.#field = field;
		this.#kinds = kinds;
		this.#u = u;
		this.#v = v;
		this.#cos = Math.cos(heading);
		this.#sin = Math.sin(heading);
		this.#base = field.height(u, v);
		this.#along = tilt;
		this.#across = tiltAcross;
	}

	/** Heights are measured from the ball's place, and lie on the slopes that are added. */
	#above(height: Metres, x: Metres, z: Metres): Metres {
		return height - this.#base + this.#along * x - this.#across * z;
	}

	height(x: Metres, z: Metres): Metres {
		const u = this.#u + x * this.#cos + z * this.#sin;
		const v = this.#v + x * this.#sin - z * this.#cos;
		return this.#above(this.#field.height(u, v), x, z);
	}

	sample(x: Metres, z: Metres, out: GroundSample): void {
		const u = this.#u + x * this.#cos + z * this.#sin;
		const v = this.#v + x * this.#sin - z * this.#cos;
		const sampled = this.#sampled;
		this.#field.sample(u, v, sampled);
		out.height = this.#above(sampled.height, x, z);
		out.gradientX = sampled.gradientU * this.#cos + sampled.gradientV * this.#sin + this.#along;
		out.gradientZ = sampled.gradientU * this.#sin - sampled.gradientV * this.#cos - this.#across;
		out.kind = this.#kinds.kindAt(x, z, u, v);
	}

	patch(): boolean {
		return false;
	}
}

/**
 * A surveyed surface seen along a line of play; heights are measured from the ball's place.
 *
 * @param spec the fitted heights, where the line lies on them, slopes added, and what grows where
 */
export const createSurveyed = (spec: SurveyedSpec): Ground => new SurveyedGround(spec);
