import type { Rung } from '$lib/core/plan/ladder/rung';
import type { LandingRegion } from '$lib/core/plan/studies/landingRegion';
import type { PlanRequest } from '$lib/core/plan/question/request';
import type { PlannerPool } from '$lib/workers/plannerPool';
import { CancellableWork } from '$lib/ui/state/cancellableWork.svelte';

/** Where the chosen shot may land. Its failure is its own: the plan stands without it. */
export class LandingStudy extends CancellableWork {
	region = $state.raw<LandingRegion | null>(null);
	#rung: Rung | null = null;

	constructor(private readonly pool: PlannerPool) {
		super();
	}

	/** Works it out for a solved shot, once; putts have no landing. */
	async map(request: PlanRequest, rung: Rung): Promise<void> {
		if (rung === this.#rung) return;
		this.clear();
		this.#rung = rung;
		if (rung.play.flight === 'putt') return;
		await this.run(async (signal) => {
			const region = await this.pool.landingRegion(request, rung);
			if (!signal.aborted) this.region = region;
		});
	}

	override clear(): void {
		super.clear();
		this.#rung = this.region = null;
	}
}
