import { studentQuantile } from '../math/studentT';
import { DAY_SPREAD, PRIOR_BALLS, PRIOR_DAYS } from '../player/carryDays';
import { ENOUGH_BALLS } from '../player/carryTable';
import type { Metres, Ratio } from '../units';
import type { Grouped } from './grouping';

/** How sure it is to be. */
const CONFIDENCE = 0.9;
/** Whoever stops when it looks good stops when balls happen to lie close: so much wider than it looks is presumed (by simulation). */
const LUCKY = 1.2;
/** Nobody is asked for more balls of one kind than this. */
const MOST_BALLS = 40;

/**
 * How far the middle of so many balls may be off, either way, with 90 %.
 *
 * @param posterior standard deviation of a ball with what the skill presumes
 * @param n balls, 1 and up
 */
export const meanReach = (posterior: Metres, n: number): Metres =>
	(studentQuantile((1 + CONFIDENCE) / 2, PRIOR_BALLS + n - 1) * posterior) / Math.sqrt(n);

/**
 * How many more balls it takes until their middle is known to a length, as they spread so far.
 *
 * @param group what the balls so far say
 * @param within metres, above 0
 * @returns 0 when it is; `MOST_BALLS` at most
 */
export function ballsToGo(
	{ posterior, n }: Pick<Grouped, 'posterior' | 'n'>,
	within: Metres
): number {
	let more = Math.max(0, ENOUGH_BALLS - n);
	while (more < MOST_BALLS && LUCKY * meanReach(posterior, n + more) > within) more++;
	return more;
}

/**
 * How far a day's own middle may be off the middle of all days, either way, with 90 %: no ball of the same day makes it less.
 *
 * @param carry metres
 */
export const dayReach = (carry: Metres): Metres =>
	studentQuantile((1 + CONFIDENCE) / 2, PRIOR_DAYS) * DAY_SPREAD * carry;

/** A carry need not be known better than this share of itself (assumption). */
const FINE: Ratio = 0.1;

/**
 * To how many paces a distance is to be known: one for chips, more for pitches, whose balls spread by more than a pace whatever is done.
 *
 * @param distance carry or roll-out, metres
 * @param pace metres, above 0
 * @returns 1 and up
 */
export const goodPaces = (distance: Metres, pace: Metres): number =>
	Math.max(1, Math.round((FINE * distance) / pace));
