import type { Ladder } from '../ladder/ladder';
import { chooseLeaves, settle, stillOpen } from './places/leave';
import { nearestPlayable } from '../ladder/past';
import type { Question } from '../question/question';
import { LUCK, place, SMALLEST_DIFFERENCE } from './placing';
import { enter, hasPlayed, hopeful, sampleTo, strokesOf, type Entry, type Sampler } from './race';
import type { Rung } from '../ladder/rung';
import { mostBalls } from './sample';
import type { SampledRung } from './ties';

export type { SampleJob, Sampler } from './race';
export type { SampledRung } from './ties';

/** Standard errors of a gap that may be chance while the field is thinned out. */
const DOUBT = 2;
/** Balls of the first look at every play, and at every place a play may be left at. */
const FIRST_LOOK = 128;
/** Plays that cost this much more at the pin may still be the cheapest elsewhere; so many of them are asked. */
const MAY_GAIN = 0.3;
const ASKED = 12;
/** After that, options worse than the best by more than this, and by what chance allows, are left as they are: at the second look … */
const SECOND_LOOK = 320;
const UNLIKELY = 0.1;
/** … and at the full number of balls. */
const HOPELESS = 0.05;
/**
 * About how many balls a ranking plays: the first look at every play, at most so many that are asked where they are best left, and those
 * that compete.
 *
 * @param plays in the ladder
 * @param samples a play is to have in the end
 */
export const ballsOf = (plays: number, samples: number): number =>
	plays * FIRST_LOOK +
	Math.min(plays, ASKED) * (4 * FIRST_LOOK + samples) +
	Math.min(plays, 5) * mostBalls(samples);

/** Tells how far the sampling has come, 0 to 1. */
export type Progress = (share: number) => void;

/** Plays that are out at the pin but work for a place behind it; none where nothing works and the least bad are in. */
function playablePast(question: Question, { rungs, rejected, compromised }: Ladder): Rung[] {
	if (compromised) return [];
	const known = new Set(rungs.map(({ play }) => play));
	const others = rejected.filter(({ play }) => !known.has(play));
	return others.flatMap((out) => nearestPlayable(question, out) ?? []);
}

/**
 * Samples a ladder and ranks it for this player: a first look at every play, then where each is best left, more balls for the hopeful,
 * most for those that compete.
 *
 * @param question opened
 * @param ladder its own
 * @param sampler plays the balls
 * @param progress is told the share done, 0 to 1
 * @returns best first, one option a play and the leader's careful place; empty for an empty ladder
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
	const all: Entry[] = [...ladder.rungs, ...playablePast(question, ladder)].map(enter);
	await sampleTo(all, firstLook, sampler);
	progress(0.3);
	const asked = hopeful(all, MAY_GAIN, DOUBT)
		.sort((a, b) => strokesOf(a) - strokesOf(b))
		.slice(0, ASKED);
	const leaves = await chooseLeaves(question, asked, sampler, firstLook);
	const entries = [...leaves, ...all.filter(hasPlayed).filter((entry) => !asked.includes(entry))];
	await sampleTo(entries, firstLook, sampler);
	progress(0.5);
	await sampleTo(hopeful(entries, UNLIKELY, DOUBT), Math.min(SECOND_LOOK, samples), sampler);
	const likely = stillOpen(entries.filter(hasPlayed), LUCK);
	await sampleTo(hopeful(likely, HOPELESS, DOUBT), samples, sampler);
	progress(0.8);
	const open = stillOpen(likely, LUCK);
	const contenders = hopeful(open, SMALLEST_DIFFERENCE, LUCK);
	if (contenders.length > 1) await sampleTo(contenders, mostBalls(samples), sampler);
	progress(1);
	const { swings } = question.request.player;
	const measured = ({ play }: Rung) => (swings[play.club.id]?.known.length ?? 0) > 0;
	return place(settle(open), question.pin, measured);
}
