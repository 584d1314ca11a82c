import { DISPERSION } from '$lib/core/player/player';
import type { PlanRequest } from '$lib/core/plan/request';
import { clubToCore } from './contract/club';
import { situationToCore } from './contract/situation';
import type { WorkingShot } from './savedShot';

/** The planner's question for a shot on the screen. */
export function shotRequest(shot: WorkingShot, samples: number, seed: number): PlanRequest {
	const { skill, hand, school, vocabulary, technique } = shot.golfer;
	return {
		situation: situationToCore(shot.situation),
		bag: shot.bag.map(clubToCore),
		player: { skill, hand, dispersion: DISPERSION[skill], technique, vocabulary, swings: [] },
		school,
		samples,
		seed
	};
}
