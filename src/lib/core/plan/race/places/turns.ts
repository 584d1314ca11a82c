import { lowestBetween } from '../../../math/lowestBetween';
import type { Metres } from '../../../units';
import type { Question } from '../../question/question';
import {
	DOUBT,
	enter,
	hasPlayed,
	sampleTo,
	strokesOf,
	type Entry,
	type Played,
	type Sampler
} from '../race';
import { notWanted } from '../../question/wanted';
import { pairedDifference } from '../statistics';
import { leanTo, type Candidate } from '../../ladder/candidate';

/** Places tried to the side where something lies there, right (+) or left (−). */
const SIDES: readonly Metres[] = [-2, -1, 1, 2];
/** A map has something beside most lines: there only so many leading plays are turned, and only where that looks cheaper. */
const TURNED_ON_MAP = 4;
/** On the few balls of a first look a turn that pays may look so much dearer. */
const MAY_PAY = 0.03;
/** A turn by less than this is not worth a word. */
const LEAST_TURN: Metres = 0.75;

/** To which sides a play may be turned: away from what is stated beside the line, either way where the green ends on both. */
function sidesOf({ situation: { width, survey, hazards } }: Question): readonly Metres[] {
	if (width || survey?.kinds === 'map') return SIDES;
	const beside = new Set(hazards.map((hazard) => hazard.beside?.side));
	return SIDES.filter((side) => beside.has(side < 0 ? 'right' : 'left'));
}

/**
 * Plays turned away from what lies beside the line, where that looks cheaper or nearly so.
 *
 * @param question opened
 * @param entries in the race, each at its own place
 * @param balls each turn is sampled with
 */
export async function turnedAway(
	question: Question,
	entries: readonly Played[],
	sampler: Sampler,
	balls: number
): Promise<Entry[]> {
	const sides = sidesOf(question);
	if (sides.length === 0) return [];
	const onMap = question.situation.survey?.kinds === 'map';
	const most = onMap ? TURNED_ON_MAP : entries.length;
	const leaders = [...entries].sort((a, b) => strokesOf(a) - strokesOf(b)).slice(0, most);
	const isWanted = (candidate: Candidate) => notWanted(question.wanted, candidate) === null;
	const turned = leaders.map(({ candidate }) =>
		sides
			.map((side) => leanTo(question, candidate, side))
			.filter(isWanted)
			.map(enter)
	);
	await sampleTo(turned.flat(), balls, sampler);
	return leaders.flatMap((leader, i) => {
		const played = turned[i]!.filter(hasPlayed);
		const own = strokesOf(leader);
		if (played.length === 0) return [];
		const places = played.map((entry) => ({ at: entry.candidate.side, value: strokesOf(entry) }));
		const side = lowestBetween([...places, { at: 0, value: own }]);
		if (Math.abs(side) >= LEAST_TURN) {
			const candidate = leanTo(question, leader.candidate, side);
			return isWanted(candidate) ? [enter(candidate)] : [];
		}
		if (onMap) return [];
		// So few balls may not see that a turn pays: where it hardly costs anything it stays in the race.
		const best = played.reduce((a, b) => (strokesOf(b) < strokesOf(a) ? b : a));
		const dearer = pairedDifference(best.finishes, leader.finishes);
		return dearer.mean < MAY_PAY + DOUBT * dearer.standardError ? [best] : [];
	});
}
