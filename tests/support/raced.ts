import { STANDARD_BAG } from '$lib/core/club/standardBag';
import { straight } from '$lib/core/player/intent';
import type { Entry, Played } from '$lib/core/plan/race/race';
import type { Candidate } from '$lib/core/plan/ladder/candidate';
import { DIFFERENCE } from '$lib/core/plan/race/statistics';
import { FINISH, type Finishes } from '$lib/core/plan/race/sample';

/** What balls did, as far as a test wants to say it; the rest is a ball beside the hole at 10 m. */
export function finishes(
	strokes: readonly number[],
	{ fourOrMore = 0, hazard = 0 }: { fourOrMore?: number; hazard?: number } = {}
): Finishes {
	const row = (value: number) => Float64Array.from(strokes, () => value);
	const inHazard = Math.round(hazard * strokes.length);
	return {
		x: row(10),
		z: row(0.5),
		landingX: row(4),
		landingZ: row(0),
		strokes: Float64Array.from(strokes),
		upAndDown: row(0.5),
		fourOrMore: row(fourOrMore),
		kind: Uint8Array.from(strokes, (_, i) => (i < inHazard ? FINISH.hazard : FINISH.green)),
		contact: Uint8Array.from(strokes, () => 0)
	};
}

/** Strokes of balls with a mean and, in sixteen blocks by turns above it and below, the standard error of their difference from even ones. */
export function strokesAround(mean: number, standardError: number, balls = 400): number[] {
	const away = (standardError / DIFFERENCE.evenedOut) * Math.sqrt(15);
	const block = (i: number) => Math.floor((16 * i) / balls);
	return Array.from({ length: balls }, (_, i) => mean + (block(i) % 2 ? away : -away));
}

/** A candidate of the standard bag whose play is that of a club. */
export const candidateOf = (name: string, change: Partial<Candidate> = {}): Candidate => {
	const club = STANDARD_BAG.find((one) => one.name === name)!;
	const solution = { status: 'solved', speed: 10, aim: 0.1, miss: 0 };
	return {
		play: straight(club),
		solution,
		target: 10,
		side: 0,
		airShare: 0.5,
		...change
	} as Candidate;
};

/** An entry that has raced. */
export const raced = (
	candidate: Candidate,
	played: Finishes,
	change: Partial<Entry> = {}
): Played => ({
	candidate,
	riskAverse: false,
	regret: 0,
	...change,
	finishes: played
});
