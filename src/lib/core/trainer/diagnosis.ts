import { holding } from '../log/holm';
import { luckOfAtLeast, shareOf, type Share } from '../math/share';
import { READ_STEPS, type ReadStep } from './steps';

/** One shot that was read: the steps that were asked, right or not, and what they cost. */
export interface ReadShot {
	level: number;
	steps: readonly { step: ReadStep; cost: number; right: boolean }[];
}

/** How a step goes. */
export interface StepRecord {
	step: ReadStep;
	/** How often it was right. */
	right: Share;
	/** Strokes lost by it on average; 0 where it was never asked. */
	cost: number;
	/** Whether it goes wrong more often than the others, and not by luck. */
	weak: boolean;
}

/** One of so many even pupils is told of a weakness at most. */
const LEVEL = 0.1;

/**
 * How each step of reading goes, and which stand out: misses against those of all other steps together, with seven looks paid for.
 *
 * @param reads of one pupil
 * @source R. A. Fisher's exact test for each; S. Holm 1979 for all of them
 */
export function diagnose(reads: readonly ReadShot[]): StepRecord[] {
	const asked = READ_STEPS.map((step) =>
		reads.flatMap(({ steps }) => steps.filter((one) => one.step === step))
	);
	const wrong = asked.map((of) => of.filter(({ right }) => !right).length);
	const total = asked.reduce((sum, { length }) => sum + length, 0);
	const misses = wrong.reduce((sum, count) => sum + count, 0);
	const lucks = asked.map(({ length }, i) =>
		luckOfAtLeast({ hits: wrong[i]!, of: length }, { hits: misses - wrong[i]!, of: total - length })
	);
	const holds = holding(lucks, LEVEL);
	return READ_STEPS.map((step, i) => {
		const of = asked[i]!;
		return {
			step,
			right: shareOf(of.length - wrong[i]!, of.length),
			cost: of.length > 0 ? of.reduce((sum, { cost }) => sum + cost, 0) / of.length : 0,
			weak: of.length > 0 && holds[i]!
		};
	});
}

/** A step up is so much harder, in the units of the rating (assumption). */
const STEP_UP = 0.55;
/** How far one answer moves the rating: much at first, less later. */
const MOVES = { first: 0.6, later: 0.12, over: 20 } as const;
/** So many right of ten keep somebody at it. */
export const AIMED = 0.7;
const MIDDLE = 3;

const expected = (rating: number, level: number): number =>
	1 / (1 + Math.exp(-(rating - STEP_UP * (level - MIDDLE))));

/**
 * How well somebody reads: a rating from what came of each shot at its level, one after the other.
 *
 * @param reads the first one first
 * @returns in logits; 0 has half of the steps right at level 3
 * @source A. E. Elo 1978, The Rating of Chessplayers; for learners S. Klinkenberg, M. Straatemeier and H. L. J. van der Maas,
 *   Computers & Education 57 (2011) (from memory)
 */
export const ratingOf = (reads: readonly ReadShot[]): number =>
	reads.reduce((rating, { level, steps }, i) => {
		if (steps.length === 0) return rating;
		const score = steps.filter(({ right }) => right).length / steps.length;
		const move = MOVES.later + (MOVES.first - MOVES.later) * Math.max(0, 1 - i / MOVES.over);
		return rating + move * 2 * (score - expected(rating, level));
	}, 0.5);

/**
 * The level at which somebody has about seven of ten right.
 *
 * @param rating of `ratingOf`
 * @param levels least and most there are
 */
export function levelFor(rating: number, { least, most }: { least: number; most: number }): number {
	let best = least;
	for (let level = least; level <= most; level++)
		if (Math.abs(expected(rating, level) - AIMED) < Math.abs(expected(rating, best) - AIMED))
			best = level;
	return best;
}
