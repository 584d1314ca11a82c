import { playKey } from '$lib/core/player/intent';
import type { Candidate } from '$lib/core/plan/ladder/candidate';
import type { Plan, PlanOption } from '$lib/core/plan/plan';
import type { FirstAnswer, CandidateDetails } from '$lib/core/plan/firstAnswer';

/** A way to play as the screen shows it, sampled or not yet. */
export interface Choice extends CandidateDetails {
	key: string;
	candidate: Candidate;
	option: PlanOption | null;
}

/** Stable while the strokes come in; a safer place than the pin is part of it, and that something speaks against it. */
const choiceKey = ({ play, safe, target, against }: Candidate): string =>
	`${playKey(play)}${against ? '!' : ''}${safe ? `@${target.toFixed(1)}` : ''}`;

/** Each once: two places of one play that read the same are one choice. */
function once(choices: readonly Choice[]): Choice[] {
	const seen = new Set<string>();
	return choices.filter(({ key }) => !seen.has(key) && seen.add(key));
}

/** The ladder before any ball is sampled, least air first. */
export function choicesOfLadder(first: FirstAnswer | null): Choice[] {
	if (!first) return [];
	return first.ladder.candidates.map((candidate, i) => ({
		key: choiceKey(candidate),
		candidate,
		...first.details[i]!,
		option: null
	}));
}

/** The other plays, each at its first place; the same play left elsewhere flies much the same. */
export function neighbours(choices: readonly Choice[], chosen: Choice): Choice[] {
	const seen = new Set([playKey(chosen.candidate.play)]);
	return choices.filter(({ candidate }) => {
		const key = playKey(candidate.play);
		if (seen.has(key)) return false;
		seen.add(key);
		return true;
	});
}

/** The ranked options, best first. */
export function choicesOfPlan(plan: Plan): Choice[] {
	const choices = plan.options.map((option) => ({
		key: choiceKey(option.candidate),
		candidate: option.candidate,
		swing: option.swing,
		setup: option.setup,
		aimOffset: option.aimOffset,
		option
	}));
	return once(choices);
}
