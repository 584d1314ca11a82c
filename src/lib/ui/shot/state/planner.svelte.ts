import type { Plan } from '$lib/core/plan/plan';
import type { FirstAnswer } from '$lib/core/plan/firstAnswer';
import type { PlanRequest } from '$lib/core/plan/question/request';
import type { PlannerPool } from '$lib/workers/plannerPool';
import { CancellableWork } from '$lib/ui/state/cancellableWork.svelte';

/** The full plan starts when the hand has rested this long, in ms. */
const REST = 160;

const rest = (signal: AbortSignal): Promise<void> =>
	new Promise((resolve) => {
		const timer = setTimeout(resolve, REST);
		signal.addEventListener('abort', () => {
			clearTimeout(timer);
			resolve();
		});
	});

/** Answers the question on the bench: the ladder at once and again while a finger moves, the sampled plan when it rests. */
export class Planner extends CancellableWork {
	first = $state.raw<FirstAnswer | null>(null);
	plan = $state.raw<Plan | null>(null);
	/** Whether balls are being played, or the ladder is still being solved. */
	sampling = $state(false);
	/** The question that `plan` answers. */
	request: PlanRequest | null = null;
	#turn: Promise<void> = Promise.resolve();
	#generation = 0;

	constructor(private readonly pool: PlannerPool) {
		super();
	}

	ask(request: PlanRequest): Promise<void> {
		this.sampling = false;
		const asked = performance.now();
		return this.run(async (signal, progress) => {
			await this.#solve(request, signal, asked);
			if (signal.aborted) return;
			await rest(signal);
			signal.throwIfAborted();
			this.sampling = true;
			const plan = await this.pool.plan(request, signal, progress);
			signal.throwIfAborted();
			this.request = request;
			this.plan = plan;
		});
	}

	override cancel(): void {
		this.#generation++;
		super.cancel();
	}

	override clear(): void {
		this.#generation++;
		super.clear();
	}

	/**
	 * One ladder at a time: a question that a newer one has overtaken before its turn is skipped, one that is overtaken while it is worked
	 * out is still shown, so that a drag faster than the solver sees the ladder move.
	 */
	#solve(request: PlanRequest, signal: AbortSignal, asked: number): Promise<void> {
		const turn = this.#turn.then(async () => {
			if (signal.aborted) return;
			const generation = this.#generation;
			const first = await this.pool.firstAnswer(request);
			if (generation !== this.#generation) return;
			this.first = first;
			this.plan = null;
			// From the change to its ladder: shows in the browser's performance panel.
			performance.measure('ladder', { start: asked });
		});
		this.#turn = turn.catch(() => {});
		return turn;
	}
}
