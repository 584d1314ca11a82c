/**
 * How surfaces treat the ball, relative to the green of the day; each property by kind, in the order of `SURFACE`: green, smooth, grainy
 * and rough fringe, rough, sand, water, mound. 1 and 0 stand for yes and no. All numbers ours (assumption).
 */
export const BEHAVIOUR = {
	/** Its green speed as a share of the green's. */
	speed: Float64Array.of(1, 0.62, 0.42, 0.2, 0.16, 0.05, 0.05, 0.12),
	/** Factor on the restitution of a bounce. */
	bounce: Float64Array.of(1, 0.92, 0.82, 0.6, 0.55, 0.15, 0, 0.4),
	/** Share of the sliding friction that a bounce finds. */
	grip: Float64Array.of(1, 0.7, 0.6, 0.5, 0.5, 1, 1, 0.5),
	/** Relative spread of the restitution from ball to ball: what makes a fringe unpredictable. */
	spread: Float64Array.of(0.05, 0.14, 0.2, 0.28, 0.3, 0.3, 0, 0.3),
	/** Relative spread of the rolling friction: patchy turf, and on the green what even a good reading leaves open. */
	rollSpread: Float64Array.of(0.065, 0.5, 0.95, 1.3, 0.4, 0, 0, 0.4),
	/** Grass long enough to slow a ball that slides over it as well as one that rolls. */
	drags: Float64Array.of(0, 0, 1, 1, 1, 0, 0, 1),
	/** The ball stays where it touches down. */
	stops: Float64Array.of(0, 0, 0, 0, 0, 1, 1, 0)
} as const;
