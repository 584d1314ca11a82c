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
