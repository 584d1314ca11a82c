import { expect } from 'vitest';
import { finishes, raced, candidateOf, strokesAround } from './raced';
import { question as ask } from './scenes';
import { place } from '$lib/core/plan/race/placing';
import type { Ladder } from '$lib/core/plan/ladder/ladder';
import type { Reason } from '$lib/core/plan/explain/reason';
import { reasonsFor } from '$lib/core/plan/explain/reasons';
import type { Candidate } from '$lib/core/plan/ladder/candidate';
import type { SampledCandidate } from '$lib/core/plan/race/ties';
import type { Sensitivity } from '$lib/core/plan/explain/sensitivity';

/** A ball 3 m off a green that falls to the right. */
export const question = ask({ toEdge: 3, edgeToPin: 9, slopeAcross: 2 });
const outcome = { landingX: 5, finishX: 12.25, finishZ: 0 };
export const solved = (change: object = {}) => ({
	status: 'solved',
	speed: 10,
	aim: 0,
	miss: 0,
	outcome,
	...change
});
export const candidate = (name: string, change: Partial<Candidate> = {}): Candidate =>
	candidateOf(name, {
		solution: solved() as never,
		target: question.target,
		side: 0,
		safe: false,
		against: null,
		...change
	});
export const NO_LADDER: Ladder = {
	candidates: [],
	rejected: [],
	otherWays: [],
	landingShort: [],
	compromised: false
};
export const STILL: Sensitivity = {
	stimpPlus1: 0.5,
	stimpMinus1: -0.6,
	slopePlus1: -0.7,
	slopeMinus1: 0.9,
	distancePlus1: -1,
	distanceMinus1: 1,
	worseLie: -0.4,
	farther: {} as never,
	nearer: {} as never
};

/** An option that costs so many strokes, and how much trouble it has. */
export function option(
	made: Candidate,
	strokes: number,
	{ tied = false, ...trouble }: { tied?: boolean; fourOrMore?: number; hazard?: number } = {}
): SampledCandidate {
	const [placed] = place(
		[raced(made, finishes(strokesAround(strokes, 0), trouble))],
		10,
		() => false
	);
	return { ...placed!, tied };
}

/** What is said of options, best first. */
export function reasons(
	ranked: SampledCandidate[],
	{
		ladder = NO_LADDER,
		sensitivity = STILL,
		asked = question,
		school = { cost: null, lifted: null }
	}: {
		ladder?: Ladder;
		sensitivity?: Sensitivity;
		asked?: typeof question;
		school?: Parameters<typeof reasonsFor>[4];
	} = {}
): Reason[] {
	return reasonsFor(asked, ranked, ladder, sensitivity, school);
}
/** The reason of one code. */
export const coded = <Code extends Reason['code']>(found: Reason[], code: Code) =>
	found.find((reason): reason is Extract<Reason, { code: Code }> => reason.code === code);

export const near = (value: number, digits = 9) => expect.closeTo(value, digits) as number;
export const [pitch, chip, lob] = [candidate('PW'), candidate('8i'), candidate('LW')];
