import { missSpots, type MissCost, type MissQuestion } from '$lib/core/plan/studies/whereToMiss';
import type { PlannerPool } from '$lib/workers/plannerPool';
import { CancellableWork } from '$lib/ui/state/cancellableWork.svelte';

export const MISS_SPOTS = 200;

/** Expected strokes from all around a green, worked out bit by bit. */
export class MissStudy extends CancellableWork {
	costs = $state.raw<MissCost[]>([]);

	constructor(private readonly pool: PlannerPool) {
		super();
	}

	start(question: MissQuestion): Promise<void> {
		this.costs = [];
		return this.run(async (signal, progress) => {
			const spots = missSpots(question.green, MISS_SPOTS);
			const costs = await this.pool.whereToMiss(question, spots, signal, progress);
			if (!signal.aborted) this.costs = costs.filter(({ strokes }) => !Number.isNaN(strokes));
		});
	}

	override clear(): void {
		super.clear();
		this.costs = [];
	}
}
