import { interpolateOn } from '../../math/interpolation';
import type { StrokeCosts } from '../../player/player';
import { SURFACE, type SurfaceKind } from '../../ground/surfaces';
import { toFeet, YARD, type Metres } from '../../units';

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

/**
 * Off the green, tour professionals.
 *
 * @source M. Broadie, Every Shot Counts (2014), 20 yards and on, and 10 from grass, all from memory; nearer, and sand at 10, ours (assumption).
 *   Sand from 80 yards on is taken as growing, where the published table is level
 */
const TOUR_AROUND = {
	yards: [0, 5, 10, 20, 40, 60, 80, 100, 120, 160, 200],
	fairway: [1.8, 2, 2.18, 2.4, 2.6, 2.7, 2.75, 2.8, 2.85, 2.98, 3.19],
	rough: [2.02, 2.14, 2.34, 2.59, 2.78, 2.91, 2.96, 3.02, 3.08, 3.23, 3.42],
	sand: [2.24, 2.3, 2.43, 2.53, 2.82, 3.15, 3.2, 3.24, 3.28, 3.37, 3.55]
} as const;

/** What a weaker player loses holds up to the first distance, and by the second is so much more (assumption). */
const LOST_FARTHER = { from: 20 * YARD, by: 100 * YARD, more: 0.5 };

/**
 * Chance that the next stroke from off the green is holed, by the strokes that are expected from there: whatever makes a stroke dear makes it
 * go in less often (assumption; tour professionals hole about one in twenty from 10 yards and one in fifty from 20).
 */
const HOLED = {
	strokes: [1.7, 1.9, 2.08, 2.18, 2.4, 2.6, 3, 4],
	chance: [0.3, 0.15, 0.07, 0.045, 0.02, 0.01, 0.003, 0]
} as const;

const PENALTY = 1;
const DROP_DISTANCE: Metres = 15 * YARD;

/** From smooth fringe nearer than the first the next stroke is a putt, as hard as one from further away; by the second it is a chip (assumption). */
const PUTTABLE: { surely: Metres; hardly: Metres } = { surely: 6, hardly: 12 };
const FRINGE_STRETCH = 1.3;

/** What is still to come from one place. */
export interface Remaining {
	/** Expected strokes. */
	strokes: number;
	/** Chance of needing one stroke or none, and of needing two or fewer; strokes ≥ 1·p₁ + 2·p₂ + 3·p₃ holds of them. */
	one: number;
	two: number;
}

/**
 * Expected putts of a player from a distance on the green; past 90 ft they go on growing as they do from 60 on.
 *
 * @param distance to the hole, metres, 0 and up
 * @param costs the player's
 * @returns 0 at the hole, otherwise 1 and up
 */
export const expectedPutts = (distance: Metres, { puttStretch }: StrokeCosts): number =>
	interpolateOn(TOUR_PUTTING.feet, TOUR_PUTTING.strokes, toFeet(distance) * puttStretch);

/**
 * Chance that a player holes the putt.
 *
 * @param distance to the hole, metres, 0 and up
 * @param costs the player's
 * @returns 0 to 1
 */
export const onePuttChance = (distance: Metres, { puttStretch }: StrokeCosts): number =>
	Math.max(
		0,
		interpolateOn(TOUR_PUTTING.feet, TOUR_PUTTING.onePutt, toFeet(distance) * puttStretch)
	);

/**
 * Expected strokes of a player from off the green; they go on growing with the distance, past 200 yards as they do before.
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
	const { from: near, by, more } = LOST_FARTHER;
	const lost = from === 'sand' ? costs.sand : costs.around;
	const farther = 1 + (more * Math.max(0, distance - near)) / (by - near);
	return interpolateOn(TOUR_AROUND.yards, TOUR_AROUND[from], distance / YARD) + lost * farther;
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
	} else if (kind === SURFACE.smoothFringe && distance < PUTTABLE.hardly) {
		fringeInto(distance, costs, out);
	} else if (kind === SURFACE.water) {
		aroundInto(Math.max(distance, DROP_DISTANCE), 'rough', costs, out);
		out.strokes += PENALTY;
		out.two = out.one;
		out.one = 0;
	} else {
		aroundInto(distance, AROUND_KIND[kind] ?? 'rough', costs, out);
	}
}

function puttInto(distance: Metres, costs: StrokeCosts, out: Remaining): void {
	out.strokes = expectedPutts(distance, costs);
	out.one = onePuttChance(distance, costs);
	// Strokes = 1·p₁ + 2·p₂ + 3·p₃ fixes the chance of three.
	out.two = Math.min(1, Math.max(out.one, 3 - out.strokes - out.one));
}

const putt: Remaining = { strokes: 0, one: 0, two: 0 };

/** A putt near the hole, a chip from farther off, and between them some of each. */
function fringeInto(distance: Metres, costs: StrokeCosts, out: Remaining): void {
	puttInto(distance * FRINGE_STRETCH, costs, putt);
	aroundInto(distance, 'fairway', costs, out);
	const { surely, hardly } = PUTTABLE;
	const chipped = Math.max(0, distance - surely) / (hardly - surely);
	out.strokes = putt.strokes + chipped * (out.strokes - putt.strokes);
	out.one = putt.one + chipped * (out.one - putt.one);
	out.two = putt.two + chipped * (out.two - putt.two);
}

/**
 * The chances follow the strokes: whoever does not hole out needs two and, as in two tosses of one coin, none, one or two more. That is how
 * often tour professionals and handicaps 15 and 28 get up and down (`docs/model.md`).
 */
function aroundInto(
	distance: Metres,
	from: 'fairway' | 'rough' | 'sand',
	costs: StrokeCosts,
	out: Remaining
): void {
	out.strokes = expectedAround(distance, from, costs);
	out.one = Math.max(0, interpolateOn(HOLED.strokes, HOLED.chance, out.strokes));
	const more = (out.strokes - out.one) / (1 - out.one) - 2;
	const neither = Math.min(1, Math.max(0, 1 - more / 2)) ** 2;
	out.two = out.one + (1 - out.one) * neither;
}
