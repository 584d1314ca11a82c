import { huberCentre, type Centre } from '../math/robust';
import type { Metres, Ratio } from '../units';

/** A skill's own spread counts as much as this many balls. */
export const PRIOR_BALLS = 8;
/**
 * Relative spread of a player's carries from day to day: arms, air, balls and turf differ (assumption; ours, no source). It counts as much
 * as `PRIOR_DAYS` days beyond the first.
 */
export const DAY_SPREAD: Ratio = 0.06;
export const PRIOR_DAYS = 12;
/**
 * Arms tire and warm up: the middle of so many balls hit in a row is off its first ones by this share, one standard deviation, and by its
 * part where they are fewer (assumption; ours, no source).
 */
const ROW = { spread: 0.07, balls: 30 };
/** Balls farther out than so many spreads pull a row's drift as if they lay there. */
const CLIPPED = 2;

/**
 * Spread of a normal of unknown mean, with a prior of `PRIOR_BALLS` degrees of freedom and a sample of so many: the average of both
 * variances by their degrees of freedom, which is exact.
 *
 * @param prior standard deviation presumed, above 0
 * @param spread of the sample; without meaning where it has no freedom
 * @param freedom 0 and up
 */
export const spreadWith = (prior: Metres, spread: Metres, freedom: number): Metres =>
	Math.sqrt((PRIOR_BALLS * prior ** 2 + freedom * spread ** 2) / (PRIOR_BALLS + freedom));

/** Balls of one day. */
export interface Day extends Centre {
	/** 1 and up. */
	n: number;
	/** How far the middle of the row lies past its first ball, by the straight line through them; 0 where nobody knows their order. */
	drift?: Metres | undefined;
}

/**
 * What the balls of a day say, those far out no more than their share.
 *
 * @param carries in the order they were hit, at least one
 */
export function dayOf(carries: readonly Metres[]): Day {
	const n = carries.length;
	const { centre, spread } = huberCentre(carries);
	const middle = (n - 1) / 2;
	const far = CLIPPED * spread;
	let pull = 0;
	let orders = 0;
	for (const [i, carry] of carries.entries()) {
		pull += (i - middle) * Math.max(-far, Math.min(far, carry - centre));
		orders += (i - middle) ** 2;
	}
	return { centre, spread, n, drift: n > 2 ? (pull / orders) * middle : 0 };
}

/** One standard error of a row's drift, in spreads of a ball: half the length of the row times the error of its slope. */
const driftError = (n: number): Ratio => Math.sqrt((3 * (n - 1)) / (n * (n + 1)));

/** What balls of several days say of the middle of all days. */
export interface DaysMean {
	mean: Metres;
	/** Standard deviation of a ball on one day, as seen; 0 where no day has two. */
	spread: Metres;
	/** The same with what is presumed mixed in. */
	posterior: Metres;
	/** Standard deviation of the mean: days that were not seen count in. */
	error: Metres;
	/** Degrees of freedom of that error. */
	freedom: number;
}

const sumOf = (values: readonly number[]): number => values.reduce((sum, value) => sum + value, 0);

/** Spread of the balls about their own day's middle, with its degrees of freedom; of the middles where no day has two balls. */
function withinDays(days: readonly Day[]): { spread: Metres; freedom: number } {
	const freedom = sumOf(days.map(({ n }) => n - 1));
	if (freedom > 0) {
		const squares = days.map(({ n, spread }) => (n - 1) * spread ** 2);
		return { spread: Math.sqrt(sumOf(squares) / freedom), freedom };
	}
	return { spread: huberCentre(days.map(({ centre }) => centre)).spread, freedom: days.length - 1 };
}

/**
 * How far the middle of a row lies off its first balls, by what is presumed and what the row itself shows, each by how well it is known.
 *
 * @param spread of a ball
 * @param about middle of the carries
 * @returns the best guess, and the variance of what it leaves open
 */
function restedOf(
	{ n, drift }: Day,
	spread: Metres,
	about: Metres
): { off: Metres; variance: number } {
	const presumed = (ROW.spread * about * Math.min(1, n / ROW.balls)) ** 2;
	if (drift === undefined || n < 3) return { off: 0, variance: presumed };
	const trust = presumed / (presumed + (spread * driftError(n)) ** 2);
	return { off: trust * drift, variance: presumed * (1 - trust) };
}

/**
 * The middle of a rested player's carries over all days, from the balls of some: balls vary within a day, days vary among themselves, and
 * each day weighs by how well its own middle is known.
 *
 * @param days at least one
 * @param priorOf standard deviation of a ball on one day that the skill presumes about a middle
 * @source a random-effects mean, between-day variance by moments (DerSimonian and Laird 1986) shrunk toward the presumed one; degrees of
 * freedom of the sum by Satterthwaite (1946); both from memory
 */
export function meanOverDays(days: readonly Day[], priorOf: (middle: Metres) => Metres): DaysMean {
	const middles = days.map(({ centre }) => centre);
	const about = sumOf(middles) / days.length;
	const { spread, freedom } = withinDays(days);
	const posterior = spreadWith(priorOf(about), spread, freedom);
	const balls = days.map(({ n }) => posterior ** 2 / n);
	const more = days.length - 1;
	const seen = more > 0 ? sumOf(middles.map((middle) => (middle - about) ** 2)) / more : 0;
	const between = Math.max(0, seen - sumOf(balls) / days.length);
	const dayVariance =
		(PRIOR_DAYS * (DAY_SPREAD * about) ** 2 + more * between) / (PRIOR_DAYS + more);
	const rows = days.map((day) => restedOf(day, posterior, about));
	const ofDay = rows.map(({ variance }) => dayVariance + variance);
	const weights = balls.map((variance, i) => 1 / (ofDay[i]! + variance));
	const all = sumOf(weights);
	const mean =
		about + sumOf(rows.map(({ off }, i) => weights[i]! * (middles[i]! - off - about))) / all;
	const ofDays = sumOf(weights.map((weight, i) => ofDay[i]! * weight ** 2)) / all ** 2;
	const variance = 1 / all;
	const ofBalls = variance - ofDays;
	return {
		mean,
		spread,
		posterior,
		error: Math.sqrt(variance),
		freedom:
			variance ** 2 / (ofDays ** 2 / (PRIOR_DAYS + more) + ofBalls ** 2 / (PRIOR_BALLS + freedom))
	};
}
