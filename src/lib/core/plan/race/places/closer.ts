import { grouped } from '../../../math/grouped';
import { lowestBetween } from '../../../math/lowestBetween';
import type { Metres, Ratio } from '../../../units';
import type { Candidate } from '../../ladder/candidate';
import { playable, roomOf, within } from '../../ladder/past';
import type { Question } from '../../question/question';
import { DOUBT, enter, hasPlayed, sampleTo, type Entry, type Played, type Sampler } from '../race';
import { mean, pairedDifference } from '../statistics';
import { ALIKE, puttBy } from './puttSpeeds';

/** So many plays are looked at again … */
const LOOKED_AT = 10;
/** … with so many balls at first, and all where that is no dearer than luck allows. */
const FIRST = 96;

/** What a play is moved by: the place at which it is meant to end, or a putt from off the green by its head speed. */
interface Moved {
	/** Where a candidate stands on it. */
	of: (candidate: Candidate) => number;
	/** What lies to either side. */
	beside: (at: number) => number[];
	isSame: (a: number, b: number) => boolean;
	/** The play there, or null where it does not work. */
	play: (question: Question, candidate: Candidate, at: number) => Candidate | null;
}

/** This far to either side of where a play is cheapest; a place less than so much from another is the same. */
const ASIDE: Metres = 1;
const APART: Metres = 0.4;
const PLACE: Moved = {
	of: ({ target }) => target,
	beside: (at) => [at - ASIDE, at + ASIDE],
	isSame: (a, b) => Math.abs(a - b) < APART,
	play: (question, candidate, at) =>
		within(roomOf(question), at) ? playable(question, candidate, at, false) : null
};

/** So much softer and harder than the cheapest putt, as a share of its head speed. */
const SHARE_ASIDE: Ratio = 0.04;
const HEAD_SPEED: Moved = {
	of: ({ solution }) => solution.speed,
	beside: (at) => [(1 - SHARE_ASIDE) * at, (1 + SHARE_ASIDE) * at],
	isSame: (a, b) => Math.abs(a / b - 1) < ALIKE,
	play: puttBy
};

const movedBy = ({ candidate }: Entry): Moved => (candidate.play.club.putter ? HEAD_SPEED : PLACE);

/** What of the race may be moved. */
const isMovable = ({ candidate, riskAverse }: Entry, { situation }: Question): boolean =>
	candidate.against === null &&
	candidate.side === 0 &&
	!riskAverse &&
	(!candidate.play.club.putter || situation.toEdge > 0);

/**
 * Looks once more for where the likeliest plays are best left, with more balls than before: a metre to either side of the cheapest place of
 * each, of putts from off the green a little softer and harder, and at the lowest point of a parabola through all that is known then.
 *
 * @param question opened
 * @param entries in the race; those that have fewer balls are left out, putts on the green and what is turned aside, too
 * @param balls each place is sampled with
 * @returns a cheaper place, played, for each play that has one
 */
export async function lookCloser(
	question: Question,
	entries: readonly Played[],
	sampler: Sampler,
	balls: number
): Promise<Played[]> {
	const cost = ({ finishes }: Played) => mean(finishes.strokes.subarray(0, balls));
	const cheapestOf = (some: readonly Played[]) =>
		some.reduce((a, b) => (cost(b) < cost(a) ? b : a));
	const at = (known: readonly Played[], place: number): Entry[] => {
		const { of, isSame, play } = movedBy(known[0]!);
		if (known.some(({ candidate }) => isSame(of(candidate), place))) return [];
		const candidate = play(question, cheapestOf(known).candidate, place);
		return candidate ? [enter(candidate)] : [];
	};
	const ready = entries.filter(
		(entry) => isMovable(entry, question) && entry.finishes.x.length >= balls
	);
	const plays = [...grouped(ready, ({ candidate }) => candidate.play).values()]
		.sort((a, b) => cost(cheapestOf(a)) - cost(cheapestOf(b)))
		.slice(0, LOOKED_AT);
	const played = async (places: readonly Entry[][]): Promise<Played[][]> => {
		await sampleTo(places.flat(), balls, sampler);
		return places.map((own) => own.filter(hasPlayed));
	};
	const aside = plays.map((own) => {
		const { of, beside } = movedBy(own[0]!);
		return beside(of(cheapestOf(own).candidate)).flatMap((place) => at(own, place));
	});
	await sampleTo(aside.flat(), Math.min(FIRST, balls), sampler);
	const beside = await played(
		aside.map((places, i) => {
			const { finishes } = cheapestOf(plays[i]!);
			return places.filter(hasPlayed).filter((entry) => {
				const dearer = pairedDifference(entry.finishes, finishes);
				return dearer.mean <= DOUBT * dearer.standardError;
			});
		})
	);
	const known = plays.map((own, i) => [...own, ...beside[i]!]);
	const lowest = await played(
		known.map((own) => {
			const { of } = movedBy(own[0]!);
			const places = own.map((entry) => ({ at: of(entry.candidate), value: cost(entry) }));
			return at(own, lowestBetween(places));
		})
	);
	return plays.flatMap((own, i) => {
		const best = cheapestOf([...known[i]!, ...lowest[i]!]);
		return own.includes(best) ? [] : [best];
	});
}
