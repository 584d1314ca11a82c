import { availableParallelism } from 'node:os';
import { setFlagsFromString } from 'node:v8';
import './commonRequire';
import workerpool from 'workerpool';
import threadCode from 'virtual:plan-thread';
import type { Plan } from '$lib/core/plan/plan';
import type { PlanRequest } from '$lib/core/plan/question/request';
import { stopping } from './stopping';

/**
 * Why a question was not answered: too many are waiting, its turn did not come in time, it took too long, who asked has gone, or the
 * server stops.
 */
export type Unanswered = 'busy' | 'notItsTurn' | 'tooLong' | 'gone' | 'stopping';

/** How many threads plan, how many questions may wait for one, and how long one may take from when it is asked, in ms. */
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

// A thread may be ended at any moment. Were its code being compiled on another one just then, Node 20 would abort the whole server.
setFlagsFromString('--no-concurrent-recompilation');

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

	/** Whether nothing is under way or waiting. */
	get idle(): boolean {
		const { activeTasks, pendingTasks } = this.#pool.stats();
		return activeTasks + pendingTasks === 0;
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
		let begun = false;
		let late = false;
		const work = this.#pool.exec('plan', [request], { on: () => (begun = true) });
		const cancel = () => void work.cancel();
		// Waiting counts: who asks is not kept longer than the limit, whatever is in front.
		const timer = setTimeout(() => {
			late = true;
			cancel();
		}, this.limits.time);
		signal.addEventListener('abort', cancel, { once: true });
		try {
			return (await work) as Plan;
		} catch (error) {
			if (stopping.aborted) return 'stopping';
			if (late) return begun ? 'tooLong' : 'notItsTurn';
			if (error instanceof workerpool.Promise.CancellationError) return 'gone';
			throw error;
		} finally {
			clearTimeout(timer);
			signal.removeEventListener('abort', cancel);
		}
	}

	/** Ends every thread; what is open is refused. */
	async close(): Promise<void> {
		await this.#pool.terminate(true);
	}
}

/** Small questions have a lane of their own, so that they never wait behind large ones. */
export class PlanLanes {
	readonly #small: PlanPool;
	readonly #large: PlanPool;

	constructor(limits: PoolLimits = LIMITS) {
		this.#small = new PlanPool({ ...limits, threads: 1 });
		this.#large = new PlanPool({ ...limits, threads: Math.max(1, limits.threads - 1) });
	}

	/**
	 * Plans in the lane of the question's size; a small one takes an idle large lane rather than wait.
	 *
	 * @param small whether it is little work
	 */
	plan(request: PlanRequest, small: boolean, signal: AbortSignal): Promise<Plan | Unanswered> {
		const lane = small && (this.#small.idle || !this.#large.idle) ? this.#small : this.#large;
		return lane.plan(request, signal);
	}

	async close(): Promise<void> {
		await Promise.all([this.#small.close(), this.#large.close()]);
	}
}

let lanes: PlanLanes | undefined;

/** Plans with the threads of this server, which start with the first question and end with the server. */
export function planOnServer(request: PlanRequest, small: boolean, signal: AbortSignal) {
	if (!lanes) {
		const started = new PlanLanes();
		lanes = started;
		stopping.addEventListener('abort', () => void started.close());
	}
	return lanes.plan(request, small, signal);
}
