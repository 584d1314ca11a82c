import type { Ratio } from '../units';

/** How the sand lies under the ball; `plugged`: the ball sits in its own crater. */
export type SandSurface = 'soft' | 'medium' | 'firm' | 'plugged';

/** How a kind of sand changes the strike. Directions are common practice; all numbers ours (assumption). */
export interface Sand {
	/** Factors on the speed, the launch angle and the spin of a splashed ball. */
	speed: Ratio;
	launch: Ratio;
	spin: Ratio;
	/** Factor on the spread of speed. */
	spread: Ratio;
	/** The ball lies on top of sand that holds: it can be picked clean, and putted. */
	holds: boolean;
	/** Less of it can be taken for a longer shot. */
	shallow: boolean;
}

export const SANDS: Record<SandSurface, Sand> = {
	soft: { speed: 0.88, launch: 1, spin: 0.9, spread: 1.1, holds: false, shallow: true },
	medium: { speed: 1, launch: 1, spin: 1, spread: 1, holds: false, shallow: true },
	firm: { speed: 1.12, launch: 0.97, spin: 1.05, spread: 0.95, holds: true, shallow: true },
	plugged: { speed: 0.72, launch: 0.8, spin: 0.25, spread: 1.5, holds: false, shallow: false }
};
