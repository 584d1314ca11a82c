import { mostLofted } from '../club/club';
import type { Club } from '../club/club';
import type { Metres } from '../units';
import type { SchoolId } from '../schools/school';
import type { Rejection } from './reject';
import type { Ladder } from './ladder';
import type { Rung } from './rung';
import type { SampledRung } from './rank';
import type { Question } from './question';
import type { Sensitivity } from './sensitivity';
import { longestMeasured } from './swing';
import { slopeAt } from './situation';
import { pairedDifference } from './statistics';
import type { Play } from '../player/intent';

/** A reason for or against, as data; `io/words` says it. */
export type Reason =
	| { code: 'fewestStrokes'; play: Play; strokes: number; upAndDown: number }
	| { code: 'tieLeastAir'; play: Play; tied: number }
	| { code: 'onlyOne'; play: Play }
	| { code: 'compromise'; play: Play }
	| { code: 'leastBad'; play: Play; rejection: Rejection }
	| { code: 'runnerUp'; play: Play; more: number }
	| { code: 'habitCostsMore'; club: Club; more: number; heavy: number; thin: number }
	| { code: 'habitIsOut'; club: Club; rejection: Rejection }
	| { code: 'habitIsRight'; club: Club }
	| { code: 'playedSafe'; target: Metres }
	| { code: 'safeCosts'; target: Metres; more: number; fourOrMoreLess: number }
	| { code: 'schoolCosts'; more: number }
	| { code: 'schoolLifted'; school: SchoolId }
	| { code: 'watch'; what: 'stimp' | 'slope' | 'distance' | 'lie'; change: Metres };

export type Caution =
	| 'nobody-in-front'
	| 'shared-green'
	| 'not-in-a-round'
	| 'plays-to-hazard'
	| 'downhill-runs-away'
	| 'outside-measured';

function whyBest(ranked: readonly SampledRung[], ladder: Ladder): Reason {
	const { rung, statistics } = ranked[0]!;
	const tied = ranked.filter((option) => option.tied && option.rung.play !== rung.play).length;
	if (rung.against && rung.against.code !== 'shortOfGreen')
		return { code: 'leastBad', play: rung.play, rejection: rung.against };
	if (ladder.compromised) return { code: 'compromise', play: rung.play };
	if (ranked.length === 1) return { code: 'onlyOne', play: rung.play };
	if (tied > 0) return { code: 'tieLeastAir', play: rung.play, tied };
	const { expectedStrokes, chances } = statistics;
	return {
		code: 'fewestStrokes',
		play: rung.play,
		strokes: expectedStrokes,
		upAndDown: chances.upAndDown
	};
}

/** The next option with another club. */
function runnerUp(ranked: readonly SampledRung[]): Reason | null {
	const best = ranked[0]!;
	const other = ranked.find((option) => option.rung.play.club.name !== best.rung.play.club.name);
	if (!other) return null;
	const more = pairedDifference(other.finishes, best.finishes).mean;
	return { code: 'runnerUp', play: other.rung.play, more: Math.max(0, more) };
}

/** Most players reach for the same lofted wedge every time: say what became of it here. */
function habit(
	{ request }: Question,
	ranked: readonly SampledRung[],
	ladder: Ladder
): Reason | null {
	const club = mostLofted(request.bag);
	if (!club) return null;
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

function safeShot({ pin }: Question, ranked: readonly SampledRung[]): Reason | null {
	const best = ranked[0]!;
	if (best.rung.safe) return { code: 'playedSafe', target: best.rung.target - pin };
	const safe = ranked.find((option) => option.rung.safe);
	if (!safe) return null;
	return {
		code: 'safeCosts',
		target: safe.rung.target - pin,
		more: pairedDifference(safe.finishes, best.finishes).mean,
		fourOrMoreLess: best.statistics.chances.fourOrMore - safe.statistics.chances.fourOrMore
	};
}

/** The one thing in the reading that would move the ball most if it were wrong. */
function watch(sensitivity: Sensitivity): Reason {
	const changes = [
		{ what: 'stimp' as const, change: larger(sensitivity.stimpPlus1, sensitivity.stimpMinus1) },
		{ what: 'slope' as const, change: larger(sensitivity.slopePlus1, sensitivity.slopeMinus1) },
		{ what: 'lie' as const, change: sensitivity.worseLie }
	];
	return {
		code: 'watch',
		...changes.reduce((a, b) => (Math.abs(b.change) > Math.abs(a.change) ? b : a))
	};
}

const larger = (a: number, b: number): number => (Math.abs(b) > Math.abs(a) ? b : a);

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

/** Why this option and not another, most telling first. */
export function reasonsFor(
	question: Question,
	ranked: readonly SampledRung[],
	ladder: Ladder,
	sensitivity: Sensitivity,
	school: { cost: number | null; lifted: SchoolId | null }
): Reason[] {
	if (ranked.length === 0) return [];
	const found = [
		whyBest(ranked, ladder),
		runnerUp(ranked),
		habit(question, ranked, ladder),
		safeShot(question, ranked),
		schoolReason(school),
		watch(sensitivity)
	];
	return found.filter((reason) => reason !== null);
}

/** Head speed at which a bladed ball is dangerous at a distance. */
const FAST = 14;
const RUNS_AWAY = -0.03;

/** What to mind before this shot is played. */
export function cautionsFor(question: Question, rung: Rung | undefined): Caution[] {
	const cautions: Caution[] = [];
	const { situation, request } = question;
	if (
		rung &&
		(rung.play.flight === 'open' || rung.play.flight === 'splash' || rung.solution.speed > FAST)
	)
		cautions.push('nobody-in-front');
	if (situation.hazards.some((hazard) => hazard.kind === 'water' || hazard.kind === 'sand'))
		cautions.push('plays-to-hazard');
	if (slopeAt(situation, question.pin) <= RUNS_AWAY) cautions.push('downhill-runs-away');
	if (rung && rung.solution.outcome.carry > longestMeasured(rung.play.club, request.player))
		cautions.push('outside-measured');
	cautions.push('shared-green', 'not-in-a-round');
	return cautions;
}
