import { playKey } from '../core/player/intent';
import type { PlanRequest } from '../core/plan/question/request';
import type { SampleJob, Sampler } from '../core/plan/race/rank';
import type { Finishes } from '../core/plan/race/sample';

/** What decides where the balls of a request go; what is asked for and a school only choose among them. */
function sameBalls(a: PlanRequest, b: PlanRequest): boolean {
	const told = ({ situation, bag, player, samples, seed }: PlanRequest): string => {
		const { survey, ...plain } = situation;
		return JSON.stringify([plain, survey?.placement, survey?.kinds, bag, player, samples, seed]);
	};
	return a.situation.survey?.green === b.situation.survey?.green && told(a) === told(b);
}

const keyOf = ({ play, speed, aim, from, to }: SampleJob): string =>
	`${playKey(play)} ${speed} ${aim} ${from} ${to}`;

/** The balls of the last shot that was asked about: another wish about it plays none of them again. */
export class PlayedBalls {
	#about: PlanRequest | null = null;
	readonly #known = new Map<string, Finishes>();

	/**
	 * A sampler that plays only what has not been played of this shot.
	 *
	 * @param sampler plays the rest
	 */
	of(request: PlanRequest, sampler: Sampler): Sampler {
		if (!this.#about || !sameBalls(this.#about, request)) this.#known.clear();
		this.#about = request;
		const known = this.#known;
		return async (jobs) => {
			const missing = jobs.filter((job) => !known.has(keyOf(job)));
			const played = missing.length > 0 ? await sampler(missing) : [];
			missing.forEach((job, i) => known.set(keyOf(job), played[i]!));
			return jobs.map((job) => known.get(keyOf(job))!);
		};
	}
}
