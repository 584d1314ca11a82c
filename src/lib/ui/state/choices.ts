import { playKey } from '$lib/core/plan/candidates';
import type { Rung } from '$lib/core/plan/ladder';
import type { FirstAnswer, Plan, PlanOption, RungDetails } from '$lib/core/plan/plan';

/** A way to play as the screen shows it, sampled or not yet. */
export interface Choice extends RungDetails {
	key: string;
	rung: Rung;
	option: PlanOption | null;
}

/** Stable while the strokes come in; a safer place than the pin is part of it. */
const choiceKey = (rung: Rung, pinTarget: number): string =>
	Math.abs(rung.target - pinTarget) < 0.01
		? playKey(rung.play)
		: `${playKey(rung.play)}@${rung.target.toFixed(1)}`;

/** The ladder before any ball is sampled, least air first. */
export function choicesOfLadder(first: FirstAnswer | null): Choice[] {
	if (!first) return [];
	const { rungs } = first.ladder;
	const target = Math.min(...rungs.map((rung) => rung.target));
	return rungs.map((rung, i) => ({
		key: choiceKey(rung, target),
		rung,
		...first.details[i]!,
		option: null
	}));
}

/** The ranked options, best first. */
export function choicesOfPlan(plan: Plan): Choice[] {
	const target = plan.options.find((option) => !option.safe)?.rung.target ?? NaN;
	return plan.options.map((option) => ({
		key: choiceKey(option.rung, target),
		rung: option.rung,
		swing: option.swing,
		setup: option.setup,
		aimOffset: option.aimOffset,
		option
	}));
}
