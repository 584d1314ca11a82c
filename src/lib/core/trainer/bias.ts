import { studentQuantile } from '../math/studentT';
import { luckOf } from '../log/holm';

/** One guess of a size, and what it was. */
export interface Guess {
	guess: number;
	truth: number;
	/** How sure somebody was that it is right, 0 to 1. */
	sure: number;
	right: boolean;
}

/** How guesses of one kind are off in common. */
export interface Bias {
	/** What is seen for each 1 there is: 0.7 is a third too little. */
	seen: number;
	low: number;
	high: number;
	/** Whether luck alone does not do that. */
	told: boolean;
}

const ENOUGH = 6;
const LUCK = 0.05;
const CONFIDENCE = 0.9;

/**
 * How large somebody sees things against how large they are: the slope of a line through nothing.
 *
 * @param guesses of one kind
 * @returns null of too few, or of nothing but noughts
 * @source least squares through the origin with its t interval
 */
export function biasOf(guesses: readonly Pick<Guess, 'guess' | 'truth'>[]): Bias | null {
	const squares = guesses.reduce((sum, { truth }) => sum + truth * truth, 0);
	if (guesses.length < ENOUGH || squares === 0) return null;
	const seen = guesses.reduce((sum, { guess, truth }) => sum + guess * truth, 0) / squares;
	const freedom = guesses.length - 1;
	const residual = guesses.reduce((sum, { guess, truth }) => sum + (guess - seen * truth) ** 2, 0);
	const error = Math.sqrt(residual / freedom / squares);
	const half = studentQuantile((1 + CONFIDENCE) / 2, freedom) * error;
	const luck = error > 0 ? luckOf((seen - 1) / error, freedom) : seen === 1 ? 1 : 0;
	return { seen, low: seen - half, high: seen + half, told: luck < LUCK };
}

/**
 * How honest somebody is about being sure: the Brier score, 0 for who always knows, 0.25 for who always says half.
 *
 * @param guesses 1 or more
 * @source G. W. Brier, Monthly Weather Review 78 (1950): proper, it is best to say what one believes
 */
export const brierOf = (guesses: readonly Pick<Guess, 'sure' | 'right'>[]): number =>
	guesses.reduce((sum, { sure, right }) => sum + (sure - (right ? 1 : 0)) ** 2, 0) /
	Math.max(1, guesses.length);
