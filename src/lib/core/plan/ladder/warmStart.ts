import { surfaceOf } from '../../green/surface';
import { playKey, type Play } from '../../player/intent';
import type { Guess } from '../../solve/solve';
import type { Metres, Radians } from '../../units';
import type { Question } from '../question/question';
import { guessFrom, type Candidate } from './candidate';
import type { Situation } from '../question/situation';

/** Where a play was left that does not work at the pin itself: metres past it, and how it was played there. */
export interface LeftPast {
	by: Metres;
	guess: Guess;
}

/** What the ladder of a question nearby knows of this one: where to start from, and where not to look again. */
export interface WarmStart {
	guess: (play: Play) => Guess | null;
	/** Null where no place past the pin was found; undefined where none was looked for. */
	past: (play: Play) => LeftPast | null | undefined;
}

/** Nothing is known: an answer is wanted at once, and no question nearby was asked before. */
export const COLD_START: WarmStart = { guess: () => null, past: () => undefined };

/** A question is near to another when nothing of it has moved by more than this. */
const NEAR = { distance: 1, rise: 0.3, heading: 0.2, greenSpeed: 0.5 } satisfies {
	distance: Metres;
	rise: Metres;
	heading: Radians;
	greenSpeed: Metres;
};

const within = (a: number, b: number, most: number): boolean => Math.abs(a - b) <= most;

function onSameGround({ survey: a }: Situation, { survey: b }: Situation): boolean {
	if (!a || !b) return a === b;
	const [from, to] = [a.placement, b.placement];
	return (
		a.kinds === b.kinds &&
		surfaceOf(a.green) === surfaceOf(b.green) &&
		Math.hypot(from.u - to.u, from.v - to.v) <= NEAR.distance &&
		within(from.heading, to.heading, NEAR.heading)
	);
}

/**
 * Whether what holds for one question is a good guess at another, as while a ball or a pin is dragged.
 *
 * @param a as asked before
 * @param b as asked now
 */
export const isNear = (a: Situation, b: Situation): boolean =>
	a.lie === b.lie &&
	within(a.toEdge, b.toEdge, NEAR.distance) &&
	within(a.toEdge + a.edgeToPin, b.toEdge + b.edgeToPin, NEAR.distance) &&
	within(a.rise, b.rise, NEAR.rise) &&
	within(a.greenSpeed, b.greenSpeed, NEAR.greenSpeed) &&
	onSameGround(a, b);

const keyOf = (play: Play): string => `${playKey(play)}/${play.club.loft}`;

/** What of a ladder leaves a warm start. */
interface Solved {
	candidates: readonly Candidate[];
	rejected: readonly { candidate: Candidate | null }[];
}

/**
 * The warm start that a ladder leaves.
 *
 * @param question that it answers
 * @param ladder every play of it
 */
export function warmStartFrom(question: Question, { candidates, rejected }: Solved): WarmStart {
	const guesses = new Map<string, Guess>();
	const past = new Map<string, LeftPast>();
	for (const { candidate } of rejected)
		if (candidate) guesses.set(keyOf(candidate.play), guessFrom(candidate));
	for (const candidate of candidates) {
		const guess = guessFrom(candidate);
		if (candidate.safe)
			past.set(keyOf(candidate.play), { by: candidate.target - question.target, guess });
		else guesses.set(keyOf(candidate.play), guess);
	}
	const looked = candidates.every(({ safe, against }) => safe || against !== null);
	return {
		guess: (play) => guesses.get(keyOf(play)) ?? null,
		past: (play) => past.get(keyOf(play)) ?? (looked ? null : undefined)
	};
}
