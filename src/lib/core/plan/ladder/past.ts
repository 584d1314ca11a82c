import type { Play } from '../../player/intent';
import type { SolveStatus } from '../../solve/aim';
import { ANEW, type Start } from '../../solve/solve';
import type { Metres, Ratio } from '../../units';
import type { Question } from '../question/question';
import type { Rejection } from './reject';
import { guessFrom, otherWays, rejectCandidate, solveCandidate, type Candidate } from './candidate';
import { notWanted } from '../question/wanted';
import type { WarmStart } from './warmStart';

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

/** A play that does not work for the pin; no candidate where it was out before anything was computed. */
export interface OutAtPin {
	play: Play;
	candidate: Candidate | null;
	rejection: Rejection;
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
 * @param candidate to be played elsewhere, with what speaks against it
 * @param target metres from the ball
 * @param around whether all is looked through where what worked at the pin leads nowhere: other aims, and other head speeds
 */
export function playable(
	question: Question,
	candidate: Candidate,
	target: Metres,
	around = true
): Candidate | null {
	const start = { from: { ...guessFrom(candidate), hopeless: false }, around };
	// A putt over a bank may be better played quite differently to another place.
	if (candidate.play.club.putter)
		return judged(question, candidate, target, { ...start, from: null }).candidate;
	const near = judged(question, candidate, target, start);
	if (near.candidate || !around) return near.candidate;
	// Where the ground jumps, what is found from the pin's own speed may not be the way that works.
	const isLost = !near.searched && (near.status !== 'solved' || candidate.against !== null);
	return isLost ? judged(question, candidate, target, ANEW).candidate : null;
}

/** A play solved for a place, where it works there or is no worse than it was before; and how solving it went. */
function judged(
	question: Question,
	{ play, against: before }: Pick<Candidate, 'play' | 'against'>,
	target: Metres,
	start: Start
): { candidate: Candidate | null; status: SolveStatus; searched: boolean } {
	const tried = solveCandidate(question, play, target, start);
	const { status, searched = false } = tried.solution;
	const against = rejectCandidate(question, tried);
	// Landing short of the green is the least that can be wrong; what is not asked for is no better for being so at the pin, too.
	const isAsked = notWanted(question.wanted, tried) === null;
	const noWorse = isAsked && (against?.code === before?.code || against?.code === 'shortOfGreen');
	if (against === null || (before && noWorse))
		return { candidate: { ...tried, against }, status, searched };
	if (!start.around || status !== 'solved') return { candidate: null, status, searched };
	const other = otherWays(question, tried).find((way) => rejectCandidate(question, way) === null);
	return { candidate: other ?? null, status, searched };
}

/** Share of what that asks for from which on a place is tried: the roll changes, too. */
const CAUTIOUS: Ratio = 0.5;

/** A landing moves with the whole length of a shot: what lands short of the green must be so much longer, at least, to land on it. */
function leastPast({ airShare }: Candidate, rejection: Rejection): Metres {
	return rejection.code === 'shortOfGreen' ? (CAUTIOUS * rejection.by) / airShare : 0;
}

/**
 * The nearest place past the pin that a play reaches which is out at the pin itself.
 *
 * @param question opened
 * @param out a play that is out at the pin
 * @param warmStart where an answer is wanted at once: the place found nearby is good enough, where none was found none is looked for, and
 *   only straight balls are
 * @returns null where there is none on this green, or more length would not mend what is wrong; shaped shots are not asked
 */
export function nearestPlayable(
	question: Question,
	{ play, candidate, rejection }: OutAtPin,
	warmStart: WarmStart | null = null
): Candidate | null {
	if (!candidate || play.shape !== 'straight' || !MENDED_BY_LENGTH.includes(rejection.code))
		return null;
	const room = roomOf(question);
	const before = warmStart?.past(play);
	if (before === null) return null;
	if (before && within(room, question.target + before.by)) {
		const start = { from: before.guess, around: false };
		const found = judged(question, candidate, question.target + before.by, start);
		if (found.candidate) return found.candidate;
	}
	const around = warmStart === null;
	const least = leastPast(candidate, rejection);
	let out = 0;
	for (const step of STEPS) {
		if (!within(room, question.target + step)) return null;
		if (step < least) continue;
		const target = question.target + step;
		const found = playable(question, candidate, target, around);
		if (found) return nearer(question, found, { out, works: step, around });
		out = step;
	}
	return null;
}

/** Halves the step in which a play begins to work. */
function nearer(
	question: Question,
	found: Candidate,
	{ around, ...step }: { out: Metres; works: Metres; around: boolean }
): Candidate {
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
