import type { PlanRequest } from '$lib/core/plan/question/request';
import type { PlannerPool } from '$lib/workers/plannerPool';
import { CancellableWork } from '$lib/ui/state/cancellableWork.svelte';
import { choicesOfPlan, type Choice } from '$lib/ui/call/choices';

/** One side of a comparison: the call for a pin, or why there is none. */
export interface DuelSide {
	toEdge: number;
	pin: number;
	best: Choice | null;
	problem: string | null;
}

/** The question of one side, or why it cannot be asked. */
export type DuelQuestion = { request: PlanRequest } | { problem: string };

/** One ball played at two pins. */
export class PinDuel extends CancellableWork {
	sides = $state.raw<[DuelSide, DuelSide] | null>(null);

	constructor(private readonly pool: PlannerPool) {
		super();
	}

	start(questions: readonly [DuelQuestion, DuelQuestion]): Promise<void> {
		this.sides = null;
		return this.run(async (signal, progress) => {
			const first = await this.#side(questions[0], signal, (share) => progress(share / 2));
			const second = await this.#side(questions[1], signal, (share) => progress((1 + share) / 2));
			if (!signal.aborted) this.sides = [first, second];
		});
	}

	override clear(): void {
		super.clear();
		this.sides = null;
	}

	async #side(
		question: DuelQuestion,
		signal: AbortSignal,
		progress: (share: number) => void
	): Promise<DuelSide> {
		if (!('request' in question))
			return { toEdge: 0, pin: 0, best: null, problem: question.problem };
		const { situation } = question.request;
		const plan = await this.pool.plan(question.request, signal, progress);
		const best = choicesOfPlan(plan)[0] ?? null;
		return {
			toEdge: situation.toEdge,
			pin: situation.toEdge + situation.edgeToPin,
			best,
			problem: best ? null : 'No shot works to this pin: see why on the Shot view.'
		};
	}
}
