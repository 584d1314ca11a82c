import { grouped } from '../../../math/grouped';
import { lowestBetween } from '../../../math/lowestBetween';
import type { Metres } from '../../../units';
import { playable, roomOf, within } from '../../ladder/past';
import type { Question } from '../../question/question';
import { DOUBT, enter, hasPlayed, sampleTo, type Entry, type Played, type Sampler } from '../race';
import { mean, pairedDifference } from '../statistics';

/** So many plays are looked at again … */
const LOOKED_AT = 10;
/** … with so many balls at first, and all where that is no dearer than luck allows … */
const FIRST = 96;
/** … this far to either side of where they are cheapest. */
const ASIDE: Metres = 1;
/** A place less than this from another is the same. */
const APART: Metres = 0.4;

/** What of the race may be moved along the line. */
const isMovable = ({ candidate, riskAverse }: Entry): boolean =>
	candidate.against === null && candidate.side === 0 && !candidate.play.club.putter && !riskAverse;

/**
 * Looks once more for where the likeliest plays are best left, with more balls than before: a metre to either side of the cheapest place of
 * each, and at the lowest point of a parabola through all that is known then.
 *
 * @param question opened
 * @param entries in the race; those that have fewer balls are left out, putts and what is turned aside, too
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
	const at = (known: readonly Played[], target: Metres): Entry[] => {
		const isKnown = known.some(({ candidate }) => Math.abs(candidate.target - target) < APART);
		if (isKnown || !within(roomOf(question), target)) return [];
		const candidate = playable(question, cheapestOf(known).candidate, target, false);
		return candidate ? [enter(candidate)] : [];
	};
	const ready = entries.filter((entry) => isMovable(entry) && entry.finishes.x.length >= balls);
	const plays = [...grouped(ready, ({ candidate }) => candidate.play).values()]
		.sort((a, b) => cost(cheapestOf(a)) - cost(cheapestOf(b)))
		.slice(0, LOOKED_AT);
	const played = async (places: readonly Entry[][]): Promise<Played[][]> => {
		await sampleTo(places.flat(), balls, sampler);
		return places.map((own) => own.filter(hasPlayed));
	};
	const aside = plays.map((own) => {
		const { target } = cheapestOf(own).candidate;
		return [-ASIDE, ASIDE].flatMap((by) => at(own, target + by));
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
			const places = own.map((entry) => ({ at: entry.candidate.target, value: cost(entry) }));
			return at(own, lowestBetween(places));
		})
	);
	return plays.flatMap((own, i) => {
		const best = cheapestOf([...known[i]!, ...lowest[i]!]);
		return own.includes(best) ? [] : [best];
	});
}
