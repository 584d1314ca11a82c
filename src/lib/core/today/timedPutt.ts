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
}

/** Fewest putts each way; one way is enough where the slope is known. */
export const LEAST_PUTTS = 2;
/** Thumb at the strike and at rest together, and the length, one standard deviation (assumption). */
const THUMB: Seconds = 0.1;
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

interface Way {
	mean: number;
	variance: number;
}

/** The mean deceleration one way, weighted by how well each putt tells it; how widely they scatter counts, too. */
function wayOf(putts: readonly TimedPutt[]): Way | null {
	const values = putts.map(({ length, time }) => rollingDeceleration(length, time));
	const weights = putts.map((putt) => 1 / decelerationError(putt) ** 2);
	const total = weights.reduce((sum, weight) => sum + weight, 0);
	const mean = values.reduce((sum, value, i) => sum + weights[i]! * value, 0) / total;
	const far = values.some((value, i) => Math.abs(value - mean) * Math.sqrt(weights[i]!) > CHANCE);
	if (far) return null;
	const squares = values.reduce((sum, value, i) => sum + weights[i]! * (value - mean) ** 2, 0);
	const scatter = putts.length > 1 ? Math.max(1, squares / (putts.length - 1)) : 1;
	return { mean, variance: scatter / total };
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
	const ways = (['up', 'down'] as const).map((way) => ({
		way,
		putts: putts.filter((putt) => putt.way === way)
	}));
	const rolled = slope === null ? ways : ways.filter((one) => one.putts.length > 0);
	const short = rolled.find((one) => one.putts.length < LEAST_PUTTS);
	if (short || rolled.length === 0)
		return { code: 'tooFew', way: short?.way ?? 'up', found: short?.putts.length ?? 0 };
	const found: { way: 'up' | 'down'; mean: number; variance: number }[] = [];
	for (const one of rolled) {
		const read = wayOf(one.putts);
		if (!read) return { code: 'disagree', way: one.way };
		found.push({ way: one.way, ...read });
	}
	const level = (along: Ratio) =>
		found.map(({ way, mean }) => mean - (way === 'up' ? pull : -pull) * along);
	const [up, down] = found;
	const along = slope ?? (up!.mean - down!.mean) / (2 * pull);
	if (Math.abs(along) > MOST_SLOPE) return { code: 'tooSteep', slope: Math.abs(along) };
	const decelerations = level(along);
	const deceleration = decelerations.reduce((sum, value) => sum + value, 0) / decelerations.length;
	const variance =
		found.reduce((sum, one) => sum + one.variance, 0) / (found.length * found.length);
	if (deceleration <= 0) return { code: 'tooSteep', slope: Math.abs(along) };
	const speed = ROLL.rampSpeed ** 2 / (2 * deceleration);
	return { speed, error: (speed * Math.sqrt(variance)) / deceleration, slope: along };
}
