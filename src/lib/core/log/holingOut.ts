import { findRoot } from '../math/roots';
import { studentQuantile } from '../math/studentT';
import { SURFACE, type SurfaceKind } from '../ground/surfaces';
import { expectedPutts, onePuttChance, remainingInto, type Remaining } from '../plan/race/cost';
import { standardError, mean } from '../plan/race/statistics';
import type { StrokeCosts } from '../player/player';
import type { Metres } from '../units';
import { luckOf } from './holm';
import { FEWEST_DAYS, type Offset } from './offset';

/** How somebody holed out from where a shot had ended. */
export interface HoledOut {
	/** To the hole, above 0. */
	distance: Metres;
	/** What the ball lay on. */
	on: SurfaceKind;
	/** From there, 1 and up. */
	strokes: number;
	day: string;
}

/** Fewer say nothing. */
const FEWEST = 12;
/** The distance holed half the time may be this many times as long or as short, as a logarithm. */
const WIDEST = 1.2;
const SEARCH = { tolerance: 1e-6, width: 1e-6, maxIterations: 60 };
/** Step of a difference that stands for a derivative. */
const LITTLE = 0.01;

const daysOf = (some: readonly HoledOut[]): number => new Set(some.map(({ day }) => day)).size;

function offset(some: readonly HoledOut[], centre: number, error: number): Offset {
	const n = some.length;
	const half = studentQuantile(0.95, n - 1) * error;
	const luck = error > 0 ? luckOf(centre / error, n - 1) : 1;
	return { n, days: daysOf(some), centre, error, low: centre - half, high: centre + half, luck };
}

const isEnough = (some: readonly HoledOut[]): boolean =>
	some.length >= FEWEST && daysOf(some) >= FEWEST_DAYS;

/**
 * How much longer the distance is that somebody holes half the time than presumed, as a logarithm: where putts from where their shots ended
 * take as many strokes as were taken.
 *
 * @param some from anywhere; those from off the green are left out
 * @param costs as presumed
 * @returns null for so few that they say nothing, or where every distance is one that anybody holes
 */
export function puttingOffset(some: readonly HoledOut[], costs: StrokeCosts): Offset | null {
	const putts = some.filter(({ on }) => on === SURFACE.green);
	if (!isEnough(putts)) return null;
	const longer = (log: number): StrokeCosts => ({
		...costs,
		puttStretch: costs.puttStretch * Math.exp(-log)
	});
	const total = putts.reduce((sum, { strokes }) => sum + strokes, 0);
	const expected = (log: number): number =>
		putts.reduce((sum, { distance }) => sum + expectedPutts(distance, longer(log)), 0);
	const { x: centre } = findRoot((log) => expected(log) - total, -WIDEST, WIDEST, SEARCH);
	const pull = (expected(centre + LITTLE) - expected(centre - LITTLE)) / (2 * LITTLE);
	const luck = putts.reduce((sum, { distance }) => sum + variance(distance, longer(centre)), 0);
	return pull === 0 ? null : offset(putts, centre, Math.sqrt(luck) / Math.abs(pull));
}

/** Of the number of putts from a distance: one, two or three. */
function variance(distance: Metres, costs: StrokeCosts): number {
	const strokes = expectedPutts(distance, costs);
	const one = onePuttChance(distance, costs);
	const three = Math.max(0, strokes - 2 + one);
	const two = Math.max(0, 1 - one - three);
	return one + 4 * two + 9 * three - (one + 2 * two + 3 * three) ** 2;
}

const remaining: Remaining = { strokes: 0, one: 0, two: 0 };

/**
 * How many strokes more somebody needs from grass off the green than presumed.
 *
 * @param some from anywhere; putts and balls from sand or water are left out
 * @param costs as presumed
 * @returns null for so few that they say nothing
 */
export function aroundOffset(some: readonly HoledOut[], costs: StrokeCosts): Offset | null {
	const around = some.filter(({ on }) => on >= SURFACE.smoothFringe && on <= SURFACE.rough);
	if (!isEnough(around)) return null;
	const over = around.map(({ distance, on, strokes }) => {
		remainingInto(distance, on, costs, remaining);
		return strokes - remaining.strokes;
	});
	return offset(around, mean(over), standardError(over));
}
