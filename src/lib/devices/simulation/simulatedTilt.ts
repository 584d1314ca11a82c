import { createRng } from '$lib/core/math/random';
import type { Tilt } from '$lib/core/today/phoneTilt';
import type { Sensor } from '../sensor';

/** Scatter of one sample, and what a phone is off by (assumption). */
const NOISE = 0.001;
const OFFSET: Tilt = { along: 0.008, across: -0.005 };
/** Between two samples, in ms. */
const EVERY = 16;

/**
 * A stand-in for a phone laid on a green.
 *
 * @param truth how the surface rises along and across the phone as it lies first
 * @param turned whether it was turned half around
 */
export const simulatedTilt = (truth: Tilt, turned: boolean, seed: number): Sensor<Tilt> => ({
	async *samples(signal) {
		const rng = createRng(seed);
		const way = turned ? -1 : 1;
		while (!signal.aborted) {
			yield {
				along: way * truth.along + OFFSET.along + NOISE * rng.normal(),
				across: way * truth.across + OFFSET.across + NOISE * rng.normal()
			};
			await new Promise((resolve) => setTimeout(resolve, EVERY));
		}
	}
});
