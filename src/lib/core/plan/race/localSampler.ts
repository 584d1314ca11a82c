import { dispersionWith } from '../../player/player';
import type { Question } from '../question/question';
import type { Sampler, SampleJob } from './rank';
import { drawDeviates, mostBalls, sampleFinishes, type Finishes, type SampledShot } from './sample';

/**
 * A swing of a question made ready to be played with this player's errors.
 *
 * @param question opened
 * @param swing what is swung, how fast and where to
 */
export function shotOf(
	question: Question,
	{ play, speed, aim }: Pick<SampleJob, 'play' | 'speed' | 'aim'>
): SampledShot {
	const { player } = question.request;
	return {
		intent: question.intent(play),
		speed,
		aim,
		dispersion: dispersionWith(play.club, player),
		costs: player.costs,
		scene: question.played,
		holeX: question.pin
	};
}

/**
 * Samples jobs of one question on this thread; deviates are drawn once for all of them.
 *
 * @param question opened
 * @returns finishes in the order of the jobs
 */
export function createLocalSampler(question: Question): (jobs: readonly SampleJob[]) => Finishes[] {
	const { samples, seed } = question.request;
	const deviates = drawDeviates(seed, mostBalls(samples));
	return (jobs) =>
		jobs.map((job) => sampleFinishes(shotOf(question, job), deviates, job.from, job.to));
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
