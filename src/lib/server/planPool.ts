import { availableParallelism } from 'node:os';
import './commonRequire';
import workerpool from 'workerpool';
import threadCode from 'virtual:plan-thread';
import type { Plan } from '$lib/core/plan/plan';
import type { PlanRequest } from '$lib/core/plan/request';
import { stopping } from './stopping';

/** Why a question was not answered: too many are waiting, it took too long, who asked has gone, or the server stops. */
export type Unanswered = 'busy' | 'tooLong' | 'gone' | 'stopping';

/** How many threads plan, how many questions may wait for one, and how long one may take, in ms. */
export interface PoolLimits {
	threads: number;
	waiting: number;
	time: number;
}

export const LIMITS: PoolLimits = {
	threads: Math.max(1, Math.min(4, availableParallelism())),
	waiting: 24,
	time: 15_000
};

/** Planning threads behind a bounded queue. */
export class PlanPool {
	readonly #pool: workerpool.Pool;

	constructor(private readonly limits: PoolLimits = LIMITS) {
		this.#pool = workerpool.pool(threadCode, {
			workerType: 'thread',
			maxWorkers: limits.threads,
			maxQueueSize: limits.waiting,
			workerTerminateTimeout: 100,
			workerThreadOpts: { eval: true }
		});
	}

	/**
	 * Plans on whichever thread is free.
	 *
	 * @param signal aborted when the answer is no longer wanted: a thread at work on it is ended
	 * @returns the plan, or why there is none
	 * @throws what went wrong in the thread
	 */
	async plan(request: PlanRequest, signal: AbortSignal): Promise<Plan | Unanswered> {
		if (stopping.aborted) return 'stopping';
		if (signal.aborted) return 'gone';
		if (this.#pool.stats().pendingTasks >= this.limits.waiting) return 'busy';
		const work = this.#pool.exec('plan', [request]).timeout(this.limits.time);
		const cancel = () => void work.cancel();
		signal.addEventListener('abort', cancel, { once: true });
		try {
			return (await work) as Plan;
		} catch (error) {
			if (stopping.aborted) return 'stopping';
			if (error instanceof workerpool.Promise.TimeoutError) return 'tooLong';
			if (error instanceof workerpool.Promise.CancellationError) return 'gone';
			throw error;
		} finally {
			signal.removeEventListener('abort', cancel);
		}
	}

	/** Ends every thread; what is open is refused. */
	async close(): Promise<void> {
		await this.#pool.terminate(true);
	}
}

let pool: PlanPool | undefined;

/** Plans with the pool of this server, which starts with the first question and ends with the server. */
export function planOnServer(request: PlanRequest, signal: AbortSignal) {
	if (!pool) {
		const started = new PlanPool();
		pool = started;
		stopping.addEventListener('abort', () => void started.close());
	}
	return pool.plan(request, signal);
}
