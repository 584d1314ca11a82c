import { STANDARD_BAG } from '$lib/core/club/standardBag';
import type { PlanRequest } from '$lib/core/plan/question/request';
import type { Situation } from '$lib/core/plan/question/situation';
import { AS_MODELLED } from '$lib/core/player/delivered';
import { PROFILE, type Skill } from '$lib/core/player/player';
import { DEFAULT_TECHNIQUE } from '$lib/core/setup/technique';

/** What a trainer asks of a situation: no putter, nothing measured. */
export const requestOf = (
	situation: Situation,
	seed: number,
	skill: Skill = 'middle'
): PlanRequest => ({
	situation,
	bag: STANDARD_BAG.filter(({ putter }) => !putter),
	player: {
		...PROFILE[skill],
		hand: 'right',
		technique: DEFAULT_TECHNIQUE,
		vocabulary: 'clock',
		swings: {},
		delivered: AS_MODELLED
	},
	school: 'free',
	samples: 60,
	seed
});
