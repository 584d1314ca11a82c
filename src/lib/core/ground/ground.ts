import type { Metres, Ratio } from '../units';
import type { SurfaceKind } from './surfaces';

/** What the ground is at one place; filled in place by `Ground.sample`. */
export class GroundSample {
	/** Above the ball's origin. */
	height: Metres = 0;
	/** dh/dx, + uphill along the line of play. */
	gradientX: Ratio = 0;
	/** dh/dz, + uphill to the right. */
	gradientZ: Ratio = 0;
	kind: SurfaceKind = 0;
}

/** A rectangle of one kind and one slope, in which a rolling ball has a closed form; filled in place. */
export class UniformPatch {
	fromX: Metres = -Infinity;
	toX: Metres = Infinity;
	fromZ: Metres = -Infinity;
	toZ: Metres = Infinity;
}

/** The one question everything asks of the ground. Coordinates are those of the line of play, in metres. */
export interface Ground {
	height(x: Metres, z: Metres): Metres;
	sample(x: Metres, z: Metres, out: GroundSample): void;
	/** Fills `out` and answers true where slope and kind around (x, z) are constant in a known rectangle. */
	patch(x: Metres, z: Metres, out: UniformPatch): boolean;
}
