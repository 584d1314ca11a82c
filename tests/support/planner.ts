import { landingRegion } from '$lib/core/plan/studies/landingRegion';
import { localSampler } from '$lib/core/plan/race/localSampler';
import { plan } from '$lib/core/plan/plan';
import { firstAnswer } from '$lib/core/plan/firstAnswer';
import { Question } from '$lib/core/plan/question/question';
import type { PlanRequest } from '$lib/core/plan/question/request';
import { missCost } from '$lib/core/plan/studies/whereToMiss';
import { surveyReport } from '$lib/core/green/surveyReport';
import { readBalls } from '$lib/core/today/readBalls';
import type { PlannerPool } from '$lib/workers/plannerPool';

const FEW = 60;

/** Every question the pool has been asked, newest last. */
export interface AskedPool {
	pool: PlannerPool;
	asked: PlanRequest[];
	closed: () => boolean;
}

/** The pool's answers computed on this thread, with few balls. */
export function directPool(change: Partial<PlannerPool> = {}): AskedPool {
	const asked: PlanRequest[] = [];
	let closed = false;
	const pool: Partial<PlannerPool> = {
		firstAnswer: (request: PlanRequest) => {
			asked.push(request);
			return Promise.resolve(firstAnswer(new Question(request)));
		},
		plan: async (request, signal, progress) => {
			const few = new Question({ ...request, samples: FEW });
			const answer = await plan(few, localSampler(few), progress);
			signal.throwIfAborted();
			return answer;
		},
		landingRegion: (request, candidate) =>
			Promise.resolve(landingRegion(new Question(request), candidate)),
		surveyReport: (green) => Promise.resolve(surveyReport(green)),
		readBalls: (balls, clubs) => Promise.resolve(readBalls(balls, clubs)),
		whereToMiss: (question, spots, signal, progress) => {
			signal.throwIfAborted();
			progress(1);
			return Promise.resolve(spots.slice(0, 3).map((spot) => missCost(question, spot)));
		},
		close: () => {
			closed = true;
		},
		...change
	};
	return { pool: pool as PlannerPool, asked, closed: () => closed };
}
