import type { Metres } from '../../units';
import type { Question } from '../question/question';
import { playable, roomOf, within, type OutAtPin } from './past';
import type { Rejection } from './reject';
import type { Candidate } from './candidate';

/** Faults that a shorter shot with the same club may not have, and the steps short of the pin in which a place is looked for. */
const MENDED_BY_SHORTNESS: readonly Rejection['code'][] = [
	'tooFast',
	'tooFarForMeasured',
	'noStop',
	'landsInHazard',
	'landsOnSteep'
];
const SHORTER: readonly Metres[] = [0.5, 1.5, 3, 5, 8];
/** The fastest swing is not asked for to the last centimetre. */
const IN_REACH: Metres = 0.1;

/** Of these the nearest may lie on an edge, over which half of the balls run on: the next one is tried, too. */
const PLACES = 2;

/**
 * The nearest places short of the pin for a play that is out at the pin itself: as far as it reaches where that is not far enough.
 *
 * @param question opened
 * @param out a play that is out at the pin
 * @returns none where there is none on this green, or less length would not mend what is wrong; shaped shots are not asked
 */
export function nearestShort(
	question: Question,
	{ play, candidate, rejection }: OutAtPin
): Candidate[] {
	const found: Candidate[] = [];
	if (!candidate || play.shape !== 'straight' || !MENDED_BY_SHORTNESS.includes(rejection.code))
		return found;
	const reach = candidate.solution.outcome.finishX - IN_REACH;
	const targets =
		rejection.code === 'tooFast' ? [reach] : SHORTER.map((step) => question.target - step);
	for (const target of targets) {
		if (found.length === PLACES || !within(roomOf(question), target)) break;
		const there = playable(question, candidate, target);
		if (there) found.push(there);
	}
	return found;
}
