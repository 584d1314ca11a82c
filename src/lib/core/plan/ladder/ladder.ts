import type { Play } from '../../player/intent';
import type { Start } from '../../solve/solve';
import type { Metres, Ratio } from '../../units';
import { isRestricted, notWanted } from '../question/wanted';
import { candidates, wantedCandidates } from './candidates';
import { nearestPlayable } from './past';
import type { Question } from '../question/question';
import { rejectSetup, type Rejection } from './reject';
import { drawn, otherWays, rejectRung, solveRung, type Rung } from './rung';
import type { Trail } from './trail';

/** A play that is out, and why. */
export interface RejectedPlay {
	play: Play;
	rejection: Rejection;
	/** Null when it was out before anything was computed. */
	rung: Rung | null;
}

/** The deterministic first answer: every play that works, least air first, and every one that does not, with its reason. */
export interface Ladder {
	rungs: Rung[];
	rejected: RejectedPlay[];
	/** The same plays as in the rungs, ending at the same place by another head speed; looked for where there is time. */
	otherWays: Rung[];
	/** Ways of any play that merely land short of the green; looked for where there is time. */
	landingShort: Rung[];
	/** True when nothing works as it should and the least bad had to be let in. */
	compromised: boolean;
}

/** A play judged: the way it works and the others that do, or why none does; and the ways that merely land short. */
type Judged = (RejectedPlay | { rung: Rung; others: Rung[] }) & { short: Rung[] };

function judge(question: Question, play: Play, start: Start, every: boolean): Judged {
	const setup = rejectSetup(question.intent(play), question.situation.lie);
	if (setup) return { play, rejection: setup, rung: null, short: [] };
	const first = solveRung(question, play, question.target, start);
	const all = every ? [first, ...otherWays(question, first)] : [first];
	const ways = all.map((rung) => ({ rung, against: rejectRung(question, rung) }));
	const short = ways.flatMap(({ rung, against }) =>
		every && against?.code === 'shortOfGreen' ? [{ ...drawn(question, rung), against }] : []
	);
	const [works, ...others] = ways.filter(({ against }) => against === null);
	if (works) return { rung: works.rung, others: others.map(({ rung }) => rung), short };
	return { play, rejection: ways[0]!.against!, rung: first, short };
}

/** At once, the aims beside the line are looked through until so many plays have found no way to stop there, either. */
const SCOUTS = 1;

/** Solves and judges plays; where an answer is wanted at once, what the first of them find spares the others the search. */
function judgeAll(question: Question, plays: readonly Play[], trail: Trail | null): Judged[] {
	let lost = 0;
	return plays.map((play) => {
		const start = {
			from: trail?.guess(play) ?? null,
			around: trail === null || lost < SCOUTS
		};
		const judged = judge(question, play, start, trail === null);
		if ('rejection' in judged && judged.rejection.code === 'noStop') lost++;
		return judged;
	});
}

/** At once, so many plays are looked at for a place past the pin at most, and no more once so many have one. */
const LOOKED_AT = 10;
const ENOUGH = 4;

/** The plays that work for a place past the pin; at once, some of those that fly farthest and what was found nearby. */
function pastPin(
	question: Question,
	rejected: readonly RejectedPlay[],
	trail: Trail | null
): Rung[] {
	if (!trail) return rejected.flatMap((out) => nearestPlayable(question, out) ?? []);
	const air = ({ rung }: RejectedPlay): number => rung?.airShare ?? 0;
	const found: Rung[] = [];
	let looked = 0;
	for (const out of [...rejected].sort((a, b) => air(b) - air(a))) {
		const isNew = trail.past(out.play) === undefined;
		if (isNew && (looked++ >= LOOKED_AT || found.length >= ENOUGH)) continue;
		const rung = nearestPlayable(question, out, trail);
		if (rung) found.push(rung);
	}
	return found;
}

/** So many of each kind of fault are let back in when nothing is right; what they cost decides between them. */
const READMITTED = 4;

type Solved = RejectedPlay & { rung: Rung };

const finishOff = ({ pin }: Question, { solution: { outcome } }: Rung): Metres =>
	Math.hypot(outcome.finishX - pin, outcome.finishZ);

/** The best of those that share a fault: the longest of those that land short of the green, else those that end nearest the hole. */
function bestOf(question: Question, alike: readonly Solved[]): Solved[] {
	const short = alike[0]?.rejection.code === 'shortOfGreen';
	const worth = ({ rung }: Solved): number =>
		short ? -rung.solution.outcome.landingX : finishOff(question, rung);
	return [...alike].sort((a, b) => worth(a) - worth(b)).slice(0, READMITTED);
}

/** Where fewer plays than this work, what merely lands short of the green is weighed beside them. */
const FEW = 3;

/**
 * Lets the least bad back in where little or nothing works: a poor shot beats none, and one that lands just short may beat the only one
 * that does not. Those that end in trouble come only where nothing works and nothing lands short.
 */
function readmit(question: Question, rungs: Rung[], rejected: RejectedPlay[]): void {
	const solved = rejected.filter(
		(item): item is Solved => item.rung !== null && !NOT_ASKED.has(item.rejection.code)
	);
	const short = solved.filter(({ rejection }) => rejection.code === 'shortOfGreen');
	const back = short.length > 0 || rungs.length > 0 ? short : solved;
	const codes = new Set(back.map(({ rejection }) => rejection.code));
	for (const code of codes)
		for (const item of bestOf(
			question,
			solved.filter(({ rejection }) => rejection.code === code)
		)) {
			rungs.push({ ...drawn(question, item.rung), against: item.rejection });
			rejected.splice(rejected.indexOf(item), 1);
		}
}

/** A shot that is not what was asked for is no lesser evil. */
const NOT_ASKED: ReadonlySet<Rejection['code']> = new Set([
	'otherKind',
	'fliesTooHigh',
	'fliesTooLow'
]);
/** Shares of the way to the pin at which a shot may be what it is not at the pin, the nearest first. */
const ELSEWHERE: readonly Ratio[] = [0.9, 1.1, 0.8, 1.2, 0.7, 0.6, 1.4, 0.5, 0.4, 0.3];

/**
 * Where nothing is what is asked for, neither at the pin nor past it: the place of the line nearest the pin at which a play is; where there
 * is none, either, what flies least too high or too low.
 */
function nearlyWanted(question: Question, rejected: RejectedPlay[]): Rung[] {
	const straight = rejected.filter(
		(item): item is Solved => item.rung !== null && item.play.shape === 'straight'
	);
	const found = straight.flatMap(({ play, rejection }) => {
		for (const share of ELSEWHERE) {
			const rung = solveRung(question, play, share * question.pin);
			if (rung.solution.status === 'solved' && !notWanted(question.wanted, rung))
				return [{ ...drawn(question, rung), against: rejection }];
		}
		return [];
	});
	if (found.length > 0)
		return found
			.sort((a, b) => Math.abs(a.target - question.pin) - Math.abs(b.target - question.pin))
			.slice(0, READMITTED);
	return straight
		.flatMap(({ rung, rejection }) => ('by' in rejection ? [{ rung, rejection }] : []))
		.filter(({ rejection }) => NOT_ASKED.has(rejection.code))
		.sort((a, b) => a.rejection.by - b.rejection.by)
		.slice(0, READMITTED)
		.map(({ rung, rejection }) => ({ ...drawn(question, rung), against: rejection }));
}

/** What the lie allows and may be what is asked for. */
function playsOf(question: Question): readonly Play[] {
	const all = candidates(question.request.bag, question.situation);
	return wantedCandidates(question, all);
}

/**
 * Solves and judges every play the bag and the lie allow.
 *
 * @param plays fewer of them, where a quick look is enough
 * @param trail for an answer that is wanted at once: of a question nearby, or an empty one
 * @param everything ladder of all plays, where these plays are what was asked for: what lands just short is weighed where it is there
 * @returns rungs by rising air share. Where all or nearly all are out, the least bad are let back in, with what speaks against them; a bag
 *   that holds a club always has an answer.
 */
export function buildLadder(
	question: Question,
	plays: readonly Play[] = playsOf(question),
	trail: Trail | null = null,
	everything: Ladder | null = null
): Ladder {
	const rungs: Rung[] = [];
	const rejected: RejectedPlay[] = [];
	const others: Rung[] = [];
	const landingShort: Rung[] = [];
	for (const { short, ...judged } of judgeAll(question, plays, trail)) {
		landingShort.push(...short);
		if ('rejection' in judged) rejected.push(judged);
		else {
			rungs.push(judged.rung);
			others.push(...judged.others);
		}
	}
	if (rungs.length === 0) rungs.push(...pastPin(question, rejected, trail));
	const compromised = rungs.length === 0;
	const few = everything ? everything.rungs.some(({ against }) => against) : rungs.length < FEW;
	if (rungs.length === 0 || few) readmit(question, rungs, rejected);
	if (rungs.length === 0 && isRestricted(question.wanted)) {
		rungs.push(...nearlyWanted(question, rejected));
		const back = new Set(rungs.map(({ play }) => play));
		rejected.splice(0, rejected.length, ...rejected.filter(({ play }) => !back.has(play)));
	}
	rungs.sort((a, b) => a.airShare - b.airShare);
	const readmitted = new Set(rungs.filter(({ against }) => against).map(({ play }) => play));
	return {
		rungs,
		rejected,
		otherWays: others,
		landingShort: landingShort.filter(({ play }) => !readmitted.has(play)),
		compromised: compromised && rungs.length > 0
	};
}
