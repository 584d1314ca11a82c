import { mostLofted } from '../../club/club';
import { LIES } from '../../lie/lies';
import type { Beyond, SchoolId } from '../../schools/school';
import type { Metres } from '../../units';
import type { Ladder } from '../ladder/ladder';
import type { Candidate } from '../ladder/candidate';
import type { SampledCandidate } from '../race/rank';
import type { Question } from '../question/question';
import { isRestricted } from '../question/wanted';
import { WORSE_LIE, type Sensitivity } from './sensitivity';
import { fastestMeasured } from '../ladder/swing';
import { acrossLine, segmentAt, slopeAt, type Situation } from '../question/situation';
import { expectedAround } from '../race/cost';
import { pairedDifference } from '../race/statistics';
import type { Reason } from './reason';
import { restsNowhere } from './restsNowhere';
import { whyCalled } from './whyCalled';

export type Caution =
	| 'nobody-in-front'
	| 'shared-green'
	| 'not-in-a-round'
	| 'short-finds-hazard'
	| 'long-finds-hazard'
	| 'wide-finds-hazard'
	| 'downhill-runs-away'
	| 'outside-measured';

/** What dropping a ball costs besides the stroke from there, and out of sand. */
const PENALTY = { drop: 1, outOfSand: 2 };
/** A drop lies within about so much of the ball, not nearer the hole. */
const DROPPED_BACK: Metres = 2;

/** Whether a ball called unplayable and dropped (Rule 19) may cost less than the best that can be done with it. */
function dropPays({ situation, pin, wanted, request }: Question, best: SampledCandidate): boolean {
	if (best.candidate.against === null || isRestricted(wanted)) return false;
	const { costs } = request.player;
	const from = (kind: 'rough' | 'sand') => expectedAround(pin + DROPPED_BACK, kind, costs);
	const dropped = LIES[situation.lie].sand
		? Math.min(PENALTY.drop + from('sand'), PENALTY.outOfSand + from('rough'))
		: PENALTY.drop + from('rough');
	return best.statistics.expectedStrokes > dropped;
}

/** The next option with another club; the habit's own is left to it. */
function runnerUp({ request }: Question, ranked: readonly SampledCandidate[]): Reason | null {
	const best = ranked[0]!;
	const other = ranked.find(
		(option) => option.candidate.play.club.name !== best.candidate.play.club.name
	);
	if (!other || other.candidate.play.club.name === mostLofted(request.bag)?.name) return null;
	const more = pairedDifference(other.finishes, best.finishes).mean;
	return { code: 'runnerUp', play: other.candidate.play, more: Math.max(0, more) };
}

/** Most players reach for the same lofted wedge every time: say what became of it here. */
function habit(
	{ request, wanted }: Question,
	ranked: readonly SampledCandidate[],
	ladder: Ladder
): Reason | null {
	const club = mostLofted(request.bag);
	// Whoever asks for a shot has not reached for it.
	if (!club || isRestricted(wanted)) return null;
	const best = ranked[0]!;
	if (best.candidate.play.club.name === club.name) {
		const isCheapest = ranked.every(
			({ statistics }) => statistics.expectedStrokes >= best.statistics.expectedStrokes
		);
		return isCheapest && best.candidate.against === null ? { code: 'habitIsRight', club } : null;
	}
	const played = ranked.find((option) => option.candidate.play.club.name === club.name);
	if (played) {
		const more = pairedDifference(played.finishes, best.finishes).mean;
		const { heavy, thin } = played.statistics.chances;
		return { code: 'habitCostsMore', club, more: Math.max(0, more), heavy, thin };
	}
	const out = ladder.rejected.find(({ play }) => play.club.name === club.name);
	return out ? { code: 'habitIsOut', club, rejection: out.rejection } : null;
}

/** A place nearer to the pin than this is not worth a sentence. */
const WORTH_SAYING: Metres = 0.75;

/** Share of balls that end past a station. */
const shareBeyond = (stations: Float64Array, at: Metres): number =>
	stations.filter((x) => x > at).length / stations.length;

/** The same play at another place, and whether that place is kinder in everything that can go wrong. */
function safeShot(
	{ pin, situation }: Question,
	ranked: readonly SampledCandidate[]
): Reason | null {
	const best = ranked[0]!;
	const other = ranked.find(
		({ candidate }) => candidate.play === best.candidate.play && candidate !== best.candidate
	);
	const saves = (): number | null =>
		other && !other.candidate.safe ? pairedDifference(other.finishes, best.finishes).mean : null;
	if (best.candidate.safe) {
		const { target, side } = best.candidate;
		const past = target - pin;
		const worthAWord = Math.max(Math.abs(past), Math.abs(side)) >= WORTH_SAYING;
		const onGreen = target > situation.toEdge;
		if (!worthAWord) return null;
		const runOn = past < 0 ? shareBeyond(best.finishes.x, target - past / 2) : 0;
		return { code: 'playedSafe', past, side, onGreen, runOn, saves: saves() };
	}
	if (!other || Math.abs(other.candidate.target - pin) < WORTH_SAYING) return null;
	const [at, there] = [best.statistics, other.statistics];
	return {
		code: 'safeCosts',
		target: other.candidate.target - pin,
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
function breaks(question: Question, { candidate }: SampledCandidate): Reason | null {
	const aim = Math.tan(candidate.solution.aim) * question.pin - candidate.side;
	const { slopeAcross } = segmentAt(question.situation, candidate.solution.outcome.landingX);
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

/** What became of the pupil's school. */
export interface SchoolSaid {
	/** What staying within it costs more, in strokes. */
	cost: number | null;
	/** It was lifted, because nothing it plays works or because it was not made for such a shot. */
	lifted: SchoolId | null;
	beyond?: Beyond | null;
}

/** What it costs to stay within the pupil's school, or that it has nothing to offer here. */
function schoolReason({ cost, lifted, beyond }: SchoolSaid): Reason | null {
	if (lifted && beyond) return { code: 'schoolElsewhere', school: lifted, beyond };
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
 * @param school what became of the pupil's
 */
export function reasonsFor(
	question: Question,
	ranked: readonly SampledCandidate[],
	ladder: Ladder,
	sensitivity: Sensitivity,
	school: SchoolSaid
): Reason[] {
	const best = ranked[0];
	if (!best) return [];
	const found = [
		whyCalled(question, ranked, ladder),
		restsNowhere(question),
		dropPays(question, best) ? ({ code: 'drop' } as const) : null,
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
function hazardCautions({ hazards }: Situation, candidate: Candidate | undefined): Caution[] {
	const punishing = hazards.filter(({ kind }) => PUNISHES.has(kind));
	const landing = candidate?.solution.outcome.landingX ?? 0;
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
 * @param candidate that is called; undefined where none is
 */
export function cautionsFor(question: Question, candidate: Candidate | undefined): Caution[] {
	const cautions: Caution[] = [];
	const { situation, request } = question;
	if (
		candidate &&
		(candidate.play.flight === 'open' ||
			candidate.play.flight === 'splash' ||
			candidate.solution.speed > FAST)
	)
		cautions.push('nobody-in-front');
	cautions.push(...hazardCautions(situation, candidate));
	if (slopeAt(situation, question.pin) <= RUNS_AWAY) cautions.push('downhill-runs-away');
	if (candidate && candidate.solution.speed > fastestMeasured(candidate.play.club, request.player))
		cautions.push('outside-measured');
	cautions.push('shared-green', 'not-in-a-round');
	return cautions;
}
