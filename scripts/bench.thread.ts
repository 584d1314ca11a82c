import { parentPort } from 'node:worker_threads';
import { createLocalSampler } from '../src/lib/core/plan/race/localSampler';
import { Question } from '../src/lib/core/plan/question/question';
import type { SampleJob } from '../src/lib/core/plan/race/rank';
import type { PlanRequest } from '../src/lib/core/plan/question/request';

/** A request to open, or blocks of balls of the one that is open. */
type Asked = { open: PlanRequest } | { jobs: readonly SampleJob[] };

let sample: ReturnType<typeof createLocalSampler> | null = null;

/** Stands in for a worker of the page. */
parentPort?.on('message', (asked: Asked) => {
	if ('open' in asked) sample = createLocalSampler(new Question(asked.open));
	parentPort?.postMessage({ finishes: 'jobs' in asked ? sample?.(asked.jobs) : [] });
});
