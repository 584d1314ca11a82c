import type { PlanRequest } from '$lib/core/plan/question/request';
import type { SurveyedGround } from '$lib/core/plan/question/situation';
import { clubToCore } from './club';
import { playerToCore } from './player';
import type { Playing } from './playing';
import type { WorkingShot } from './shot';
import { situationToCore } from '../fields/situation';

/**
 * The planner's question for a shot on the screen.
 *
 * @param playing who plays it
 * @param survey the ground of its green, where it lies on one
 */
export function shotRequest(
	shot: Pick<WorkingShot, 'situation'>,
	playing: Playing,
	samples: number,
	seed: number,
	survey?: SurveyedGround
): PlanRequest {
	const bag = playing.bag.map(clubToCore);
	return {
		situation: situationToCore(shot.situation, survey),
		bag,
		player: playerToCore(playing.golfer, bag),
		school: playing.golfer.school,
		samples,
		seed
	};
}
