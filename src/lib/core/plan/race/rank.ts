import { LIES } from '../../lie/lies';
import type { Play } from '../../player/intent';
import type { Ladder } from '../ladder/ladder';
import { lookCloser } from './places/closer';
import { chooseLeaves, noteRegret, settle, stillOpen } from './places/leave';
import type { Question } from '../question/question';
import { LUCK, place, SMALLEST_DIFFERENCE } from './placing';
import { entrants } from './places/entrants';
import {
	cheapest,
	DOUBT,
	hasPlayed,
	hopeful,
	sampleTo,
	strokesOf,
	type Entry,
	type Played,
	type Sampler
} from './race';
import type { Candidate } from '../ladder/candidate';
import { mostBalls } from './sample';
import { pairedDifference } from './statistics';
import type { SampledCandidate } from './ties';

export type { SampleJob, Sampler } from './race';
export type { SampledCandidate } from './ties';

/** Balls of the first look at every play, and at every place that those may be left at which are asked. */
const FIRST_LOOK = 48;
const AT_PLACES = 128;
/** Plays that cost this much more at the pin may still be the cheapest elsewhere; so many of them are asked. */
const MAY_GAIN = 0.3;
const ASKED = 12;
/** … and as many again where the best of their places saves so much. */
const PAYS = 0.05;
/** After that, options worse than the best by more than this, and by what chance allows, are left as they are: at the second look … */
const SECOND_LOOK = { balls: 320, slack: 0.07, steps: [0.6, 1] };
/** … and at the full number of balls. In steps of these shares: what falls back on the way gets no more. */
const ALL_BALLS = { slack: 0.04, steps: [0.6, 0.8, 1] };
/** Those that compete, and may be as good as the leader by so many errors, are told apart to so many strokes, or have all their balls. */
const TOLD_APART = { error: 0.007, doubt: 2, steps: [0.5, 0.6, 0.7, 0.8, 0.9, 1] };

/**
 * About how many balls a ranking plays: the first look at every play, at most so many that are asked where they are best left, and those
 * that compete.
 *
 * @param plays in the ladder
 * @param samples a play is to have in the end
 */
export const ballsOf = (plays: number, samples: number): number =>
	plays * FIRST_LOOK +
	Math.min(plays, ASKED) * (4 * AT_PLACES + samples) +
	Math.min(plays, 5) * mostBalls(samples);

/** Tells how far the sampling has come, 0 to 1. */
export type Progress = (share: number) => void;

/**
 * Leaves out what lands short of the green and is no cheaper for it; what the ladder itself let in stays.
 */
function withoutIdleShort(raced: readonly Played[], { candidates }: Ladder): readonly Played[] {
	const kept = new Set(candidates.map(({ play }) => play));
	const works = raced.filter(({ candidate }) => candidate.against === null);
	if (works.length === 0) return raced;
	const most = Math.min(...works.map(strokesOf));
	return raced.filter(
		(entry) =>
			entry.candidate.against === null || kept.has(entry.candidate.play) || strokesOf(entry) < most
	);
}

/** Plays that compete and are not yet told from the leader, each with all its places, and the leader's own; none where all are. */
function unsure(competing: readonly Played[]): readonly Played[] {
	if (competing.length < 2) return [];
	const leader = cheapest(competing);
	const left = competing.filter(({ finishes }) => {
		const gap = pairedDifference(finishes, leader.finishes);
		const mayBeClose = gap.mean <= SMALLEST_DIFFERENCE + TOLD_APART.doubt * gap.standardError;
		return mayBeClose && gap.standardError > TOLD_APART.error;
	});
	const plays = new Set([leader, ...left].map(({ candidate }) => candidate.play));
	return left.length > 0 ? competing.filter(({ candidate }) => plays.has(candidate.play)) : [];
}

/** The first of every play, so many plays; of putts every speed that is in the race, as they are looked at together. */
function ofPlays(entries: readonly Played[], most: number): Played[] {
	const plays = new Set<Play>();
	return entries.filter(({ candidate: { play } }) => {
		const isNew = !plays.has(play);
		if (plays.size < most) plays.add(play);
		return plays.has(play) && (isNew || play.club.putter);
	});
}

/** A first look at everything, and at where the likeliest plays are best left. */
async function lookAround(
	question: Question,
	all: readonly Entry[],
	sampler: Sampler
): Promise<Entry[]> {
	const balls = Math.min(AT_PLACES, question.request.samples);
	await sampleTo(hopeful(all, MAY_GAIN, DOUBT), balls, sampler);
	const likely = hopeful(all, MAY_GAIN, DOUBT).sort((a, b) => strokesOf(a) - strokesOf(b));
	const placesOf = async (asked: readonly Played[]): Promise<Entry[]> => {
		const leaves = await chooseLeaves(question, asked, sampler, balls);
		await sampleTo(leaves, balls, sampler);
		return leaves;
	};
	const asked = ofPlays(likely, ASKED);
	const later = ofPlays(likely, 2 * ASKED).filter((entry) => !asked.includes(entry));
	await sampleTo([...asked, ...later], balls, sampler);
	const atPin = strokesOf(cheapest(asked));
	const leaves = await placesOf(asked);
	const pays = later.length > 0 && strokesOf(cheapest(leaves)) < atPin - PAYS;
	// The most risk-averse place is the leader's own.
	const more = pays ? (await placesOf(later)).filter(({ riskAverse }) => !riskAverse) : [];
	const placed = new Set<Entry>(pays ? [...asked, ...later] : asked);
	return [...leaves, ...more, ...all.filter((entry) => !placed.has(entry))];
}

/**
 * Samples a ladder and ranks it for this player: a first look at every play, then where each is best left, more balls for the hopeful,
 * most for those that compete.
 *
 * @param question opened
 * @param ladder its own
 * @param sampler plays the balls
 * @param progress is told the share done, 0 to 1
 * @returns best first, one option a play and the leader's risk-averse place; empty for an empty ladder
 */
export async function rankLadder(
	question: Question,
	ladder: Ladder,
	sampler: Sampler,
	progress: Progress = () => {}
): Promise<SampledCandidate[]> {
	if (ladder.candidates.length === 0) return [];
	const { samples } = question.request;
	const { toEdge } = question.situation;
	const firstLook = Math.min(FIRST_LOOK, samples);
	const all = await entrants(question, ladder, sampler);
	await sampleTo(all, firstLook, sampler);
	progress(0.3);
	const entries = (await lookAround(question, all, sampler)).filter(hasPlayed);
	progress(0.5);
	const playOn = async (some: readonly Played[], look: typeof ALL_BALLS, balls: number) => {
		for (const share of look.steps) {
			const likely = hopeful(stillOpen(some, toEdge, DOUBT), look.slack, DOUBT);
			await sampleTo(likely, Math.ceil(share * balls), sampler);
		}
	};
	const secondLook = Math.min(SECOND_LOOK.balls, samples);
	await playOn(entries, SECOND_LOOK, secondLook);
	// As many balls as at the first look, or fewer, would say the same again.
	const closer =
		secondLook > AT_PLACES ? await lookCloser(question, entries, sampler, secondLook) : [];
	const known = [...entries, ...closer];
	noteRegret(known, toEdge);
	const left = stillOpen(known, toEdge, LUCK);
	await playOn(left, ALL_BALLS, samples);
	progress(0.8);
	noteRegret(left, toEdge);
	const open = stillOpen(left, toEdge, LUCK);
	const contenders = hopeful(open, SMALLEST_DIFFERENCE, LUCK);
	// Where one place of a play competes its others do: they are told apart on the same balls.
	const plays = new Set(contenders.map(({ candidate }) => candidate.play));
	const competing = open.filter(({ candidate }) => plays.has(candidate.play));
	for (const share of TOLD_APART.steps) {
		const balls = Math.ceil(share * mostBalls(samples));
		await sampleTo(unsure(stillOpen(competing, toEdge, DOUBT)), balls, sampler);
	}
	progress(1);
	const { swings } = question.request.player;
	const measured = ({ play }: Candidate) => (swings[play.club.id]?.known.length ?? 0) > 0;
	const { sand } = LIES[question.situation.lie];
	return place(withoutIdleShort(settle(open, toEdge), ladder), question.pin, measured, sand);
}
