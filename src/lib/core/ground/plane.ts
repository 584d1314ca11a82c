import type { Metres, Ratio } from '../units';
import type { Ground, GroundSample, UniformPatch } from './ground';
import { SURFACE, type SurfaceKind } from './surfaces';

export interface PlaneSpec {
	kind: 'plane';
	/** + uphill along the line of play. */
	slopeAlong: Ratio;
	/** + falls to the right. */
	slopeAcross: Ratio;
	/** Length of fringe before the green begins; 0 for green everywhere. */
	edge: Metres;
	fringe: SurfaceKind;
}

/** A plane and its fringe, see `createPlane`. */
class PlaneGround implements Ground {
	readonly #gradientX: Ratio;
	readonly #gradientZ: Ratio;
	readonly #edge: Metres;
	readonly #fringe: SurfaceKind;

	constructor({ slopeAlong, slopeAcross, edge, fringe }: PlaneSpec) {
		this.#gradientX = slopeAlong;
		this.#gradientZ = -slopeAcross;
		this.#edge = edge > 0 ? edge : -Infinity;
		this.#fringe = fringe;
	}

	height(x: Metres, z: Metres): Metres {
		return this.#gradientX * x + this.#gradientZ * z;
	}

	sample(x: Metres, z: Metres, out: GroundSample): void {
		out.height = this.height(x, z);
		out.gradientX = this.#gradientX;
		out.gradientZ = this.#gradientZ;
		out.kind = x < this.#edge ? this.#fringe : SURFACE.green;
	}

	patch(x: Metres, _z: Metres, out: UniformPatch): boolean {
		out.fromX = x < this.#edge ? -Infinity : this.#edge;
		out.toX = x < this.#edge ? this.#edge : Infinity;
		out.fromZ = -Infinity;
		out.toZ = Infinity;
		return true;
	}
}

/**
 * A level or tilted plane through the origin, fringe before the edge and green beyond it.
 *
 * @param spec slopes as ratios, + rising along the line and to its right
 */
export const createPlane = (spec: PlaneSpec): Ground => new PlaneGround(spec);
