import { rejectRung, solveRung, type Ladder, type Rung } from './ladder';
import type { Question } from './question';
import { joinFinishes, mostBalls, type Finishes } from './sample';
import { mean, pairedDifference, statisticsOf, type ShotStatistics } from './statistics';
import type { Metres, MetresPerSecond, Radians } from '../units';
import type { Play } from '../player/intent';

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

/** A rung with what its balls did. */
export interface SampledRung {
	rung: Rung;
	finishes: Finishes;
	statistics: ShotStatistics;
	/** No worse than the best by more than chance allows. */
	tied: boolean;
}

/** Balls of the first look at every option. */
const FIRST_LOOK = 160;
/** After it, options worse than the best by more than this and three standard errors are left as they are. */
const HOPELESS = 0.1;
const BLOCK = 400;
/** Differences under this are a tie whatever the luck. */
const SMALLEST_DIFFERENCE = 0.01;
const TIE_ERRORS = 2;
/** Places tried for the safe shot, past (+) or short (−) of the target, in metres. */
const SAFE_OFFSETS: readonly Metres[] = [-1.5, 1, 2, 3.5];
const SAFE_CLUBS = 3;
const GREEN_MARGIN: Metres = 0.5;

interface Entry {
	rung: Rung;
	blocks: Finishes[];
	balls: number;
}

const jobsFor = ({ rung, balls }: Entry, to: number): SampleJob[] => {
	const jobs: SampleJob[] = [];
	for (let from = balls; from < to; from += BLOCK)
		jobs.push({
			play: rung.play,
			speed: rung.solution.speed,
			aim: rung.solution.aim,
			from,
			to: Math.min(to, from + BLOCK)
		});
	return jobs;
};

/** Brings entries up to a number of balls. */
async function sampleTo(entries: readonly Entry[], to: number, sampler: Sampler): Promise<void> {
	const jobs = entries.map((entry) => jobsFor(entry, to));
	const blocks = await sampler(jobs.flat());
	let next = 0;
	entries.forEach((entry, i) => {
		const own = blocks.slice(next, (next += jobs[i]!.length));
		if (own.length === 0) return;
		entry.blocks = [joinFinishes([...entry.blocks, ...own])];
		entry.balls = entry.blocks[0]!.x.length;
	});
}

const strokes = (entry: Entry): number => mean(entry.blocks[0]!.strokes);

const best = (entries: readonly Entry[]): Entry =>
	entries.reduce((a, b) => (strokes(b) < strokes(a) ? b : a));

/** Entries that could still be the best one. */
function hopeful(entries: readonly Entry[], slack: number): Entry[] {
	const leader = best(entries);
	return entries.filter((entry) => {
		const gap = pairedDifference(entry.blocks[0]!, leader.blocks[0]!);
		return gap.mean <= slack + 3 * gap.standardError;
	});
}

/** The leading clubs played at other places than the pin. */
function saferEntries(question: Question, entries: readonly Entry[]): Entry[] {
	const leaders = [...entries].sort((a, b) => strokes(a) - strokes(b)).slice(0, SAFE_CLUBS);
	const { situation } = question;
	const back = question.pin + situation.beyondPin - GREEN_MARGIN;
	const front = situation.toEdge + GREEN_MARGIN;
	return leaders.flatMap(({ rung }) =>
		SAFE_OFFSETS.map((offset) => rung.target + offset)
			.filter((target) => target > front && target < back)
			.map((target) => solveRung(question, rung.play, target))
			.filter((safer) => rejectRung(question, safer) === null)
			.map((safer) => ({ rung: safer, blocks: [], balls: 0 }))
	);
}

/** The best of the safe shots, when there is one. */
async function safest(
	question: Question,
	entries: readonly Entry[],
	sampler: Sampler,
	balls: number
): Promise<Entry[]> {
	const safer = saferEntries(question, entries);
	if (safer.length === 0) return [];
	await sampleTo(safer, balls, sampler);
	return [best(safer)];
}

function finish(entries: readonly Entry[], holeX: Metres): SampledRung[] {
	const leader = best(entries);
	const sampled = entries.map(({ rung, blocks }) => {
		const gap = pairedDifference(blocks[0]!, leader.blocks[0]!);
		const tied = gap.mean <= Math.max(SMALLEST_DIFFERENCE, TIE_ERRORS * gap.standardError);
		return { rung, finishes: blocks[0]!, statistics: statisticsOf(blocks[0]!, holeX), tied };
	});
	return sampled.sort(byRank);
}

/** Ties first, the pin before a safer place and least air among them; the others by what they cost. */
function byRank(a: SampledRung, b: SampledRung): number {
	if (a.tied !== b.tied) return a.tied ? -1 : 1;
	if (a.tied && a.rung.safe !== b.rung.safe) return a.rung.safe ? 1 : -1;
	if (a.tied && a.rung.airShare !== b.rung.airShare) return a.rung.airShare - b.rung.airShare;
	return a.statistics.expectedStrokes - b.statistics.expectedStrokes;
}

/** Tells how far the sampling has come, 0 to 1. */
export type Progress = (share: number) => void;

/**
 * Samples a ladder and ranks it for this player: a first look at all, more balls for the hopeful, most for those that compete.
 *
 * @returns best first; empty for an empty ladder
 */
export async function rankLadder(
	question: Question,
	ladder: Ladder,
	sampler: Sampler,
	progress: Progress = () => {}
): Promise<SampledRung[]> {
	if (ladder.rungs.length === 0) return [];
	const { samples } = question.request;
	const firstLook = Math.min(FIRST_LOOK, samples);
	let entries: Entry[] = ladder.rungs.map((rung) => ({ rung, blocks: [], balls: 0 }));
	await sampleTo(entries, firstLook, sampler);
	progress(0.3);
	entries = [...entries, ...(await safest(question, entries, sampler, firstLook))];
	progress(0.5);
	await sampleTo(hopeful(entries, HOPELESS), samples, sampler);
	progress(0.8);
	const contenders = hopeful(entries, SMALLEST_DIFFERENCE);
	if (contenders.length > 1) await sampleTo(contenders, mostBalls(samples), sampler);
	progress(1);
	return finish(entries, question.pin);
}
