import { expose } from 'comlink';
import { surveyReport } from '../core/green/surveyReport';
import { contentKey } from '../core/math/contentKey';
import { createLocalSampler } from '../core/plan/localSampler';
import { firstAnswer, plan } from '../core/plan/plan';
import { landingRegion } from '../core/plan/landingRegion';
import type { PlanRequest } from '../core/plan/request';
import { missCost } from '../core/plan/whereToMiss';
import { readBalls } from '../core/today/ballsTest';
import type { PlannerWorker, PlanSampler } from './protocol';

let lastKey = '';
let lastSampler: ReturnType<typeof createLocalSampler> | null = null;

/** Jobs of one plan come in many calls: scene and deviates are kept while the question stays the same. */
function samplerFor(request: PlanRequest): ReturnType<typeof createLocalSampler> {
	const key = contentKey(request);
	if (lastSampler && key === lastKey) return lastSampler;
	lastKey = key;
	lastSampler = createLocalSampler(request);
	return lastSampler;
}

const worker: PlannerWorker = {
	firstAnswer,
	sample: (request, jobs) => samplerFor(request)(jobs),
	plan: (request, sampler: PlanSampler, progress) => plan(request, sampler, progress),
	landingRegion,
	surveyReport,
	readBalls,
	missCosts: (question, spots) => spots.map((spot) => missCost(question, spot))
};

expose(worker);
