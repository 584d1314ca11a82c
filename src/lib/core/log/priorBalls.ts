import { dispersionWith, type PlayerProfile } from '../player/player';
import type { Rung } from '../plan/ladder/rung';
import type { Question } from '../plan/question/question';
import { shotOf } from '../plan/race/localSampler';
import { drawDeviates, sampleFinishes } from '../plan/race/sample';
import { REPRESENTATIVES, representatives, type ForecastBall } from './forecast';

/**
 * The balls that stand for what the starting skill alone would have forecast of a swing: the reference that a forecast has to beat.
 *
 * @param question opened
 * @param rung of the question
 * @param profile the skill's starting values
 */
export function priorBalls(
	question: Question,
	rung: Rung,
	profile: PlayerProfile
): ForecastBall[] | null {
	const { play, solution } = rung;
	const shot = {
		...shotOf(question, { play, speed: solution.speed, aim: solution.aim }),
		dispersion: dispersionWith(play.club, { ...profile, swings: {} })
	};
	const deviates = drawDeviates(question.request.seed, REPRESENTATIVES);
	const { x, z, landingX, landingZ } = sampleFinishes(shot, deviates, 0, REPRESENTATIVES);
	const places = (along: Float64Array, across: Float64Array): [number, number][] =>
		Array.from(along, (at, i) => [at, across[i]!]);
	return representatives(places(landingX, landingZ), places(x, z));
}
