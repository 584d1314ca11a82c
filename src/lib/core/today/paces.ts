import type { Metres, Ratio, Seconds } from '../units';

/** A distance that was paced, with one standard error. */
export interface Paced {
	distance: Metres;
	error: Metres;
}

/** Paces of one walk differ by this share from one to the next, and the pace by that share from its usual length (assumption). */
const EACH: Ratio = 0.06;
const USUAL: Ratio = 0.03;
/** The last pace ends somewhere between two feet. */
const LAST: Ratio = 0.25;

/**
 * Distance of a walk from its paces.
 *
 * @param paces counted, 0 and up
 * @param pace the person's own, metres
 */
export function pacedDistance(paces: number, pace: Metres): Paced {
	const distance = paces * pace;
	return {
		distance,
		error: paces === 0 ? 0 : pace * Math.hypot(EACH * Math.sqrt(paces), USUAL * paces, LAST)
	};
}

/** Acceleration in m/s² whose size swings by so much about gravity is a step. */
const STEP_SWING = 1.2;
/** Nobody steps faster than this. */
const QUICKEST: Seconds = 0.3;
/** Share that a new sample has of the smoothed size: steps are slow, shakes are not. */
const SMOOTHING: Ratio = 0.25;

/** Counts the paces of somebody who carries the phone: each is a swing of the size of the acceleration up through its middle. */
export class StepCounter {
	paces = 0;
	#smooth: number | null = null;
	#middle = 0;
	#low = true;
	#last: Seconds = -Infinity;

	/**
	 * Takes a sample.
	 *
	 * @param size of the acceleration, gravity included, m/s²
	 * @param time of the sample, seconds
	 * @returns whether it was a pace
	 */
	add(size: number, time: Seconds): boolean {
		if (!Number.isFinite(size)) return false;
		if (this.#smooth === null) this.#middle = size;
		this.#smooth = (this.#smooth ?? size) + SMOOTHING * (size - (this.#smooth ?? size));
		this.#middle += 0.02 * (size - this.#middle);
		const swing = this.#smooth - this.#middle;
		if (swing < -STEP_SWING / 2) this.#low = true;
		if (!this.#low || swing < STEP_SWING / 2 || time - this.#last < QUICKEST) return false;
		this.#low = false;
		this.#last = time;
		this.paces++;
		return true;
	}
}
