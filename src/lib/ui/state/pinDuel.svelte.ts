import type { PlanRequest } from '$lib/core/plan/request';
import type { PlannerPool } from '$lib/workers/plannerPool';
import { choicesOfPlan, type Choice } from './choices';

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
export class PinDuel {
	status = $state<'idle' | 'working' | 'done' | 'stopped' | 'failed'>('idle');
	progress = $state(0);
	failure = $state('');
	sides = $state.raw<[DuelSide, DuelSide] | null>(null);
	#abort: AbortController | null = null;

	constructor(private readonly pool: PlannerPool) {}

	async start(questions: readonly [DuelQuestion, DuelQuestion]): Promise<void> {
		this.#abort?.abort();
		const abort = new AbortController();
		this.#abort = abort;
		this.status = 'working';
		this.sides = null;
		try {
			const first = await this.#side(questions[0], abort.signal, 0);
			const second = await this.#side(questions[1], abort.signal, 0.5);
			if (abort.signal.aborted) return;
			this.sides = [first, second];
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

	clear(): void {
		this.#abort?.abort();
		this.sides = null;
		this.status = 'idle';
	}

	async #side(question: DuelQuestion, signal: AbortSignal, done: number): Promise<DuelSide> {
		if (!('request' in question))
			return { toEdge: 0, pin: 0, best: null, problem: question.problem };
		const { situation } = question.request;
		const plan = await this.pool.plan(question.request, signal, (share) => {
			if (!signal.aborted) this.progress = done + share / 2;
		});
		const best = choicesOfPlan(plan)[0] ?? null;
		return {
			toEdge: situation.toEdge,
			pin: situation.toEdge + situation.edgeToPin,
			best,
			problem: best ? null : 'No shot works to this pin: see why on the Shot view.'
		};
	}
}
