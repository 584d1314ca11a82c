import { mostLofted } from '../../club/club';
import type { Club } from '../../club/club';
import type { LieId } from '../../lie/lies';
import type { Metres, Ratio } from '../../units';
import type { SchoolId } from '../../schools/school';
import type { Rejection } from '../ladder/reject';
import type { Ladder } from '../ladder/ladder';
import type { Rung } from '../ladder/rung';
import type { SampledRung } from '../race/rank';
import type { Question } from '../question/question';
import { isRestricted } from '../question/wanted';
import { WORSE_LIE, type Sensitivity } from './sensitivity';
import { fastestMeasured } from '../ladder/swing';
import { acrossLine, segmentAt, slopeAt, type Situation } from '../question/situation';
import { pairedDifference, troubleOf } from '../race/statistics';
import type { Play } from '../../player/intent';

/** A play called among ties: the first of the other plays, null where only its own other places tie, and how many plays there are. */
interface Tie {
	play: Play;
	other: Play | null;
	tied: number;
}

/** Whether only what was asked for was looked at: what is said of all shots is then said of these. */
interface OfWhat {
	asked?: true;
}

/** A reason for or against, as data; `io/words` says it. */
export type Reason =
	| ({ code: 'fewestStrokes'; play: Play; fourOrMore: number } & OfWhat)
	| ({ code: 'tieLeastAir' } & Tie)
	| ({ code: 'tieLeastTrouble'; trouble: number } & Tie)
	| ({ code: 'tieCheaper'; flatter: Play; more: number } & Tie)
	| ({ code: 'tieFlatter'; measured: boolean } & Tie)
	| ({ code: 'onlyOne'; play: Play } & OfWhat)
	| ({ code: 'compromise'; play: Play } & OfWhat)
	| ({ code: 'leastBad'; play: Play; rejection: Rejection } & OfWhat)
	| { code: 'drop' }
	| { code: 'runnerUp'; play: Play; more: number }
	| { code: 'habitCostsMore'; club: Club; more: number; heavy: number; thin: number }
	| { code: 'habitIsOut'; club: Club; rejection: Rejection }
	| { code: 'habitIsRight'; club: Club }
	| { code: 'playedSafe'; past: Metres; side: Metres; saves: number | null }
	| { code: 'safeCosts'; target: Metres; more: number; fourOrMoreLess: number; kinder: boolean }
	| { code: 'breaks'; aim: Metres; slopeAcross: Ratio }
	| { code: 'schoolCosts'; more: number }
	| { code: 'schoolLifted'; school: SchoolId }
	| { code: 'watch'; what: Watched; by: 1 | -1; lie: LieId; change: Metres };

/** What a what-if can be about. */
export type Watched = 'stimp' | 'slope' | 'lie';

export type Caution =
	| 'nobody-in-front'
	| 'shared-green'
	| 'not-in-a-round'
	| 'short-finds-hazard'
	| 'long-finds-hazard'
	| 'wide-finds-hazard'
	| 'downhill-runs-away'
	| 'outside-measured';

/** Among ties, what speaks for the best: least air of all, less trouble, fewer strokes than what flies less, or about as little air. */
function whyTied(best: SampledRung, others: readonly SampledRung[], measured: boolean): Reason {
	const { play, airShare } = best.rung;
	// The same play left elsewhere is no other way to play it.
	const plays = others.map(({ rung }) => rung.play).filter((other) => other !== play);
	const tie = { play, other: plays[0] ?? null, tied: plays.length };
	const flatter = others.filter(({ rung }) => rung.airShare < airShare);
	if (flatter.length === 0) return { code: 'tieLeastAir', ...tie };
	const trouble =
		Math.min(...flatter.map(({ statistics }) => troubleOf(statistics))) -
		troubleOf(best.statistics);
	if (trouble > 0) return { code: 'tieLeastTrouble', ...tie, trouble };
	const other = flatter.find(({ rung }) => rung.play !== play);
	if (other && !flatter.some(({ close }) => close)) {
		const more = pairedDifference(other.finishes, best.finishes).mean;
		if (more > 0) return { code: 'tieCheaper', ...tie, flatter: other.rung.play, more };
	}
	return { code: 'tieFlatter', ...tie, measured };
}

function whyBest(
	{ wanted }: Question,
	ranked: readonly SampledRung[],
	ladder: Ladder,
	measured: boolean
): Reason {
	const asked: OfWhat = isRestricted(wanted) ? { asked: true } : {};
	const best = ranked[0]!;
	const { rung, statistics } = best;
	if (rung.against && rung.against.code !== 'shortOfGreen')
		return { code: 'leastBad', play: rung.play, rejection: rung.against, ...asked };
	if (ladder.compromised) return { code: 'compromise', play: rung.play, ...asked };
	if (ranked.length === 1) return { code: 'onlyOne', play: rung.play, ...asked };
	const tied = ranked.slice(1).filter((option) => option.tied);
	const { expectedStrokes, chances } = statistics;
	const alone =
		tied.every((option) => option.rung.play === rung.play) &&
		tied.every((option) => option.statistics.expectedStrokes >= expectedStrokes);
	if (!alone) return whyTied(best, tied, measured);
	return { code: 'fewestStrokes', play: rung.play, fourOrMore: chances.fourOrMore, ...asked };
}

/** The next option with another club; the habit's own is left to it. */
function runnerUp({ request }: Question, ranked: readonly SampledRung[]): Reason | null {
	const best = ranked[0]!;
	const other = ranked.find((option) => option.rung.play.club.name !== best.rung.play.club.name);
	if (!other || other.rung.play.club.name === mostLofted(request.bag)?.name) return null;
	const more = pairedDifference(other.finishes, best.finishes).mean;
	return { code: 'runnerUp', play: other.rung.play, more: Math.max(0, more) };
}

/** Most players reach for the same lofted wedge every time: say what became of it here. */
function habit(
	{ request, wanted }: Question,
	ranked: readonly SampledRung[],
	ladder: Ladder
): Reason | null {
	const club = mostLofted(request.bag);
	// Whoever asks for a shot has not reached for it.
	if (!club || isRestricted(wanted)) return null;
	const best = ranked[0]!;
	if (best.rung.play.club.name === club.name) return { code: 'habitIsRight', club };
	const played = ranked.find((option) => option.rung.play.club.name === club.name);
	if (played) {
		const more = pairedDifference(played.finishes, best.finishes).mean;
		const { heavy, thin } = played.statistics.chances;
		return { code: 'habitCostsMore', club, more: Math.max(0, more), heavy, thin };
	}
	const out = ladder.rejected.find(({ play }) => play.club.name === club.name);
	return out ? { code: 'habitIsOut', club, rejection: out.rejection } : null;
}

/** The same play at another place, and whether that place is kinder in everything that can go wrong. */
function safeShot({ pin }: Question, ranked: readonly SampledRung[]): Reason | null {
	const best = ranked[0]!;
	const other = ranked.find(({ rung }) => rung.play === best.rung.play && rung !== best.rung);
	const saves = (): number | null =>
		other && !other.rung.safe ? pairedDifference(other.finishes, best.finishes).mean : null;
	if (best.rung.safe)
		return {
			code: 'playedSafe',
			past: best.rung.target - pin,
			side: best.rung.side,
			saves: saves()
		};
	if (!other) return null;
	const [at, there] = [best.statistics, other.statistics];
	return {
		code: 'safeCosts',
		target: other.rung.target - pin,
		more: pairedDifference(other.finishes, best.finishes).mean,
		fourOrMoreLess: at.chances.fourOrMore - there.chances.fourOrMore,
		kinder:
			there.chances.fourOrMore <= at.chances.fourOrMore &&
			there.leave.p90 <= at.leave.p90 &&
			there.chances.hazard <= at.chances.hazard
	};
}

/** A ball aimed less than this off the pin needs no word about the break. */
const AIMED_OFF: Metres = 0.15;

/** Why the aim is not at the pin: the green falls across the line. */
function breaks(question: Question, { rung }: SampledRung): Reason | null {
	const aim = Math.tan(rung.solution.aim) * question.pin - rung.side;
	const { slopeAcross } = segmentAt(question.situation, rung.solution.outcome.landingX);
	// Only where the fall explains it: the ball is aimed to the high side.
	if (Math.abs(aim) < AIMED_OFF || aim * slopeAcross >= 0) return null;
	return { code: 'breaks', aim, slopeAcross };
}

/** The one thing in the reading that would move the ball most if it were wrong, and in which direction of the reading. */
function watch({ situation }: Question, sensitivity: Sensitivity): Reason {
	const changes = [
		{ what: 'stimp', by: 1, change: sensitivity.stimpPlus1 },
		{ what: 'stimp', by: -1, change: sensitivity.stimpMinus1 },
		{ what: 'slope', by: 1, change: sensitivity.slopePlus1 },
		{ what: 'slope', by: -1, change: sensitivity.slopeMinus1 },
		{ what: 'lie', by: 1, change: sensitivity.worseLie }
	] as const;
	const most = changes.reduce((a, b) => (Math.abs(b.change) > Math.abs(a.change) ? b : a));
	return { code: 'watch', ...most, lie: WORSE_LIE[situation.lie] };
}

/** What it costs to stay within the pupil's school, or that it has nothing to offer here. */
function schoolReason({
	cost,
	lifted
}: {
	cost: number | null;
	lifted: SchoolId | null;
}): Reason | null {
	if (lifted) return { code: 'schoolLifted', school: lifted };
	return cost === null ? null : { code: 'schoolCosts', more: cost };
}

/**
 * Why this option and not another, most telling first.
 *
 * @param question opened
 * @param ranked best first
 * @param ladder its own
 * @param sensitivity of the first
 * @param school what its own way costs more, in strokes, and which was lifted
 */
export function reasonsFor(
	question: Question,
	ranked: readonly SampledRung[],
	ladder: Ladder,
	sensitivity: Sensitivity,
	school: { cost: number | null; lifted: SchoolId | null }
): Reason[] {
	const best = ranked[0];
	if (!best) return [];
	const measured = (question.request.player.swings[best.rung.play.club.id]?.known.length ?? 0) > 0;
	const found = [
		whyBest(question, ranked, ladder, measured),
		best.rung.against && !isRestricted(question.wanted) ? ({ code: 'drop' } as const) : null,
		runnerUp(question, ranked),
		habit(question, ranked, ladder),
		safeShot(question, ranked),
		breaks(question, best),
		schoolReason(school),
		watch(question, sensitivity)
	];
	return found.filter((reason) => reason !== null);
}

/** Head speed at which a bladed ball is dangerous at a distance. */
const FAST = 14;
const RUNS_AWAY = -0.03;

const PUNISHES = new Set(['water', 'sand']);

/** Where sand and water lie to this shot: short of where it lands, past where it ends, or to the side. */
function hazardCautions({ hazards }: Situation, rung: Rung | undefined): Caution[] {
	const punishing = hazards.filter(({ kind }) => PUNISHES.has(kind));
	const landing = rung?.solution.outcome.landingX ?? 0;
	const across = acrossLine(punishing);
	return [
		...(across.some(({ from }) => from < landing) ? (['short-finds-hazard'] as const) : []),
		...(across.some(({ from }) => from >= landing) ? (['long-finds-hazard'] as const) : []),
		...(punishing.some(({ beside }) => beside) ? (['wide-finds-hazard'] as const) : [])
	];
}

/**
 * What to mind before this shot is played.
 *
 * @param question opened
 * @param rung that is called; undefined where none is
 */
export function cautionsFor(question: Question, rung: Rung | undefined): Caution[] {
	const cautions: Caution[] = [];
	const { situation, request } = question;
	if (
		rung &&
		(rung.play.flight === 'open' || rung.play.flight === 'splash' || rung.solution.speed > FAST)
	)
		cautions.push('nobody-in-front');
	cautions.push(...hazardCautions(situation, rung));
	if (slopeAt(situation, question.pin) <= RUNS_AWAY) cautions.push('downhill-runs-away');
	if (rung && rung.solution.speed > fastestMeasured(rung.play.club, request.player))
		cautions.push('outside-measured');
	cautions.push('shared-green', 'not-in-a-round');
	return cautions;
}
