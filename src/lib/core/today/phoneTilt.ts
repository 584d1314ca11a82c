import type { Radians, Ratio } from '../units';
import { radians } from '../units';

/** Rise of a surface along the phone that lies on it and across it: toward its top edge, and toward its right edge. */
export interface Tilt {
	along: Ratio;
	across: Ratio;
}

/** Samples of a phone that lies still, and how well their mean is known. */
export interface StillTilt extends Tilt {
	/** Standard deviation of one sample, each way. */
	noise: Ratio;
	samples: number;
}

/** Slope of a surface, from a phone laid down twice. */
export interface SurfaceTilt extends Tilt {
	/** One standard error each way. */
	error: Ratio;
	/** Steepest slope, 0 and up, and where it falls toward: an angle from the phone's top edge (as it lay first) to its right. */
	slope: Ratio;
	fallsTowards: Radians;
	/** What the phone itself is off by, which the two lays cancel. */
	offset: Tilt;
}

/** So many samples make a reading; a hand that still moves shows in their scatter. */
export const SAMPLES_WANTED = 40;
const STILL: Ratio = 0.004;
/** A case and a camera bump: the phone lies no better than this each time (assumption). */
const LIES: Ratio = 0.0015;
/** The grass under it is no plane: turned around it lies on the same blades, so that this stays (assumption). */
const GRASS: Ratio = 0.003;

/**
 * Rise of the surface that a phone lies on, from its orientation angles.
 *
 * @param beta rotation about its short axis, + top edge up, −180° to 180°
 * @param gamma rotation about its long axis, + right edge down, −90° to 90°
 * @returns null where it stands so steep that it does not lie on anything
 * @source angles: W3C, Device Orientation and Motion; heights of the axes from the rotation Z–X′–Y″
 */
export function tiltOf(beta: number, gamma: number): Tilt | null {
	const [b, g] = [radians(beta), radians(gamma)];
	const up = Math.cos(b) * Math.cos(g);
	if (!(up > 0.7)) return null;
	return { along: Math.sin(b) / up, across: (-Math.cos(b) * Math.sin(g)) / up };
}

/**
 * The mean of the last samples, once the phone lies still.
 *
 * @param samples in the order they came
 * @returns null while there are too few, or they still scatter
 */
export function stillTilt(samples: readonly Tilt[]): StillTilt | null {
	if (samples.length < SAMPLES_WANTED) return null;
	const last = samples.slice(-SAMPLES_WANTED);
	const mean = (pick: (tilt: Tilt) => number) =>
		last.reduce((sum, tilt) => sum + pick(tilt), 0) / last.length;
	const along = mean((tilt) => tilt.along);
	const across = mean((tilt) => tilt.across);
	const squares = last.reduce(
		(sum, tilt) => sum + (tilt.along - along) ** 2 + (tilt.across - across) ** 2,
		0
	);
	const noise = Math.sqrt(squares / 2 / (last.length - 1));
	return noise > STILL ? null : { along, across, noise, samples: last.length };
}

/**
 * Slope of the surface from two lays at one place, the second turned half around: what the phone is off by turns with it and cancels.
 *
 * @param first as it lay first
 * @param turned at the same place, top edge where the bottom edge was
 */
export function surfaceTilt(first: StillTilt, turned: StillTilt): SurfaceTilt {
	const along = (first.along - turned.along) / 2;
	const across = (first.across - turned.across) / 2;
	const random = Math.hypot(
		first.noise / Math.sqrt(first.samples),
		turned.noise / Math.sqrt(turned.samples)
	);
	const error = Math.hypot(random / 2, LIES / Math.SQRT2, GRASS);
	return {
		along,
		across,
		error,
		slope: Math.hypot(along, across),
		// Downhill: against the rise both ways.
		fallsTowards: Math.atan2(-across, -along),
		offset: { along: (first.along + turned.along) / 2, across: (first.across + turned.across) / 2 }
	};
}

/**
 * How a surface rises along and across a phone, from how steep it is and where it falls toward.
 *
 * @param slope 0 and up
 * @param towards angle from the phone's top edge to its right
 */
export const tiltFalling = (slope: Ratio, towards: Radians): Tilt => ({
	along: -slope * Math.cos(towards),
	across: -slope * Math.sin(towards)
});
