import type { RollQuestion, RollStudy } from '$lib/core/practice/rollStudy';
import type { PlannerPool } from '$lib/workers/plannerPool';
import { CancellableWork } from '$lib/ui/state/cancellableWork.svelte';

/** What a pupil's roll-outs say of their strike, session by session. */
export class RollReader extends CancellableWork {
	/** In the order of the questions; null until worked out. */
	found = $state.raw<readonly RollStudy[] | null>(null);

	constructor(private readonly pool: PlannerPool) {
		super();
	}

	start(questions: readonly RollQuestion[]): Promise<void> {
		this.found = null;
		return this.run(async (signal, progress) => {
			const found = await this.pool.studyRolls(questions, signal, progress);
			if (!signal.aborted) this.found = found;
		});
	}

	override clear(): void {
		super.clear();
		this.found = null;
	}
}
