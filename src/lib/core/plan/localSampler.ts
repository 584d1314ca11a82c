import { intentOf } from './ladder';
import type { Sampler, SampleJob } from './rank';
import type { PlanRequest } from './request';
import { drawDeviates, sampleFinishes, type Finishes } from './sample';
import { sceneOf } from './scene';
import { pinDistance } from './situation';

/** Most balls that any option is ever played with; the deviates of a seed are drawn once for all of them. */
const deviatesFor = (request: PlanRequest): Float64Array =>
	drawDeviates(request.seed, Math.ceil(request.samples * 2.5));

/** Samples jobs of one request on this thread. */
export function createLocalSampler(
	request: PlanRequest
): (jobs: readonly SampleJob[]) => Finishes[] {
	const deviates = deviatesFor(request);
	const scene = sceneOf(request.situation, { hazards: true, hole: true });
	const { dispersion, skill } = request.player;
	return (jobs) =>
		jobs.map(({ play, speed, aim, from, to }) => {
			const intent = intentOf(request, play);
			const holeX = pinDistance(request.situation);
			return sampleFinishes(
				{ intent, speed, aim, dispersion, skill, scene, holeX },
				deviates,
				from,
				to
			);
		});
}

/** The same as the sampler that `rankLadder` wants. */
export function localSampler(request: PlanRequest): Sampler {
	const sample = createLocalSampler(request);
	return (jobs) => Promise.resolve(sample(jobs));
}
