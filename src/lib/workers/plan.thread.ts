import { parentPort } from 'node:worker_threads';
import { createLocalSampler, localSampler } from '../core/plan/localSampler';
import { plan } from '../core/plan/plan';
import type { SampleJob } from '../core/plan/rank';
import type { PlanRequest } from '../core/plan/request';

/** A whole plan, or blocks of balls for a plan that is led elsewhere. */
interface Question {
	id: number;
	request: PlanRequest;
	jobs?: readonly SampleJob[];
}

async function answer({ id, request, jobs }: Question): Promise<object> {
	if (jobs) return { id, finishes: createLocalSampler(request)(jobs) };
	return { id, plan: await plan(request, localSampler(request)) };
}

async function reply(question: Question): Promise<void> {
	try {
		parentPort?.postMessage(await answer(question));
	} catch (error) {
		const message = error instanceof Error ? error.message : String(error);
		parentPort?.postMessage({ id: question.id, error: message });
	}
}

/** The server's planning thread: one question in, one answer out. */
parentPort?.on('message', (question: Question) => void reply(question));
