import { Outcome } from '../../../ball/simulate';
import { playIntended } from '../../../solve/solve';
import type { Metres, Ratio } from '../../../units';
import type { Ladder, RejectedPlay } from '../../ladder/ladder';
import { nearestPlayable, roomOf, within } from '../../ladder/past';
import { nearestShort } from '../../ladder/short';
import { rejectCandidate, struck, type Candidate } from '../../ladder/candidate';
import type { Question } from '../../question/question';
import { earlyPutts } from './puttSpeeds';
import { notWanted } from '../../question/wanted';
import { enter, hasPlayed, sampleTo, strokesOf, type Entry, type Sampler } from '../race';

/** Out, but solved. */
type Solved = RejectedPlay & { candidate: Candidate };

/** Balls of a glance at what is out by the book, and how many of these go on into the race. */
const GLANCE = 64;
const LET_IN = 16;

/** Where nothing works every play is tried softer and harder: nobody knows beforehand which fault is the smallest. */
const HARDER: readonly Ratio[] = [0.5, 0.6, 0.7, 0.8, 0.87, 0.94, 1, 1.07, 1.15];

/** Nobody is told to stay where they are: as far as the green, or this share of the way to the pin, a ball must be meant to get. */
const SOME_WAY: Ratio = 0.3;

/** Any length of every play, with what speaks against it. */
function lesserEvils(question: Question, tried: readonly Candidate[]): Candidate[] {
	const least = Math.min(question.situation.toEdge, SOME_WAY * question.pin);
	return tried
		.filter(({ play }) => play.shape === 'straight')
		.flatMap((candidate) => {
			const most = question.fastest(candidate.play) / candidate.solution.speed;
			return HARDER.filter((harder) => harder <= most + 1e-9)
				.map((harder) => struck(question, candidate, harder))
				.filter(({ target }) => target > least)
				.map((other) => ({ ...other, against: rejectCandidate(question, other) }));
		})
		.filter((candidate) => notWanted(question.wanted, candidate) === null);
}

/** Where no ball stops at the pin, plays are tried from this share of the speed that would take it there to that one, in such steps. */
const SOFTEST: Ratio = 0.6;
const HARDEST: Ratio = 3.5;
const STEP: Ratio = 1.1;
/** Of each play so many that stop are judged, so many of these are glanced at, and so many of all. */
const JUDGED = 4;
const OF_EACH = 2;
const GLANCED = 32;

const outcome = new Outcome();

/** A speed at which a ball stops on the green, and how far from the hole: by itself, and as a step more or less of speed moves it. */
interface Stop {
	candidate: Candidate;
	off: Metres;
}

/** Ways to end on the green, or to land just short of it and run on, of a play that does not stop at the pin: the likeliest few. */
function stopsOf(question: Question, { play, solution: { speed, aim } }: Candidate): Stop[] {
	const room = roomOf(question);
	const intent = question.intent(play);
	const most = Math.min(HARDEST, question.fastest(play) / speed);
	const tried: { harder: Ratio; ends: Metres }[] = [];
	for (let harder = SOFTEST; harder <= most; harder *= STEP) {
		const { finishX } = playIntended(intent, question.bare, speed * harder, aim, outcome);
		tried.push({ harder, ends: finishX });
	}
	const moves = (i: number, k: number): Metres =>
		Math.abs((tried[k] ?? tried[i]!).ends - tried[i]!.ends);
	return tried
		.flatMap(({ harder, ends }, i) => {
			const spread = (moves(i, i - 1) + moves(i, i + 1)) / 2;
			return within(room, ends) ? { harder, off: Math.hypot(ends - question.pin, spread) } : [];
		})
		.sort((a, b) => a.off - b.off)
		.slice(0, JUDGED)
		.flatMap(({ harder, off }): Stop[] => {
			const candidate = struck(question, { play, solution: { speed, aim } }, harder);
			const against = rejectCandidate(question, candidate);
			return against && against.code !== 'shortOfGreen'
				? []
				: [{ candidate: { ...candidate, against }, off }];
		})
		.slice(0, OF_EACH);
}

/** Where no ball stops at the pin: the likeliest speeds of every play at which one stops elsewhere. */
const stopsElsewhere = (question: Question, out: readonly Solved[]): Candidate[] =>
	out
		.filter(({ play, rejection }) => play.shape === 'straight' && rejection.code === 'noStop')
		.flatMap(({ candidate }) => stopsOf(question, candidate))
		.sort((a, b) => a.off - b.off)
		.slice(0, GLANCED)
		.map(({ candidate }) => candidate);

/**
 * Everything that takes part in the race: every way of the ladder, what works elsewhere than at the pin, and the cheapest of what is out by the
 * book and yet may be the best there is.
 *
 * @param question opened
 * @param ladder its own
 * @param sampler plays the balls of a glance
 * @returns at least the candidates of the ladder; those that only may be let in have played a few balls
 */
export async function entrants(
	question: Question,
	{ candidates, otherWays, landingShort, rejected, compromised }: Ladder,
	sampler: Sampler
): Promise<Entry[]> {
	const inLadder = new Set(candidates.map(({ play }) => play));
	const out = rejected.filter(
		(item): item is Solved => item.candidate !== null && item.rejection.code !== 'notInSchool'
	);
	const farther = out.filter(({ play }) => !inLadder.has(play));
	const elsewhere = compromised
		? []
		: [
				...farther.flatMap((item) => nearestPlayable(question, item) ?? []),
				...out.flatMap((item) => nearestShort(question, item))
			];
	const outByTheBook = compromised
		? lesserEvils(question, [...candidates, ...out.map(({ candidate }) => candidate)])
		: landingShort;
	const readmitted = candidates.flatMap((candidate) =>
		candidate.against ? [{ play: candidate.play, candidate, rejection: candidate.against }] : []
	);
	const nothingStops = candidates.every(({ safe, against }) => safe || against);
	const doubtful = [
		...outByTheBook,
		...(nothingStops ? stopsElsewhere(question, [...readmitted, ...out]) : [])
	];
	const glanced = doubtful.map(enter);
	await sampleTo(glanced, Math.min(GLANCE, question.request.samples), sampler);
	const letIn = glanced
		.filter(hasPlayed)
		.sort((a, b) => strokesOf(a) - strokesOf(b))
		.slice(0, LET_IN);
	const works = [...candidates, ...otherWays, ...elsewhere];
	const putts = works.filter(({ play, against }) => play.club.putter && against === null);
	const softer =
		question.situation.toEdge > 0
			? putts.flatMap((candidate) => earlyPutts(question, candidate))
			: [];
	return [...[...works, ...softer].map(enter), ...letIn];
}
