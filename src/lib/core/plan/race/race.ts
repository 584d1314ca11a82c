import type { Play } from '../../player/intent';
import type { MetresPerSecond, Radians } from '../../units';
import type { Candidate } from '../ladder/candidate';
import { joinFinishes, type Finishes } from './sample';
import { mean, pairedDifference } from './statistics';

/** Standard errors of a gap that may be chance while the field is thinned out. */
export const DOUBT = 1.7;

/** One block of balls to be sampled, wherever the sampler runs. */
export interface SampleJob {
	play: Play;
	speed: MetresPerSecond;
	aim: Radians;
	from: number;
	to: number;
}

/** Answers jobs in their order; the request it was made for goes with it. */
export type Sampler = (jobs: readonly SampleJob[]) => Promise<Finishes[]>;

const BLOCK = 400;

/** A way to play it that is in the race, with what its balls have done so far. */
export interface Entry {
	candidate: Candidate;
	/** Null before the first ball. */
	finishes: Finishes | null;
	/** Stands beside the same play's cheapest place for the sake of safety. */
	riskAverse: boolean;
	/** Strokes that another place for the same play would save, too few to be worth a word. */
	regret: number;
}

/**
 * An entry that has not played yet.
 *
 * @param candidate that is to be played
 */
export const enter = (candidate: Candidate): Entry => ({
	candidate,
	finishes: null,
	riskAverse: false,
	regret: 0
});

/** An entry some of whose balls have been played. */
export type Played = Entry & { finishes: Finishes };

/**
 * Whether any of its balls have been played.
 *
 * @param entry of the race
 */
export const hasPlayed = (entry: Entry): entry is Played => entry.finishes !== null;

const ballsOf = ({ finishes }: Entry): number => finishes?.x.length ?? 0;

const jobsFor = (entry: Entry, to: number): SampleJob[] => {
	const { play, solution } = entry.candidate;
	const jobs: SampleJob[] = [];
	for (let from = ballsOf(entry); from < to; from += BLOCK)
		jobs.push({
			play,
			speed: solution.speed,
			aim: solution.aim,
			from,
			to: Math.min(to, from + BLOCK)
		});
	return jobs;
};

/**
 * Brings entries up to a number of balls; those that have as many are left as they are.
 *
 * @param entries those to be played on
 * @param to balls each is to have played
 * @param sampler plays them
 */
export async function sampleTo(
	entries: readonly Entry[],
	to: number,
	sampler: Sampler
): Promise<void> {
	const jobs = entries.map((entry) => jobsFor(entry, to));
	if (jobs.every((own) => own.length === 0)) return;
	const blocks = await sampler(jobs.flat());
	let next = 0;
	entries.forEach((entry, i) => {
		const own = blocks.slice(next, (next += jobs[i]!.length));
		if (own.length === 0) return;
		entry.finishes = joinFinishes(entry.finishes ? [entry.finishes, ...own] : own);
	});
}

/**
 * Average strokes of an entry that has played.
 *
 * @param played balls
 * @returns one cost a ball, in the order of the seeds
 */
export const strokesOf = ({ finishes }: Played): number => mean(finishes.strokes);

/**
 * Chance of four strokes and more of an entry that has played.
 *
 * @param played balls
 * @returns chance of four strokes or more, 0 to 1
 */
export const blowUpOf = ({ finishes }: Played): number => mean(finishes.fourOrMore);

/**
 * The cheapest of those that have played; at least one has.
 *
 * @param entries at least one
 */
export function cheapest(entries: readonly Entry[]): Played {
	const played = entries.filter(hasPlayed);
	return played.reduce((a, b) => (strokesOf(b) < strokesOf(a) ? b : a));
}

/**
 * Entries that could still be the cheapest, or cost no more than so much more than it.
 *
 * @param errors how many standard errors of a gap may be due to chance
 */
export function hopeful(entries: readonly Entry[], slack: number, errors: number): Played[] {
	const leader = cheapest(entries);
	return entries.filter(hasPlayed).filter((entry) => {
		const gap = pairedDifference(entry.finishes, leader.finishes);
		return gap.mean <= slack + errors * gap.standardError;
	});
}
