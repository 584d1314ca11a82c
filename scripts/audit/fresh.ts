import type { PlanOption } from '../../src/lib/core/plan/plan';
import { drawDeviates, sampleFinishes } from '../../src/lib/core/plan/race/sample';
import { statisticsOf, type ShotStatistics } from '../../src/lib/core/plan/race/statistics';
import { dispersionWith } from '../../src/lib/core/player/player';
import type { Answer } from './answer';

const BALLS = 3000;
const DEVIATES = drawDeviates(977_231, BALLS);

/** What an option does with balls that the plan has never seen. */
export function onFreshBalls({ question }: Answer, { rung }: PlanOption): ShotStatistics {
	const { play, solution } = rung;
	const { player } = question.request;
	const shot = {
		intent: question.intent(play),
		speed: solution.speed,
		aim: solution.aim,
		dispersion: dispersionWith(play.club, player),
		costs: player.costs,
		scene: question.played,
		holeX: question.pin
	};
	return statisticsOf(sampleFinishes(shot, DEVIATES, 0, BALLS), question.pin);
}
