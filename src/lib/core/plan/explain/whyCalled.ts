import type { Ladder } from '../ladder/ladder';
import { LIES } from '../../lie/lies';
import type { Question } from '../question/question';
import { isRestricted } from '../question/wanted';
import { pairedDifference, troubleDifference, troubleOf } from '../race/statistics';
import { AIR_STEP, isWild, TAME, type SampledCandidate } from '../race/ties';
import type { OfWhat, Reason, Tie } from './reason';

/** So much less trouble is worth a word: two in a hundred (assumption). */
export const LESS_TROUBLE = 0.02;
/** Strokes under this round to nothing. */
export const NOTHING = 0.025;

const strokesOf = ({ statistics }: SampledCandidate): number => statistics.expectedStrokes;
const troubleOver = (best: SampledCandidate, other: SampledCandidate): number =>
	troubleOf(other.statistics) - troubleOf(best.statistics);

/** So many standard errors are no luck. */
const NO_LUCK = 3;
/** Whether it gets into less trouble than another by what is worth a word, and by more than luck. */
function isSafer(best: SampledCandidate, other: SampledCandidate): boolean {
	const { mean, standardError } = troubleDifference(other.finishes, best.finishes);
	return troubleOver(best, other) >= LESS_TROUBLE && mean >= NO_LUCK * standardError;
}

/** What a called option is told from: those that tie with it. */
interface Among {
	best: SampledCandidate;
	/** Ties that are other plays. */
	others: readonly SampledCandidate[];
	/** Those of them that fly less. */
	flatter: readonly SampledCandidate[];
	tie: Tie;
}

/** What tells it from everything that ties with it. */
function tellsFromAll({ best, others, flatter, tie }: Among, inSand: boolean): Reason | null {
	if (!inSand && flatter.length === 0) return { code: 'tieLeastAir', ...tie };
	if (others.length > 0 && others.every((other) => isSafer(best, other))) {
		const trouble = Math.min(...others.map((other) => troubleOver(best, other)));
		return { code: 'tieLeastTrouble', ...tie, trouble };
	}
	const squarer = others.every(
		({ candidate }) => candidate.play.faceOpen < best.candidate.play.faceOpen
	);
	return inSand && others.length > 0 && squarer ? { code: 'tieOpened', ...tie } : null;
}

/** What tells it from one that flies less. */
function tellsFromFlatter({ best, others, flatter, tie }: Among): Reason | null {
	const [other] = flatter;
	if (!other) return null;
	// What is said of a play holds wherever it is left.
	const leftAnywhere = ({ candidate: { play } }: SampledCandidate) =>
		others.filter(({ candidate }) => candidate.play === play);
	const more = Math.min(
		...leftAnywhere(other).map(({ finishes }) => pairedDifference(finishes, best.finishes).mean)
	);
	if (!flatter.some(({ close }) => close) && more >= NOTHING)
		return { code: 'tieCheaper', ...tie, flatter: other.candidate.play, more };
	const worse = flatter.find((one) => leftAnywhere(one).every((place) => isSafer(best, place)));
	if (!worse) return null;
	const trouble = Math.min(...leftAnywhere(worse).map((place) => troubleOver(best, place)));
	return { code: 'tieSafer', ...tie, flatter: worse.candidate.play, trouble };
}

/** Among ties, what speaks for the best; nothing is said of it that is not so of everything it is said against. */
function whyTied(
	question: Question,
	best: SampledCandidate,
	ties: readonly SampledCandidate[],
	isMeasured: (option: SampledCandidate) => boolean
): Reason {
	const { play, airShare } = best.candidate;
	// The same play left elsewhere is no other way to play it.
	const others = ties.filter(({ candidate }) => candidate.play !== play);
	const flatter = others.filter(({ candidate }) => candidate.airShare < airShare);
	const tie = { play, other: others[0]?.candidate.play ?? null, tied: others.length };
	const among = { best, others, flatter, tie };
	const inSand = LIES[question.situation.lie].sand;
	const told = tellsFromAll(among, inSand) ?? (inSand ? null : tellsFromFlatter(among));
	if (told) return told;
	if (isMeasured(best) && !others.some(isMeasured)) return { code: 'tieMeasured', ...tie };
	const least = Math.min(...ties.map(({ candidate }) => candidate.airShare));
	const aboutAsFlat = !inSand && airShare - least < AIR_STEP;
	const costsNoMore = ties.every((option) => strokesOf(best) - strokesOf(option) < NOTHING);
	return { code: aboutAsFlat && costsNoMore ? 'tieFlatter' : 'tieEven', ...tie };
}

/** Whether it is the only shot that works, and not only the only one that was looked at. */
const worksAlone = (ranked: readonly SampledCandidate[], { rejected }: Ladder): boolean =>
	ranked.length === 1 &&
	rejected.every(({ rejection: { code } }) => code !== 'shortOfGreen' && code !== 'notInSchool');

/**
 * Why the first of the ranked options is the call.
 *
 * @param question opened
 * @param ranked best first, at least one
 * @param ladder its own
 */
export function whyCalled(
	question: Question,
	ranked: readonly SampledCandidate[],
	ladder: Ladder
): Reason {
	const asked: OfWhat = isRestricted(question.wanted) ? { asked: true } : {};
	const [best, ...rest] = ranked as [SampledCandidate, ...SampledCandidate[]];
	const { candidate, statistics } = best;
	const { play, against } = candidate;
	if (against && against.code !== 'shortOfGreen')
		return { code: 'leastBad', play, rejection: against, ...asked };
	if (against && ranked.every((option) => option.candidate.against))
		return { code: 'compromise', play, ...asked };
	if (worksAlone(ranked, ladder)) return { code: 'onlyOne', play, ...asked };
	const wild = rest.find(
		(option) =>
			isWild(option.statistics) &&
			strokesOf(option) < strokesOf(best) - NOTHING &&
			option.candidate.play !== play
	);
	if (wild && !isWild(statistics))
		return { code: 'tooWild', play, wild: wild.candidate.play, within: TAME };
	const tied = rest.filter((option) => option.tied);
	const alone = tied.every(
		(option) => option.candidate.play === play && strokesOf(option) >= strokesOf(best)
	);
	const { swings } = question.request.player;
	const isMeasured = ({ candidate: { play } }: SampledCandidate) =>
		(swings[play.club.id]?.known.length ?? 0) > 0;
	if (!alone) return whyTied(question, best, tied, isMeasured);
	return { code: 'fewestStrokes', play, fourOrMore: statistics.chances.fourOrMore, ...asked };
}
