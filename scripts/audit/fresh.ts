import type { PlanOption } from '../../src/lib/core/plan/plan';
import { shotOf } from '../../src/lib/core/plan/race/localSampler';
import { drawDeviates, sampleFinishes } from '../../src/lib/core/plan/race/sample';
import { statisticsOf, type ShotStatistics } from '../../src/lib/core/plan/race/statistics';
import type { Answer } from './answer';

const BALLS = 3000;
const DEVIATES = drawDeviates(977_231, BALLS);

/** What an option does with balls that the plan has never seen. */
export function onFreshBalls({ question }: Answer, { candidate }: PlanOption): ShotStatistics {
	const { speed, aim } = candidate.solution;
	const shot = shotOf(question, { play: candidate.play, speed, aim });
	return statisticsOf(sampleFinishes(shot, DEVIATES, 0, BALLS), question.pin);
}
