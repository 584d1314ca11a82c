import { interpolate } from '../../math/interpolation';
import type { StrokeCosts } from '../../player/player';
import { SURFACE, type SurfaceKind } from '../../ground/surfaces';
import { fromFeet, toFeet, YARD, type Metres } from '../../units';

/**
 * Tour professionals' expected putts and one-putt chance by distance in feet.
 *
 * @source M. Broadie, Interfaces 42 (2012) and Every Shot Counts (2014); expected strokes from memory, the chance of one putt as the same
 *   table implies it with three-putts of 5 % at 30 ft and 23 % at 60 ft
 */
export const TOUR_PUTTING = {
	feet: [0, 1, 2, 3, 4, 5, 6, 8, 10, 15, 20, 30, 40, 60, 90],
	strokes: [1, 1.001, 1.01, 1.04, 1.13, 1.23, 1.34, 1.5, 1.61, 1.78, 1.87, 1.98, 2.06, 2.21, 2.4],
	onePutt: [1, 0.999, 0.99, 0.96, 0.88, 0.77, 0.66, 0.5, 0.4, 0.23, 0.15, 0.07, 0.04, 0.02, 0.01]
} as const;

/** Distance from which the table holes every second putt: what a player's own is compared with. */
export const TOUR_HOLED_HALF: Metres = fromFeet(8);

/** Off the green, tour professionals; 10 and 20 yards as published (from memory), nearer and farther ours (assumption). */
const TOUR_AROUND = {
	yards: [0, 5, 10, 20, 40],
	fairway: [1.9, 2.08, 2.18, 2.4, 2.6],
	rough: [2.12, 2.24, 2.34, 2.59, 2.78],
	sand: [2.35, 2.39, 2.43, 2.53, 2.82]
} as const;

const PENALTY = 1;
const DROP_DISTANCE: Metres = 15 * YARD;
/** Sand leaves this share of the up-and-downs from grass (assumption). */
const SAND_SHARE = 0.72;

/** From smooth fringe nearer than this the next stroke is a putt, as hard as one from further away (assumption). */
const PUTTABLE: Metres = 6;
const FRINGE_STRETCH = 1.3;

/** What is still to come from one place. */
export interface Remaining {
	/** Expected strokes. */
	strokes: number;
	/** Chance of needing one stroke or none, and of needing two or fewer. */
	one: number;
	two: number;
}

/**
 * Expected putts of a player from a distance on the green.
 *
 * @param distance to the hole, metres, 0 and up
 * @param costs the player's
 * @returns 0 at the hole, otherwise 1 and up
 */
export const expectedPutts = (distance: Metres, { puttStretch }: StrokeCosts): number =>
	interpolate(TOUR_PUTTING.feet, TOUR_PUTTING.strokes, toFeet(distance) * puttStretch);

/**
 * Chance that a player holes the putt.
 *
 * @param distance to the hole, metres, 0 and up
 * @param costs the player's
 * @returns 0 to 1
 */
export const onePuttChance = (distance: Metres, { puttStretch }: StrokeCosts): number =>
	interpolate(TOUR_PUTTING.feet, TOUR_PUTTING.onePutt, toFeet(distance) * puttStretch);

/**
 * Expected strokes of a player from off the green.
 *
 * @param distance to the hole, metres, 0 and up
 * @param from where the ball lies
 * @param costs the player's
 * @returns strokes to hole out
 */
export function expectedAround(
	distance: Metres,
	from: 'fairway' | 'rough' | 'sand',
	costs: StrokeCosts
): number {
	const more = from === 'sand' ? costs.sand : costs.around;
	return interpolate(TOUR_AROUND.yards, TOUR_AROUND[from], distance / YARD) + more;
}

const AROUND_KIND: Partial<Record<SurfaceKind, 'fairway' | 'rough' | 'sand'>> = {
	[SURFACE.smoothFringe]: 'fairway',
	[SURFACE.grainyFringe]: 'fairway',
	[SURFACE.sand]: 'sand'
};

/**
 * What remains from where a ball has come to rest.
 *
 * @param distance to the hole, 0 when holed
 * @param kind of surface it rests on
 * @param out filled in place
 */
export function remainingInto(
	distance: Metres,
	kind: SurfaceKind,
	costs: StrokeCosts,
	out: Remaining
): void {
	if (distance <= 0) {
		out.strokes = 0;
		out.one = out.two = 1;
	} else if (kind === SURFACE.green) {
		puttInto(distance, costs, out);
	} else if (kind === SURFACE.smoothFringe && distance < PUTTABLE) {
		puttInto(distance * FRINGE_STRETCH, costs, out);
	} else {
		aroundInto(distance, kind, costs, out);
	}
}

function puttInto(distance: Metres, costs: StrokeCosts, out: Remaining): void {
	out.strokes = expectedPutts(distance, costs);
	out.one = onePuttChance(distance, costs);
	// Strokes = 1·p₁ + 2·p₂ + 3·p₃ fixes the chance of three.
	out.two = Math.min(1, Math.max(out.one, 3 - out.strokes - out.one));
}

function aroundInto(distance: Metres, kind: SurfaceKind, costs: StrokeCosts, out: Remaining): void {
	if (kind === SURFACE.water) {
		out.strokes = PENALTY + expectedAround(Math.max(distance, DROP_DISTANCE), 'rough', costs);
		out.one = out.two = 0;
		return;
	}
	const from = AROUND_KIND[kind] ?? 'rough';
	out.strokes = expectedAround(distance, from, costs);
	out.one = 0.02;
	out.two = costs.upAndDown * (from === 'sand' ? SAND_SHARE : 1);
}
