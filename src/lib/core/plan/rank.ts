import { pinDistance } from './situation';
import { pinTarget } from './target';
import { rejectRung, solveRung, type Ladder, type Rung } from './ladder';
import type { PlanRequest } from './request';
import { joinFinishes, type Finishes } from './sample';
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
	/** Played at a place that is not the pin. */
	safe: boolean;
}

/** Balls of the first look at every option. */
const FIRST_LOOK = 160;
/** After it, options worse than the best by more than this and three standard errors are left as they are. */
const HOPELESS = 0.1;
/** Options that compete get this many times the balls asked for. */
const CONTENDER_FACTOR = 2.5;
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
	safe: boolean;
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
function saferEntries(request: PlanRequest, entries: readonly Entry[]): Entry[] {
	const leaders = [...entries].sort((a, b) => strokes(a) - strokes(b)).slice(0, SAFE_CLUBS);
	const { situation } = request;
	const back = pinDistance(situation) + situation.beyondPin - GREEN_MARGIN;
	const front = situation.toEdge + GREEN_MARGIN;
	return leaders.flatMap(({ rung }) =>
		SAFE_OFFSETS.map((offset) => rung.target + offset)
			.filter((target) => target > front && target < back)
			.map((target) => solveRung(request, rung.play, target))
			.filter((safer) => rejectRung(request, safer) === null)
			.map((safer) => ({ rung: safer, blocks: [], balls: 0, safe: true }))
	);
}

/** The best of the safe shots, when there is one. */
async function safest(
	request: PlanRequest,
	entries: readonly Entry[],
	sampler: Sampler,
	balls: number
): Promise<Entry[]> {
	const safer = saferEntries(request, entries);
	if (safer.length === 0) return [];
	await sampleTo(safer, balls, sampler);
	return [best(safer)];
}

function finish(entries: readonly Entry[], request: PlanRequest): SampledRung[] {
	const leader = best(entries);
	const holeX = pinDistance(request.situation);
	const sampled = entries.map(({ rung, blocks, safe }) => {
		const gap = pairedDifference(blocks[0]!, leader.blocks[0]!);
		const tied = gap.mean <= Math.max(SMALLEST_DIFFERENCE, TIE_ERRORS * gap.standardError);
		return { rung, finishes: blocks[0]!, statistics: statisticsOf(blocks[0]!, holeX), tied, safe };
	});
	return sampled.sort(byRank);
}

/** Ties first, the pin before a safer place and least air among them; the others by what they cost. */
function byRank(a: SampledRung, b: SampledRung): number {
	if (a.tied !== b.tied) return a.tied ? -1 : 1;
	if (a.tied && a.safe !== b.safe) return a.safe ? 1 : -1;
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
	request: PlanRequest,
	ladder: Ladder,
	sampler: Sampler,
	progress: Progress = () => {}
): Promise<SampledRung[]> {
	if (ladder.rungs.length === 0) return [];
	const firstLook = Math.min(FIRST_LOOK, request.samples);
	let entries: Entry[] = ladder.rungs.map((rung) => ({
		rung,
		blocks: [],
		balls: 0,
		safe: rung.target > pinTarget(request.situation) + 0.5
	}));
	await sampleTo(entries, firstLook, sampler);
	progress(0.3);
	entries = [...entries, ...(await safest(request, entries, sampler, firstLook))];
	progress(0.5);
	await sampleTo(hopeful(entries, HOPELESS), request.samples, sampler);
	progress(0.8);
	const contenders = hopeful(entries, SMALLEST_DIFFERENCE);
	if (contenders.length > 1)
		await sampleTo(contenders, Math.round(request.samples * CONTENDER_FACTOR), sampler);
	progress(1);
	return finish(entries, request);
}
