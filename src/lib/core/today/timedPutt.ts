import { inverse, Matrix } from 'ml-matrix';
import { BALL, GRAVITY, ROLL } from '../constants';
import type { Metres, MetresPerSecond, Ratio, Seconds } from '../units';

/** A putt along a straight line, followed from the strike to rest. */
export interface TimedPutt {
	/** The two ways are opposite to each other; `up` is whichever is uphill, or either on the level. */
	way: 'up' | 'down';
	/** From the strike to rest. */
	length: Metres;
	time: Seconds;
}

/** Why timed putts give no green speed. */
export type TimedProblem =
	| { code: 'tooFew'; way: 'up' | 'down'; found: number }
	| { code: 'outOfRange'; index: number }
	| { code: 'disagree'; way: 'up' | 'down' }
	| { code: 'tooSteep'; slope: Ratio };

export interface TimedReading {
	/** Green speed of the level. */
	speed: Metres;
	/** One standard error of it. */
	error: Metres;
	/** Slope along the putts that explains the difference of the two ways, + uphill the way called up. */
	slope: Ratio;
	/** So much too long this thumb takes every putt to last (−: too short), which is taken off; null where the putts do not tell it. */
	lag: Seconds | null;
}

/** Fewest putts each way; one way is enough where the slope is known. */
export const LEAST_PUTTS = 2;
/** Thumb at the strike and at rest together, and the length, one standard deviation (assumption). */
const THUMB: Seconds = 0.1;
/** One person's thumb is late, or early, by so much on every putt, one standard deviation between people (assumption). */
const LAG: Seconds = 0.15;
/** Putts of different lengths tell a lag once it is known by so much better than was presumed, and stands out of its error. */
const LAG_TOLD: Ratio = 0.7;
const STANDS_OUT = 1.645;
/** A slope that a phone or an eye found is off by so much, one standard deviation (assumption). */
const SLOPE_ERROR: Ratio = 0.004;
/** For slopes by differences. */
const INSTANT: Seconds = 0.01;
const PACED: Metres = 0.03;
const PACED_SHARE: Ratio = 0.01;
const LIMITS = { shortest: 1, longest: 25, quickest: 1, slowest: 20 };
/** Putts one way differ by chance within this many standard deviations. */
const CHANCE = 4;
const MOST_SLOPE: Ratio = 0.06;
const SLIDING = ROLL.skidFriction * GRAVITY;
/** A putter sends the ball off with about this share of the spin of a ball that rolls (assumption). */
const ROLL_AT_STRIKE: Ratio = 0.2;
/** Rolling begins at this share of the speed of the strike: friction at the ground makes up the missing spin. */
const ROLLING_FROM: Ratio = (1 + BALL.inertia * ROLL_AT_STRIKE) / (1 + BALL.inertia);

/**
 * Deceleration of the roll alone, from the length and the time of a putt. Sliding takes (1 − k) v/μg of it from the speed v of the strike
 * to k v, rolling the rest: length = (1 − k) v²/(2 μg) + k v time/2, from which v, and with it both parts.
 *
 * @param length from the strike to rest, metres, above 0
 * @param time likewise, seconds, above 0
 * @returns m/s², above 0; infinite for a ball that would have stopped before it rolled
 * @source closed form of a slide under constant friction and a roll under constant deceleration; ours
 */
export function rollingDeceleration(length: Metres, time: Seconds): number {
	const a = (1 - ROLLING_FROM) / (2 * SLIDING);
	const b = (ROLLING_FROM * time) / 2;
	const speed: MetresPerSecond = (2 * length) / (b + Math.sqrt(b * b + 4 * a * length));
	const rolling = time - ((1 - ROLLING_FROM) * speed) / SLIDING;
	return rolling > 0 ? (ROLLING_FROM * speed) / rolling : Infinity;
}

/** One standard deviation of that deceleration, from the errors of thumb and tape. */
function decelerationError({ length, time }: TimedPutt): number {
	const share = Math.hypot((2 * THUMB) / time, Math.hypot(PACED, PACED_SHARE * length) / length);
	return rollingDeceleration(length, time) * share;
}

const WAYS = ['up', 'down'] as const;

/** What putts of a line say: the deceleration of each way that was putted, and by how much the thumb is late. */
interface Fitted {
	ways: readonly (typeof WAYS)[number][];
	/** In the order of the ways, then the lag. */
	values: readonly number[];
	covariance: Matrix;
	/** The way of a putt that lies too far from the others; null where all agree. */
	disagrees: (typeof WAYS)[number] | null;
}

/** How much a deceleration grows with the time it is taken from. */
const byTime = ({ length, time }: TimedPutt): number =>
	(rollingDeceleration(length, time + INSTANT) - rollingDeceleration(length, time - INSTANT)) /
	(2 * INSTANT);

/**
 * Decelerations of both ways and the lag of the thumb together, by weighted least squares: a lag shows in short putts more than in long ones.
 * How widely the putts scatter counts, too.
 */
function fitted(putts: readonly TimedPutt[]): Fitted {
	const ways = WAYS.filter((way) => putts.some((putt) => putt.way === way));
	const size = ways.length + 1;
	const rows = putts.map((putt) => ({
		of: [...ways.map((way) => (putt.way === way ? 1 : 0)), byTime(putt)],
		value: rollingDeceleration(putt.length, putt.time),
		weight: 1 / decelerationError(putt) ** 2
	}));
	const solve = (scatter: number) => {
		const information = Matrix.zeros(size, size);
		information.set(size - 1, size - 1, 1 / LAG ** 2);
		const right = Matrix.zeros(size, 1);
		for (const { of, value, weight } of rows)
			for (let i = 0; i < size; i++) {
				right.set(i, 0, right.get(i, 0) + (weight / scatter) * of[i]! * value);
				for (let j = 0; j < size; j++)
					information.set(i, j, information.get(i, j) + (weight / scatter) * of[i]! * of[j]!);
			}
		const covariance = inverse(information);
		return { covariance, values: covariance.mmul(right).to1DArray() };
	};
	const offs = (values: readonly number[]) =>
		rows.map(
			({ of, value, weight }) =>
				(value - of.reduce((sum, x, i) => sum + x * values[i]!, 0)) * Math.sqrt(weight)
		);
	const first = offs(solve(1).values);
	const squares = first.reduce((sum, off) => sum + off * off, 0);
	const freedom = Math.max(1, putts.length - ways.length);
	const far = first.findIndex((off) => Math.abs(off) > CHANCE);
	return {
		ways,
		...solve(Math.max(1, squares / freedom)),
		disagrees: putts[far]?.way ?? null
	};
}

/** The lag where the putts tell it. */
function lagOf({ values, covariance }: Fitted): Seconds | null {
	const at = values.length - 1;
	const error = Math.sqrt(covariance.get(at, at));
	const lag = values[at]!;
	return error < LAG_TOLD * LAG && Math.abs(lag) > STANDS_OUT * error ? lag : null;
}

const inRange = ({ length, time }: TimedPutt): boolean =>
	length >= LIMITS.shortest &&
	length <= LIMITS.longest &&
	time >= LIMITS.quickest &&
	time <= LIMITS.slowest &&
	Number.isFinite(rollingDeceleration(length, time));

/**
 * Green speed of the level from putts that were timed and measured, without a ramp: a ball that rolls decelerates by 2d/t², and the
 * standard ramp's ball, let go at 1.83 m/s, would roll 1.83²/2a.
 *
 * @param putts both ways along one line; the slope then falls out
 * @param slope along the line where it is known, + uphill the way called up: then one way is enough
 * @returns the speed with its standard error, or the first reason why there is none
 * @source release speed: USGA stimpmeter booklet; 5/7 g per slope as for every rolling ball; errors: see the constants
 */
export function readTimedPutts(
	putts: readonly TimedPutt[],
	slope: Ratio | null = null
): TimedReading | TimedProblem {
	const wild = putts.findIndex((putt) => !inRange(putt));
	if (wild >= 0) return { code: 'outOfRange', index: wild };
	const pull = GRAVITY / (1 + BALL.inertia);
	const count = (way: (typeof WAYS)[number]) => putts.filter((putt) => putt.way === way).length;
	const short = WAYS.find((way) => count(way) < LEAST_PUTTS && (slope === null || count(way) > 0));
	if (short || putts.length === 0)
		return { code: 'tooFew', way: short ?? 'up', found: short ? count(short) : 0 };
	const fit = fitted(putts);
	if (fit.disagrees) return { code: 'disagree', way: fit.disagrees };
	const { ways, values, covariance } = fit;
	const along = slope ?? (values[0]! - values[1]!) / (2 * pull);
	if (Math.abs(along) > MOST_SLOPE) return { code: 'tooSteep', slope: Math.abs(along) };
	const level = ways.map((way, i) => values[i]! - (way === 'up' ? pull : -pull) * along);
	const deceleration = level.reduce((sum, value) => sum + value, 0) / level.length;
	if (deceleration <= 0) return { code: 'tooSteep', slope: Math.abs(along) };
	// Of the mean of the ways: each has its share of every variance and covariance; the slope cancels where both are putted.
	const bySlope = ways.length === 1 ? pull * SLOPE_ERROR : 0;
	const variance =
		bySlope ** 2 +
		ways.reduce(
			(sum, _, i) => sum + ways.reduce((row, __, j) => row + covariance.get(i, j), 0),
			0
		) /
			ways.length ** 2;
	const speed = ROLL.rampSpeed ** 2 / (2 * deceleration);
	return {
		speed,
		error: (speed * Math.sqrt(variance)) / deceleration,
		slope: along,
		lag: lagOf(fit)
	};
}
