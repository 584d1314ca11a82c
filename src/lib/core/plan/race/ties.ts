import type { Metres, Ratio } from '../../units';
import type { Candidate } from '../ladder/candidate';
import type { Finishes } from './sample';
import { troubleOf, type ShotStatistics } from './statistics';

/** A candidate with what its balls did. */
export interface SampledCandidate {
	candidate: Candidate;
	finishes: Finishes;
	statistics: ShotStatistics;
	/** No worse than the cheapest by more than chance allows. */
	tied: boolean;
	/**
	 * So near to the cheapest that it may be called for what else speaks for it. Narrower than `tied` by what another luck of the balls may
	 * move a gap: what one seed calls, every other seed has among its ties.
	 */
	close: boolean;
}

/** Trouble (hazard and four-or-more added) counts in steps of this, air in steps of that. */
const TROUBLE_STEP: Ratio = 0.03;
export const AIR_STEP: Ratio = 0.06;

/** Of what is tame nine in ten balls end within this (assumption). */
export const TAME: Metres = 40;
export const isWild = ({ leave }: Pick<ShotStatistics, 'leave'>): boolean => leave.p90 > TAME;

/** So much more hazard, or four-or-more, than another that gets into less trouble altogether is never called before it. */
const MUCH_MORE: Ratio = 0.06;

/** What of a sampled candidate decides among ties. */
type Tied = Pick<SampledCandidate, 'candidate' | 'statistics' | 'close'>;

/** Negative where the first key that differs is the lower one in `a`. */
function byKeys(a: readonly number[], b: readonly number[]): number {
	const k = a.findIndex((value, i) => value !== b[i]);
	return k < 0 ? 0 : a[k]! - b[k]!;
}

/** Whether one goes wrong clearly more often than another in one way, and no less often altogether. */
function clearlyWorse({ statistics: a }: Tied, { statistics: b }: Tied): boolean {
	const more = Math.max(
		a.chances.hazard - b.chances.hazard,
		a.chances.fourOrMore - b.chances.fourOrMore
	);
	return more > MUCH_MORE && troubleOf(a) > troubleOf(b);
}

/**
 * Whether something dearer buys clearly less trouble than what costs less: another bargain, no tie.
 *
 * @param option dearer than all of `cheaper`
 * @param cheaper ties
 */
export const isBargain = (option: Tied, cheaper: readonly Tied[]): boolean =>
	cheaper.some((other) => clearlyWorse(other, option));

/**
 * Puts ties in order: first what is not wild, then what does not go wrong clearly more often than another, then what is close to the cheapest, then least trouble,
 * least air (from sand the more open face instead), and what the player has measured. Every step is a whole number, so that the order is one
 * order whoever compares.
 *
 * @param tied that cost the same as far as can be told
 * @param measured whether the player has measured a swing with the club of a candidate
 * @param inSand an open face goes before a flat flight (common practice, no source)
 * @returns a new list, best first; those alike in everything as they came
 */
export function orderTies<T extends Tied>(
	tied: readonly T[],
	measured: (candidate: Candidate) => boolean,
	inSand = false
): T[] {
	const least = Math.min(...tied.map(({ statistics }) => troubleOf(statistics)));
	return tied
		.map((option) => ({
			option,
			key: [
				isWild(option.statistics) ? 1 : 0,
				tied.some((other) => clearlyWorse(option, other)) ? 1 : 0,
				option.close ? 0 : 1,
				Math.floor((troubleOf(option.statistics) - least) / TROUBLE_STEP),
				inSand ? -option.candidate.play.faceOpen : Math.floor(option.candidate.airShare / AIR_STEP),
				measured(option.candidate) ? 0 : 1,
				inSand ? option.statistics.expectedStrokes : option.candidate.airShare
			]
		}))
		.sort((a, b) => byKeys(a.key, b.key))
		.map(({ option }) => option);
}
