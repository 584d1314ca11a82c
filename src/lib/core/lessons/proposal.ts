import type { Ratio } from '../units';

/** Minutes of a lesson. */
export type Minutes = number;

/** Strokes saved on a shot, with one standard error. */
export interface Gain {
	strokes: number;
	error: number;
}

/** Something a lesson may be about. */
export interface Candidate<About> {
	about: About;
	/** Whether it is done first whatever it gains: what was left, what is due. */
	first: boolean;
	/** What it takes to be of use, and what it is given where there is time. */
	least: Minutes;
	minutes: Minutes;
	/** What it gains on each of the pupil's shots; null where that cannot be said. */
	gain: Gain | null;
	/** Days since it was last worked on; null for never. */
	since: number | null;
}

/** Something that a lesson is about, with its time. */
export interface Chosen<About> {
	candidate: Candidate<About>;
	minutes: Minutes;
}

/** After so many days a thing is worth most of what it was worth before it was worked on (assumption). */
const REST_DAYS = 4;

/**
 * How much of its worth something has that was worked on some days ago: what is spread over days stays longer than what is crowded into
 * one.
 *
 * @param since days; null for never
 * @returns 0 to 1
 * @source N. J. Cepeda and others, Distributed practice in verbal recall tasks, Psychological Bulletin 132 (2006); the curve is ours
 */
export const rested = (since: number | null): Ratio =>
	since === null ? 1 : 1 - Math.exp(-Math.max(0, since) / REST_DAYS);

/** Strokes a minute; what nothing is known of comes last. */
const worth = <About>({ gain, since, least }: Candidate<About>): number =>
	gain ? (gain.strokes * rested(since)) / least : 0;

/**
 * What to do with the minutes of a lesson: first what has to be, then what saves most strokes a minute. What is chosen gets what it takes;
 * what is left of the time goes to it in the same order, as far as it can use it.
 *
 * @param candidates of which those that tell no gain come in the order given
 * @param minutes there are
 * @returns in the order they are to be done
 */
export function proposeFor<About>(
	candidates: readonly Candidate<About>[],
	minutes: Minutes
): Chosen<About>[] {
	const inOrder = [...candidates].sort(
		(a, b) => Number(b.first) - Number(a.first) || worth(b) - worth(a)
	);
	let left = minutes;
	const chosen = inOrder.flatMap((candidate): Chosen<About>[] => {
		const useful = candidate.first || candidate.gain === null || candidate.gain.strokes > 0;
		if (!useful || candidate.least > left) return [];
		left -= candidate.least;
		return [{ candidate, minutes: candidate.least }];
	});
	return chosen.map(({ candidate, minutes: given }) => {
		const more = Math.min(left, Math.max(0, candidate.minutes - given));
		left -= more;
		return { candidate, minutes: given + more };
	});
}

/** So much of what a habit costs is gone after a lesson that treats it, and again so much of the rest after the next (assumption). */
const TREATED: Ratio = 0.25;

/** How often a miss was seen, and how often this skill has it. */
export interface SeenMiss {
	hits: number;
	of: number;
	/** On average, of as many balls. */
	expected: number;
}

/**
 * What treating a habit saves on a shot: the part of it that is more than this skill has, times what such a ball costs.
 *
 * @param extra strokes of such a ball over one that did what it was to do, on the pupil's own shots
 */
export function treatingGain({ hits, of, expected }: SeenMiss, extra: number): Gain {
	if (of === 0) return { strokes: 0, error: 0 };
	const share = hits / of;
	const more = Math.max(0, share - expected / of);
	return {
		strokes: TREATED * more * Math.max(0, extra),
		error: TREATED * Math.sqrt((share * (1 - share)) / of) * Math.abs(extra)
	};
}
