import type { Play } from '../../player/intent';
import type { Start } from '../../solve/solve';
import type { Metres, Ratio } from '../../units';
import { isRestricted, notWanted } from '../question/wanted';
import { possiblePlays, wantedPlays } from './possiblePlays';
import { nearestPlayable } from './past';
import type { Question } from '../question/question';
import { rejectSetup, type Rejection } from './reject';
import { drawn, otherWays, rejectCandidate, solveCandidate, type Candidate } from './candidate';
import type { WarmStart } from './warmStart';

/** A play that is out, and why. */
export interface RejectedPlay {
	play: Play;
	rejection: Rejection;
	/** Null when it was out before anything was computed. */
	candidate: Candidate | null;
}

/** The deterministic first answer: every play that works, least air first, and every one that does not, with its reason. */
export interface Ladder {
	candidates: Candidate[];
	rejected: RejectedPlay[];
	/** The same plays as in the candidates, ending at the same place by another head speed; looked for where there is time. */
	otherWays: Candidate[];
	/** Ways of any play that merely land short of the green; looked for where there is time. */
	landingShort: Candidate[];
	/** True when nothing works as it should and the least bad had to be let in. */
	compromised: boolean;
}

/** A play judged: the way it works and the others that do, or why none does; and the ways that merely land short. */
type Judged = (RejectedPlay | { candidate: Candidate; others: Candidate[] }) & {
	short: Candidate[];
};

function judge(question: Question, play: Play, start: Start, every: boolean): Judged {
	const setup = rejectSetup(question.intent(play), question.situation.lie);
	if (setup) return { play, rejection: setup, candidate: null, short: [] };
	const first = solveCandidate(question, play, question.target, start);
	const all = every ? [first, ...otherWays(question, first)] : [first];
	const ways = all.map((candidate) => ({
		candidate,
		against: rejectCandidate(question, candidate)
	}));
	const short = ways.flatMap(({ candidate, against }) =>
		every && against?.code === 'shortOfGreen' ? [{ ...drawn(question, candidate), against }] : []
	);
	const [works, ...others] = ways.filter(({ against }) => against === null);
	if (works)
		return { candidate: works.candidate, others: others.map(({ candidate }) => candidate), short };
	return { play, rejection: ways[0]!.against!, candidate: first, short };
}

/** At once, the aims beside the line are looked through until so many plays have found no way to stop there, either. */
const SCOUTS = 1;

/** Solves and judges plays; where an answer is wanted at once, what the first of them find spares the others the search. */
function judgeAll(
	question: Question,
	plays: readonly Play[],
	warmStart: WarmStart | null
): Judged[] {
	let lost = 0;
	return plays.map((play) => {
		const start = {
			from: warmStart?.guess(play) ?? null,
			around: warmStart === null || lost < SCOUTS
		};
		const judged = judge(question, play, start, warmStart === null);
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
	warmStart: WarmStart | null
): Candidate[] {
	if (!warmStart) return rejected.flatMap((out) => nearestPlayable(question, out) ?? []);
	const air = ({ candidate }: RejectedPlay): number => candidate?.airShare ?? 0;
	const found: Candidate[] = [];
	let looked = 0;
	for (const out of [...rejected].sort((a, b) => air(b) - air(a))) {
		const isNew = warmStart.past(out.play) === undefined;
		if (isNew && (looked++ >= LOOKED_AT || found.length >= ENOUGH)) continue;
		const candidate = nearestPlayable(question, out, warmStart);
		if (candidate) found.push(candidate);
	}
	return found;
}

/** So many of each kind of fault are let back in when nothing is right; what they cost decides between them. */
const READMITTED = 4;

type Solved = RejectedPlay & { candidate: Candidate };

const finishOff = ({ pin }: Question, { solution: { outcome } }: Candidate): Metres =>
	Math.hypot(outcome.finishX - pin, outcome.finishZ);

/** The best of those that share a fault: the longest of those that land short of the green, else those that end nearest the hole. */
function bestOf(question: Question, alike: readonly Solved[]): Solved[] {
	const short = alike[0]?.rejection.code === 'shortOfGreen';
	const worth = ({ candidate }: Solved): number =>
		short ? -candidate.solution.outcome.landingX : finishOff(question, candidate);
	return [...alike].sort((a, b) => worth(a) - worth(b)).slice(0, READMITTED);
}

/** Where fewer plays than this work, what merely lands short of the green is weighed beside them. */
const FEW = 3;

/**
 * Lets the least bad back in where little or nothing works: a poor shot beats none, and one that lands just short may beat the only one
 * that does not. Those that end in trouble come only where nothing works and nothing lands short.
 */
function readmit(question: Question, candidates: Candidate[], rejected: RejectedPlay[]): void {
	const solved = rejected.filter(
		(item): item is Solved => item.candidate !== null && !NOT_ASKED.has(item.rejection.code)
	);
	const short = solved.filter(({ rejection }) => rejection.code === 'shortOfGreen');
	const back = short.length > 0 || candidates.length > 0 ? short : solved;
	const codes = new Set(back.map(({ rejection }) => rejection.code));
	for (const code of codes)
		for (const item of bestOf(
			question,
			solved.filter(({ rejection }) => rejection.code === code)
		)) {
			candidates.push({ ...drawn(question, item.candidate), against: item.rejection });
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
function nearlyWanted(question: Question, rejected: RejectedPlay[]): Candidate[] {
	const straight = rejected.filter(
		(item): item is Solved => item.candidate !== null && item.play.shape === 'straight'
	);
	const found = straight.flatMap(({ play, rejection }) => {
		for (const share of ELSEWHERE) {
			const candidate = solveCandidate(question, play, share * question.pin);
			if (candidate.solution.status === 'solved' && !notWanted(question.wanted, candidate))
				return [{ ...drawn(question, candidate), against: rejection }];
		}
		return [];
	});
	if (found.length > 0)
		return found
			.sort((a, b) => Math.abs(a.target - question.pin) - Math.abs(b.target - question.pin))
			.slice(0, READMITTED);
	return straight
		.flatMap(({ candidate, rejection }) => ('by' in rejection ? [{ candidate, rejection }] : []))
		.filter(({ rejection }) => NOT_ASKED.has(rejection.code))
		.sort((a, b) => a.rejection.by - b.rejection.by)
		.slice(0, READMITTED)
		.map(({ candidate, rejection }) => ({ ...drawn(question, candidate), against: rejection }));
}

/** What the lie allows and may be what is asked for. */
function playsOf(question: Question): readonly Play[] {
	const all = possiblePlays(question.request.bag, question.situation);
	return wantedPlays(question, all);
}

/**
 * Solves and judges every play the bag and the lie allow.
 *
 * @param plays fewer of them, where a quick look is enough
 * @param warmStart for an answer that is wanted at once: of a question nearby, or an empty one
 * @param everything ladder of all plays, where these plays are what was asked for: what lands just short is weighed where it is there
 * @returns candidates by rising air share. Where all or nearly all are out, the least bad are let back in, with what speaks against them; a bag
 *   that holds a club always has an answer.
 */
export function buildLadder(
	question: Question,
	plays: readonly Play[] = playsOf(question),
	warmStart: WarmStart | null = null,
	everything: Ladder | null = null
): Ladder {
	const candidates: Candidate[] = [];
	const rejected: RejectedPlay[] = [];
	const others: Candidate[] = [];
	const landingShort: Candidate[] = [];
	for (const { short, ...judged } of judgeAll(question, plays, warmStart)) {
		landingShort.push(...short);
		if ('rejection' in judged) rejected.push(judged);
		else {
			candidates.push(judged.candidate);
			others.push(...judged.others);
		}
	}
	if (candidates.length === 0) candidates.push(...pastPin(question, rejected, warmStart));
	const compromised = candidates.length === 0;
	const few = everything
		? everything.candidates.some(({ against }) => against)
		: candidates.length < FEW;
	if (candidates.length === 0 || few) readmit(question, candidates, rejected);
	if (candidates.length === 0 && isRestricted(question.wanted)) {
		candidates.push(...nearlyWanted(question, rejected));
		const back = new Set(candidates.map(({ play }) => play));
		rejected.splice(0, rejected.length, ...rejected.filter(({ play }) => !back.has(play)));
	}
	candidates.sort((a, b) => a.airShare - b.airShare);
	const readmitted = new Set(candidates.filter(({ against }) => against).map(({ play }) => play));
	return {
		candidates,
		rejected,
		otherWays: others,
		landingShort: landingShort.filter(({ play }) => !readmitted.has(play)),
		compromised: compromised && candidates.length > 0
	};
}
