import { contentKey } from '$lib/core/math/contentKey';
import type { Playing } from '$lib/io/work/playing';
import type { WorkingShot } from '$lib/io/work/shot';
import { PlannerPool, startPlanner } from '$lib/workers/plannerPool';
import { choicesOfLadder, choicesOfPlan, type Choice } from '$lib/ui/call/choices';
import { Planner } from './planner.svelte';
import { shotQuestion } from '$lib/ui/state/shotQuestion';

/** A shot that somebody goes on with, and the workers that know it. */
export interface StartedShot {
	shot: WorkingShot;
	pool: PlannerPool;
}

/** The call on the page of a first visit, worked out while its numbers are typed. */
export class FirstCall {
	readonly #pool: PlannerPool;
	readonly #planner: Planner;
	#asked = '';
	#handedOver = false;

	constructor(pool: PlannerPool = new PlannerPool(startPlanner)) {
		this.#pool = pool;
		this.#planner = new Planner(pool);
	}

	/** The best way to play it as far as that is known. */
	readonly choice: Choice | null = $derived.by(() => {
		const { plan, first } = this.#planner;
		return (plan ? choicesOfPlan(plan) : choicesOfLadder(first))[0] ?? null;
	});

	/** Whether the call stands, or there is none to wait for. */
	get settled(): boolean {
		return this.#planner.status === 'done' || this.#planner.status === 'failed';
	}

	/** Why there is none; empty while all is well. */
	get failure(): string {
		return this.#planner.status === 'failed' ? this.#planner.failure : '';
	}

	/** Works a shot out, unless nothing of it has changed: who plays is told of again once they are kept. */
	ask(shot: WorkingShot, playing: Playing): void {
		const request = shotQuestion(shot, playing);
		const key = contentKey(request);
		if (key === this.#asked) return;
		this.#asked = key;
		void this.#planner.ask(request);
	}

	/** Gives the workers to whoever goes on with the shot. */
	handOver(): PlannerPool {
		this.#planner.clear();
		this.#handedOver = true;
		return this.#pool;
	}

	close(): void {
		this.#planner.clear();
		if (!this.#handedOver) this.#pool.close();
	}
}
