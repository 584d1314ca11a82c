import type { Ratio } from '../units';

/** Kinds of surface, small integers so that the hot loop compares numbers. */
export const SURFACE = {
	green: 0,
	smoothFringe: 1,
	grainyFringe: 2,
	roughFringe: 3,
	rough: 4,
	sand: 5,
	water: 6,
	mound: 7
} as const;

export type SurfaceKind = (typeof SURFACE)[keyof typeof SURFACE];

/** How the grass before a green is kept. */
export type FringeId = 'smooth' | 'grainy' | 'rough';

export const FRINGE_KIND: Record<FringeId, SurfaceKind> = {
	smooth: SURFACE.smoothFringe,
	grainy: SURFACE.grainyFringe,
	rough: SURFACE.roughFringe
};

/** How a surface treats the ball, relative to the green of the day. All numbers ours (assumption). */
interface SurfaceBehaviour {
	/** Its green speed as a share of the green's. */
	speed: Ratio;
	/** Factor on the restitution of a bounce. */
	bounce: Ratio;
	/** Share of the sliding friction that a bounce finds. */
	grip: Ratio;
	/** Relative spread of the restitution from ball to ball: what makes a fringe unpredictable. */
	spread: Ratio;
	/** Relative spread of the rolling friction: patchy turf, and on the green what even a good reading leaves open. */
	rollSpread: Ratio;
	/** Grass long enough to slow a ball that slides over it as well as one that rolls. */
	drags: boolean;
	/** The ball stays where it touches down. */
	stops: boolean;
}

/** A row for each `SurfaceKind`. */
const SURFACES: readonly SurfaceBehaviour[] = [
	{ speed: 1, bounce: 1, grip: 1, spread: 0.05, rollSpread: 0.065, drags: false, stops: false },
	{
		speed: 0.62,
		bounce: 0.92,
		grip: 0.7,
		spread: 0.14,
		rollSpread: 0.5,
		drags: false,
		stops: false
	},
	{
		speed: 0.42,
		bounce: 0.82,
		grip: 0.6,
		spread: 0.2,
		rollSpread: 0.95,
		drags: true,
		stops: false
	},
	{ speed: 0.2, bounce: 0.6, grip: 0.5, spread: 0.28, rollSpread: 1.3, drags: true, stops: false },
	{ speed: 0.16, bounce: 0.55, grip: 0.5, spread: 0.3, rollSpread: 0.4, drags: true, stops: false },
	{ speed: 0.05, bounce: 0.15, grip: 1, spread: 0.3, rollSpread: 0, drags: false, stops: true },
	{ speed: 0.05, bounce: 0, grip: 1, spread: 0, rollSpread: 0, drags: false, stops: true },
	{ speed: 0.12, bounce: 0.4, grip: 0.5, spread: 0.3, rollSpread: 0.4, drags: true, stops: false }
];

const column = (of: (row: SurfaceBehaviour) => number): Float64Array =>
	Float64Array.from(SURFACES, of);

/** How surfaces treat the ball, each property indexed by `SurfaceKind`; 1 and 0 for yes and no. */
export const BEHAVIOUR: Readonly<Record<keyof SurfaceBehaviour, Float64Array>> = {
	speed: column(({ speed }) => speed),
	bounce: column(({ bounce }) => bounce),
	grip: column(({ grip }) => grip),
	spread: column(({ spread }) => spread),
	rollSpread: column(({ rollSpread }) => rollSpread),
	drags: column(({ drags }) => Number(drags)),
	stops: column(({ stops }) => Number(stops))
};

/** How the turf that one ball meets differs from the middle: standard normal numbers. */
export interface TurfLuck {
	bounce: number;
	roll: number;
}

export const NO_LUCK: Readonly<TurfLuck> = { bounce: 0, roll: 0 };

const MOST_LUCK = 2.5;

/**
 * Factor 1 + spread · deviate, with the deviate kept in a range in which turf stays turf.
 *
 * @param spread relative standard deviation, 0 and up
 * @param deviate standard normal
 * @returns a factor, 1 on average
 */
export const lucky = (spread: Ratio, deviate: number): number =>
	1 + spread * Math.max(-MOST_LUCK, Math.min(MOST_LUCK, deviate));
