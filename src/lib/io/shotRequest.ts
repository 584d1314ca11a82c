import type { PlanRequest } from '$lib/core/plan/request';
import type { SurveyedGround } from '$lib/core/plan/situation';
import { clubToCore } from './club';
import { playerToCore } from './player';
import type { WorkingShot } from './shot';
import { situationToCore } from './situation';

/**
 * The planner's question for a shot on the screen.
 *
 * @param survey the ground of its green, where it lies on one
 */
export function shotRequest(
	shot: WorkingShot,
	samples: number,
	seed: number,
	survey?: SurveyedGround
): PlanRequest {
	const bag = shot.bag.map(clubToCore);
	return {
		situation: situationToCore(shot.situation, survey),
		bag,
		player: playerToCore(shot.golfer, bag),
		school: shot.golfer.school,
		samples,
		seed
	};
}
