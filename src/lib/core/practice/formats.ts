import { median } from '../math/robust';
import { createRng } from '../math/random';
import { shareOf, type Share } from '../math/share';
import type { Metres } from '../units';
import type { PracticeFormat } from './drill';

/** Two balls from one place, of which the worse counts. */
const PAIR = 2;

/** Numbers 0 … n − 1 in an order that a seed decides (Fisher and Yates). */
function shuffled(n: number, seed: number): number[] {
	const rng = createRng(seed);
	const order = Array.from({ length: n }, (_, i) => i);
	for (let i = n - 1; i > 0; i--) {
		const j = Math.floor(rng.uniform() * (i + 1));
		[order[i], order[j]] = [order[j]!, order[i]!];
	}
	return order;
}

/** Formats in which clubs follow each other club by club. */
const inBlocks = (format: PracticeFormat): boolean =>
	format === 'block' || format === 'beat-your-last' || format === 'worst-ball';

/**
 * How many balls a task asks for in a format: twice as many where the worse of two counts.
 *
 * @param balls of the task
 */
export const ballsAsked = (format: PracticeFormat, balls: number): number =>
	format === 'worst-ball' ? PAIR * balls : balls;

/**
 * The order in which the balls of a session follow each other.
 *
 * @param balls of each task
 * @param seed decides the order of what is mixed
 * @returns a task for every ball
 */
export function orderOf(format: PracticeFormat, balls: readonly number[], seed: number): number[] {
	const rows = balls.flatMap((count, task) => Array.from({ length: count }, () => task));
	return inBlocks(format) ? rows : shuffled(rows.length, seed).map((i) => rows[i]!);
}

/**
 * Which task is next, whatever was hit and taken back so far.
 *
 * @param played how many balls of each task
 * @returns null when all are hit
 */
export function nextTask(order: readonly number[], played: readonly number[]): number | null {
	const left = [...played];
	for (const task of order) {
		if (!(left[task]! > 0)) return task;
		left[task]!--;
	}
	return null;
}

/** What a ball is worth for the score. */
export interface ScoredBall {
	/** Inside the tolerance of its mark. */
	hit: boolean;
	/** From where it was meant to land or to end; null where that was not seen. */
	off: Metres | null;
	strokes: number | null;
}

/** How a session went, in the way its format counts. */
export type Score =
	| { kind: 'hits'; share: Share; last: Share | null }
	| { kind: 'strokes'; total: number; upAndDown: Share }
	| { kind: 'worse'; pairs: number; median: Metres | null };

/**
 * The score of a session.
 *
 * @param balls in the order they were hit
 * @param last hits of the last session with the same drill; null for the first
 */
export function scoreOf(
	format: PracticeFormat,
	balls: readonly ScoredBall[],
	last: Share | null
): Score {
	if (format === 'up-and-down') {
		const holed = balls.flatMap(({ strokes }) => strokes ?? []);
		return {
			kind: 'strokes',
			total: holed.reduce((sum, strokes) => sum + strokes, 0),
			upAndDown: shareOf(holed.filter((strokes) => strokes <= 2).length, holed.length)
		};
	}
	if (format === 'worst-ball') {
		const pairs = Array.from({ length: Math.floor(balls.length / PAIR) }, (_, i) =>
			balls.slice(PAIR * i, PAIR * i + PAIR).map(({ off }) => off)
		);
		const worse = pairs.flatMap((pair) =>
			pair.includes(null) ? [] : Math.max(...pair.map((metres) => metres ?? 0))
		);
		return { kind: 'worse', pairs: pairs.length, median: worse.length > 0 ? median(worse) : null };
	}
	return {
		kind: 'hits',
		share: shareOf(balls.filter(({ hit }) => hit).length, balls.length),
		last
	};
}
