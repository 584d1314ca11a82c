import { dispersionWith } from '../../player/player';
import type { Question } from '../question/question';
import type { Sampler, SampleJob } from './rank';
import { drawDeviates, mostBalls, sampleFinishes, type Finishes } from './sample';

/**
 * Samples jobs of one question on this thread; deviates are drawn once for all of them.
 *
 * @param question opened
 * @returns finishes in the order of the jobs
 */
export function createLocalSampler(question: Question): (jobs: readonly SampleJob[]) => Finishes[] {
	const { samples, seed, player } = question.request;
	const deviates = drawDeviates(seed, mostBalls(samples));
	return (jobs) =>
		jobs.map(({ play, speed, aim, from, to }) =>
			sampleFinishes(
				{
					intent: question.intent(play),
					speed,
					aim,
					dispersion: dispersionWith(play.club, player),
					costs: player.costs,
					scene: question.played,
					holeX: question.pin
				},
				deviates,
				from,
				to
			)
		);
}

/**
 * The same as the sampler that `rankLadder` wants.
 *
 * @param question opened
 */
export function localSampler(question: Question): Sampler {
	const sample = createLocalSampler(question);
	return (jobs) => Promise.resolve(sample(jobs));
}
