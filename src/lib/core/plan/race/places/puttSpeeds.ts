import { lowestBetween } from '../../../math/lowestBetween';
import type { Metres, Ratio } from '../../../units';
import { roomOf, within } from '../../ladder/past';
import type { Question } from '../../question/question';
import { cheapest, enter, strokesOf, type Entry, type Played } from '../race';
import { rejectRung, struck, type Rung } from '../../ladder/rung';

/**
 * Over a bank a putt may end at one place by several head speeds, and at the next by none: there head speeds are tried instead of places.
 * A putt whose balls do best need not be the one whose middle ball does.
 */
const PUTT_SPEEDS: readonly Ratio[] = [0.84, 0.88, 0.92, 0.96, 1.04, 1.08];

/** Nobody putts to leave it shorter than this: the other side of a tier is no place to putt to. */
const SHORT: Metres = 1.5;

/** A putt struck harder or softer, where nothing speaks against it. */
function putt(question: Question, rung: Rung, harder: Ratio): Rung | null {
	const other = struck(question, rung, harder);
	if (other.target < question.target - SHORT || !within(roomOf(question), other.target))
		return null;
	return rejectRung(question, other) === null ? other : null;
}

/**
 * The other putts of a play from off the green.
 *
 * @param question opened
 * @param rung a putt
 */
export const otherPutts = (question: Question, rung: Rung): Entry[] =>
	PUTT_SPEEDS.flatMap((harder) => putt(question, rung, harder) ?? []).map(enter);

/**
 * The putt that is cheapest by its head speed.
 *
 * @param question opened
 * @param tried putts of one play, at least one
 */
export function bestPutt(question: Question, tried: readonly Played[]): Rung {
	const { rung } = cheapest(tried);
	const speed = lowestBetween(
		tried.map((entry) => ({ at: entry.rung.solution.speed, value: strokesOf(entry) }))
	);
	return putt(question, rung, speed / rung.solution.speed) ?? rung;
}
