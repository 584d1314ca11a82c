/** How today's turf takes a landing, relative to the turf of the bounce model's source. */
export interface Turf {
	/** Factor on the restitution. */
	restitution: number;
	/** Factor on the tilt of the dent the ball bounces from. */
	tilt: number;
}

export type Firmness = 'soft' | 'medium' | 'firm';

/** How firmness scales the bounce, and how much softer the turf is for the sole; ours (assumption). */
export const FIRMNESS: Record<Firmness, Turf & { dig: number }> = {
	soft: { restitution: 0.82, tilt: 1.25, dig: 1.35 },
	medium: { restitution: 1, tilt: 1, dig: 1 },
	firm: { restitution: 1.14, tilt: 0.75, dig: 0.7 }
};

/** Water in the turf takes this share of the bounce (assumption). */
const WET_RESTITUTION = 0.9;

/** @param wet rain or dew: softer than the firmness alone says */
export function turfOf(firmness: Firmness, wet: boolean): Turf {
	const { restitution, tilt } = FIRMNESS[firmness];
	return { restitution: wet ? restitution * WET_RESTITUTION : restitution, tilt };
}

/**
 * Turf between the three named ones: −1 soft, 0 medium, +1 firm.
 *
 * @param firmness −1 soft, 0 medium, 1 firm; past the ends as at them
 */
export function turfBetween(firmness: number): Turf {
	const end = firmness < 0 ? FIRMNESS.soft : FIRMNESS.firm;
	const share = Math.min(1, Math.abs(firmness));
	const { restitution, tilt } = FIRMNESS.medium;
	return {
		restitution: restitution + share * (end.restitution - restitution),
		tilt: tilt + share * (end.tilt - tilt)
	};
}

/** Firmness of the three named ones, rising. */
export const FIRMNESS_STEPS: readonly number[] = [-1, 0, 1];
