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

/**
 * A level or tilted plane through the origin, fringe before the edge and green beyond it.
 *
 * @param spec slopes as ratios, + rising along the line and to its right
 */
export function createPlane(spec: PlaneSpec): Ground {
	const gradientX = spec.slopeAlong;
	const gradientZ = -spec.slopeAcross;
	const edge = spec.edge > 0 ? spec.edge : -Infinity;
	return {
		height: (x, z) => gradientX * x + gradientZ * z,
		sample(x: Metres, z: Metres, out: GroundSample) {
			out.height = gradientX * x + gradientZ * z;
			out.gradientX = gradientX;
			out.gradientZ = gradientZ;
			out.kind = x < edge ? spec.fringe : SURFACE.green;
		},
		patch(x: Metres, _z: Metres, out: UniformPatch) {
			out.fromX = x < edge ? -Infinity : edge;
			out.toX = x < edge ? edge : Infinity;
			out.fromZ = -Infinity;
			out.toZ = Infinity;
			return true;
		}
	};
}
