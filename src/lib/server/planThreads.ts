import { Worker } from 'node:worker_threads';
import { availableParallelism } from 'node:os';
import threadCode from 'virtual:plan-thread';
import type { Plan } from '$lib/core/plan/plan';
import type { PlanRequest } from '$lib/core/plan/request';

/** Answer of a planning thread. */
export type ThreadAnswer = { id: number; plan: Plan } | { id: number; error: string };

interface Waiting {
	resolve(plan: Plan): void;
	reject(error: Error): void;
}

const MOST_THREADS = Math.max(1, Math.min(4, availableParallelism()));

/** One worker thread and what it owes; a crash rejects everything owed. */
class PlanThread {
	readonly #worker = new Worker(threadCode, { eval: true });
	readonly #owed = new Map<number, Waiting>();
	alive = true;
	#next = 0;

	constructor() {
		this.#worker.unref();
		this.#worker.on('message', (answer: ThreadAnswer) => this.#settle(answer));
		this.#worker.on('error', (error) =>
			this.#crash(error instanceof Error ? error : new Error(String(error)))
		);
		this.#worker.on('exit', () => this.#crash(new Error('the planning thread ended')));
	}

	get load(): number {
		return this.#owed.size;
	}

	plan(request: PlanRequest): Promise<Plan> {
		const id = this.#next++;
		return new Promise((resolve, reject) => {
			this.#owed.set(id, { resolve, reject });
			this.#worker.postMessage({ id, request });
		});
	}

	#settle(answer: ThreadAnswer): void {
		const waiting = this.#owed.get(answer.id);
		this.#owed.delete(answer.id);
		if ('plan' in answer) waiting?.resolve(answer.plan);
		else waiting?.reject(new Error(answer.error));
	}

	#crash(error: Error): void {
		this.alive = false;
		for (const waiting of this.#owed.values()) waiting.reject(error);
		this.#owed.clear();
	}
}

let threads: PlanThread[] = [];

/** Plans on the least busy thread; threads are started as they are needed and replaced when they die. */
export function planInThread(request: PlanRequest): Promise<Plan> {
	threads = threads.filter((thread) => thread.alive);
	const idle = threads.find((thread) => thread.load === 0);
	if (!idle && threads.length < MOST_THREADS) threads.push(new PlanThread());
	const least = threads.reduce((a, b) => (b.load < a.load ? b : a));
	return least.plan(request);
}
