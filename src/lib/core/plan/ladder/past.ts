import type { Play } from '../../player/intent';
import { ANEW, type Start } from '../../solve/solve';
import type { Metres, Ratio } from '../../units';
import type { Question } from '../question/question';
import type { Rejection } from './reject';
import { guessFrom, rejectRung, solveRung, type Rung } from './rung';
import { slopeAt } from '../question/situation';
import type { Trail } from './trail';

/** A ball is meant to end no nearer to the end of the green than this. */
const GREEN_MARGIN: Metres = 0.5;

/** Faults that a longer shot with the same club may not have. */
const MENDED_BY_LENGTH: readonly Rejection['code'][] = [
	'shortOfGreen',
	// Where the ball hops at a kink of the ground, what comes just short or just past has no swing in between.
	'noStop',
	'notClear',
	'landsInHazard',
	'landsOnSteep',
	'goesPast',
	'otherKind',
	'fliesTooLow'
];
/** Steps past the pin in which a place is looked for that such a play can reach, and halvings of the last step. */
const STEPS: readonly Metres[] = [0.75, 1.5, 3, 5, 8];
const HALVINGS = 2;

/** A play that does not work for the pin; no rung where it was out before anything was computed. */
interface OutAtPin {
	play: Play;
	rung: Rung | null;
	rejection: Rejection;
}

/** Nobody leaves it short on purpose unless there is trouble behind: a green that ends or falls away, or a hazard. */
const SHORT: Metres = -1.5;
const LITTLE_BEHIND: Metres = 5;
const FALLS_AWAY: Ratio = -0.03;

/**
 * How far short of the pin's own target a ball may be meant to end, 0 or below.
 *
 * @param question opened
 */
export function shortOfPin({ situation, pin }: Question): Metres {
	const trouble =
		situation.beyondPin < LITTLE_BEHIND ||
		slopeAt(situation, pin) <= FALLS_AWAY ||
		situation.hazards.some(({ to, beside }) => beside === undefined && to > pin);
	return trouble ? SHORT : 0;
}

interface Room {
	front: Metres;
	back: Metres;
}

/**
 * Stretch of the line in which a ball may be meant to end.
 *
 * @param question opened
 */
export const roomOf = ({ situation, pin }: Question): Room => ({
	front: situation.toEdge + GREEN_MARGIN,
	back: pin + situation.beyondPin - GREEN_MARGIN
});

/**
 * Whether a target lies on the green.
 *
 * @param room between the front and the back of the green, metres from the ball
 * @param target metres from the ball
 */
export const within = ({ front, back }: Room, target: Metres): boolean =>
	target > front && target < back;

/**
 * A play that works for a place other than the pin, or null; one that does not work anywhere works there no worse.
 *
 * @param question opened
 * @param rung to be played elsewhere, with what speaks against it
 * @param target metres from the ball
 * @param around whether the aims beside the line are looked through where no straight ball stops
 */
export function playable(
	question: Question,
	rung: Rung,
	target: Metres,
	around = true
): Rung | null {
	// A putt over a bank may be better played quite differently to another place.
	const from = rung.play.club.putter ? null : { ...guessFrom(rung), hopeless: false };
	const start = { from, around };
	const found = playableFrom(question, rung, target, start);
	return found ?? (rung.against && playableAnew(question, rung, target));
}

/** Where the ground jumps, what is found from the pin's own speed may not be the way that works; a putt has been solved anew already. */
const playableAnew = (question: Question, rung: Rung, target: Metres): Rung | null =>
	rung.play.club.putter ? null : playableFrom(question, rung, target, ANEW);

function playableFrom(
	question: Question,
	{ play, against: before }: Pick<Rung, 'play' | 'against'>,
	target: Metres,
	start: Start
): Rung | null {
	const tried = solveRung(question, play, target, start);
	const against = rejectRung(question, tried);
	// Landing short of the green is the least that can be wrong.
	const noWorse = against?.code === before?.code || against?.code === 'shortOfGreen';
	return against === null || (before && noWorse) ? { ...tried, against } : null;
}

/**
 * The nearest place past the pin that a play reaches which is out at the pin itself.
 *
 * @param question opened
 * @param out a play that is out at the pin
 * @param trail where an answer is wanted at once: the place found nearby is good enough, where none was found none is looked for, and
 *   only straight balls are
 * @returns null where there is none on this green, or more length would not mend what is wrong; shaped shots are not asked
 */
export function nearestPlayable(
	question: Question,
	{ play, rung, rejection }: OutAtPin,
	trail: Trail | null = null
): Rung | null {
	if (!rung || play.shape !== 'straight' || !MENDED_BY_LENGTH.includes(rejection.code)) return null;
	const room = roomOf(question);
	const before = trail?.past(play);
	if (before === null) return null;
	if (before && within(room, question.target + before.by)) {
		const start = { from: before.guess, around: false };
		const found = playableFrom(question, rung, question.target + before.by, start);
		if (found) return found;
	}
	const around = trail === null;
	let out = 0;
	for (const step of STEPS) {
		if (!within(room, question.target + step)) return null;
		const target = question.target + step;
		const found =
			playable(question, rung, target, around) ??
			(around ? playableAnew(question, rung, target) : null);
		if (found) return nearer(question, found, { out, works: step, around });
		out = step;
	}
	return null;
}

/** Halves the step in which a play begins to work. */
function nearer(
	question: Question,
	found: Rung,
	{ around, ...step }: { out: Metres; works: Metres; around: boolean }
): Rung {
	let { out, works } = step;
	let best = found;
	for (let i = 0; i < HALVINGS; i++) {
		const middle = (out + works) / 2;
		const tried = playable(question, best, question.target + middle, around);
		if (tried) [best, works] = [tried, middle];
		else out = middle;
	}
	return best;
}
