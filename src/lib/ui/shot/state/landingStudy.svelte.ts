import type { Candidate } from '$lib/core/plan/ladder/candidate';
import type { LandingRegion } from '$lib/core/plan/studies/landingRegion';
import type { PlanRequest } from '$lib/core/plan/question/request';
import type { PlannerPool } from '$lib/workers/plannerPool';
import { CancellableWork } from '$lib/ui/state/cancellableWork.svelte';

/** Where the chosen shot may land. Its failure is its own: the plan stands without it. */
export class LandingStudy extends CancellableWork {
	region = $state.raw<LandingRegion | null>(null);
	#candidate: Candidate | null = null;

	constructor(private readonly pool: PlannerPool) {
		super();
	}

	/** Works it out for a solved shot, once; putts have no landing. */
	async map(request: PlanRequest, candidate: Candidate): Promise<void> {
		if (candidate === this.#candidate) return;
		this.clear();
		this.#candidate = candidate;
		if (candidate.play.flight === 'putt') return;
		await this.run(async (signal) => {
			const region = await this.pool.landingRegion(request, candidate);
			if (!signal.aborted) this.region = region;
		});
	}

	override clear(): void {
		super.clear();
		this.#candidate = this.region = null;
	}
}
