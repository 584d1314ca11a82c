import workerpool from 'workerpool';
import { localSampler } from '../core/plan/race/localSampler';
import { plan, type Plan } from '../core/plan/plan';
import { Question } from '../core/plan/question/question';
import type { PlanRequest } from '../core/plan/question/request';

/** The server's planning thread: one request in, one plan out. */
workerpool.worker({
	plan(request: PlanRequest): Promise<Plan> {
		workerpool.workerEmit('begun');
		const question = new Question(request);
		return plan(question, localSampler(question));
	}
});
