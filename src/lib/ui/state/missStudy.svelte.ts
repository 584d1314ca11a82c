import { missSpots, type MissCost, type MissQuestion } from '$lib/core/plan/whereToMiss';
import type { PlannerPool } from '$lib/workers/plannerPool';

export const MISS_SPOTS = 200;

/** Expected strokes from all around a green, worked out bit by bit. */
export class MissStudy {
	status = $state<'idle' | 'working' | 'done' | 'stopped' | 'failed'>('idle');
	progress = $state(0);
	failure = $state('');
	costs = $state.raw<MissCost[]>([]);
	#abort: AbortController | null = null;

	constructor(private readonly pool: PlannerPool) {}

	async start(question: MissQuestion): Promise<void> {
		this.#abort?.abort();
		const abort = new AbortController();
		this.#abort = abort;
		this.status = 'working';
		this.progress = 0;
		this.costs = [];
		try {
			const spots = missSpots(question.green, MISS_SPOTS);
			const costs = await this.pool.whereToMiss(question, spots, abort.signal, (share) => {
				if (!abort.signal.aborted) this.progress = share;
			});
			if (abort.signal.aborted) return;
			this.costs = costs.filter(({ strokes }) => !Number.isNaN(strokes));
			this.status = 'done';
		} catch (error) {
			if (abort.signal.aborted) return;
			this.status = 'failed';
			this.failure = error instanceof Error ? error.message : String(error);
		}
	}

	cancel(): void {
		this.#abort?.abort();
		this.status = 'stopped';
	}

	/** Forgets an answer that no longer fits what is on the map. */
	clear(): void {
		this.#abort?.abort();
		this.costs = [];
		this.status = 'idle';
	}
}
