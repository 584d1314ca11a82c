import { parentPort } from 'node:worker_threads';
import { localSampler } from '../core/plan/localSampler';
import { plan } from '../core/plan/plan';
import type { PlanRequest } from '../core/plan/request';

/** The server's planning thread: one question in, one plan out. */
parentPort?.on('message', async ({ id, request }: { id: number; request: PlanRequest }) => {
	try {
		parentPort?.postMessage({ id, plan: await plan(request, localSampler(request)) });
	} catch (error) {
		parentPort?.postMessage({ id, error: error instanceof Error ? error.message : String(error) });
	}
});
