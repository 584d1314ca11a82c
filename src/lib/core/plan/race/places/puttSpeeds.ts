import { lowestBetween } from '../../../math/lowestBetween';
import type { Metres, MetresPerSecond, Ratio } from '../../../units';
import { roomOf } from '../../ladder/past';
import type { Question } from '../../question/question';
import { cheapest, enter, strokesOf, type Entry, type Played } from '../race';
import { rejectCandidate, struck, type Candidate } from '../../ladder/candidate';

/**
 * Over a bank a putt may end at one place by several head speeds, and at the next by none: there head speeds are tried instead of places.
 * A putt whose balls do best need not be the one whose middle ball does.
 */
const PUTT_SPEEDS: readonly Ratio[] = [0.76, 0.8, 0.84, 0.88, 0.92, 0.96, 0.98, 1.02, 1.04, 1.08];

/**
 * No putt is meant to end shorter than this. Up to there the cost decides, off the green, too: below a step where half of the balls run on,
 * and before a slope down which what is struck a little too hard runs away, short is cheaper.
 */
const SHORT: Metres = 12;

/** A putt struck harder or softer, where nothing speaks against it. */
function putt(question: Question, candidate: Candidate, harder: Ratio): Candidate | null {
	const other = struck(question, candidate, harder);
	if (other.target < question.target - SHORT || other.target > roomOf(question).back) return null;
	return rejectCandidate(question, other) === null ? other : null;
}

/** Softer ones take part from the beginning: the own one may lie on an edge and be out before others are looked for. */
const EARLY: readonly Ratio[] = [0.92, 0.96];

/**
 * The putts that take part in the race beside one from off the green.
 *
 * @param question opened
 * @param candidate a putt
 */
export const earlyPutts = (question: Question, candidate: Candidate): Candidate[] =>
	EARLY.flatMap((harder) => putt(question, candidate, harder) ?? []);

/** Head speeds nearer to each other than this share are one. */
export const ALIKE: Ratio = 0.005;

/**
 * A putt by another head speed, or null where something speaks against it.
 *
 * @param question opened
 * @param candidate a putt from off the green
 * @param speed of the head, m/s
 */
export const puttBy = (
	question: Question,
	candidate: Candidate,
	speed: MetresPerSecond
): Candidate | null => putt(question, candidate, speed / candidate.solution.speed);

/**
 * The other putts of a play from off the green, about the cheapest of those that were tried.
 *
 * @param question opened
 * @param tried putts of one play, at least one
 */
export function otherPutts(question: Question, tried: readonly Played[]): Entry[] {
	const { candidate } = cheapest(tried);
	const isTried = (speed: MetresPerSecond) =>
		tried.some((entry) => Math.abs(entry.candidate.solution.speed / speed - 1) < ALIKE);
	return PUTT_SPEEDS.filter((harder) => !isTried(harder * candidate.solution.speed))
		.flatMap((harder) => putt(question, candidate, harder) ?? [])
		.map(enter);
}

/**
 * The putt that is cheapest by its head speed.
 *
 * @param question opened
 * @param tried putts of one play, at least one
 */
export function bestPutt(question: Question, tried: readonly Played[]): Candidate {
	const { candidate } = cheapest(tried);
	const speed = lowestBetween(
		tried.map((entry) => ({ at: entry.candidate.solution.speed, value: strokesOf(entry) }))
	);
	return puttBy(question, candidate, speed) ?? candidate;
}
