import { median } from '../math/robust';
import { studentQuantile } from '../math/studentT';
import { luckOf } from './holm';

/** One result beside its forecast, in one direction. */
export interface Miss {
	/** Result minus the middle of the forecast. */
	off: number;
	/** Spread of the forecast, above 0. */
	spread: number;
	/** The day it was played; results of one day share its luck. */
	day: string;
}

/** What results are off by in common. */
export interface Offset {
	n: number;
	days: number;
	/** Result minus forecast, in the unit of `off`. */
	centre: number;
	/** One standard error. */
	error: number;
	/** Nine times in ten it lies between these. */
	low: number;
	high: number;
	/** How often luck alone is as far off, either way. */
	luck: number;
}

/** Fewer results say nothing. */
export const FEWEST_RESULTS = 6;
/** Results of so many days show what is the player's and not the day's. */
export const FEWEST_DAYS = 3;
/** From so many days on their differences tell how much a day's luck is worth. */
const FEW_DAYS = 3;
/** Results farther out than this many spreads count as if they lay there: a mishit says little of where the others end. */
const HUBER = 1.5;
const ROUNDS = 60;

const clipped = (value: number): number => Math.max(-HUBER, Math.min(HUBER, value));

/**
 * What results are off by in common: each weighs by how exactly it was forecast, mishits take no more than their share, and days count
 * where they differ by more than their balls.
 *
 * @param misses of one kind
 * @returns null for so few that they say nothing
 * @source weighted M-estimate after Huber (1964); its error by the scores summed over days, with days − 1 degrees of freedom (Liang and
 * Zeger, Biometrika 73, 1986)
 */
export function offsetOf(misses: readonly Miss[]): Offset | null {
	const n = misses.length;
	if (n < FEWEST_RESULTS) return null;
	let centre = median(misses.map(({ off }) => off));
	for (let round = 0; round < ROUNDS; round++) {
		// What lies far out pulls as if it lay at the limit.
		const weights = misses.map(
			({ off, spread }) => 1 / (spread * Math.max(spread, Math.abs(off - centre) / HUBER))
		);
		const pull = misses.reduce((total, { off }, i) => total + weights[i]! * off, 0);
		centre = pull / weights.reduce((total, weight) => total + weight, 0);
	}
	const scores = new Map<string, number>();
	let squares = 0;
	for (const { off, spread, day } of misses) {
		const score = clipped((off - centre) / spread) / spread;
		scores.set(day, (scores.get(day) ?? 0) + score);
		squares += score ** 2;
	}
	const slope = sum(misses, ({ off, spread }) =>
		Math.abs(off - centre) < HUBER * spread ? 1 / spread ** 2 : 0
	);
	const days = scores.size;
	const ofBalls = squares * (n / (n - 1));
	const ofDays = sum([...scores.values()], (score) => score ** 2) * (days / Math.max(1, days - 1));
	const byDay = days >= FEW_DAYS && ofDays > ofBalls;
	const error = Math.sqrt(byDay ? ofDays : ofBalls) / Math.max(slope, 1e-9);
	const freedom = byDay ? days - 1 : n - 1;
	const half = studentQuantile(0.95, freedom) * error;
	return {
		n,
		days,
		centre,
		error,
		low: centre - half,
		high: centre + half,
		luck: error > 0 ? luckOf(centre / error, freedom) : centre === 0 ? 1 : 0
	};
}

function sum<T>(items: readonly T[], of: (item: T) => number): number {
	let total = 0;
	for (const item of items) total += of(item);
	return total;
}
