import { STANDARD_BAG } from '$lib/core/club/standardBag';
import type { PlanRequest } from '$lib/core/plan/question/request';
import type { Situation } from '$lib/core/plan/question/situation';
import { AS_MODELLED } from '$lib/core/player/delivered';
import { PROFILE, type Skill } from '$lib/core/player/player';
import { DEFAULT_TECHNIQUE } from '$lib/core/setup/technique';
import type { Committed, WayRead } from '$lib/core/trainer/shotJudge';
import type { LieAnswer } from '$lib/core/trainer/steps';

/** A choice that suits no shot in particular. */
export const ANY_CHOICE: Committed = {
	lie: 'clean',
	height: 'middle',
	landing: 5,
	ratio: 1,
	club: 'SW',
	swing: 0.8,
	aside: 0
};

/** What somebody commits to who plays it that way. */
export const committedTo = (
	{ height, landing, ratio, club, swing, aside }: WayRead,
	lie: LieAnswer = 'clean'
): Committed => ({ lie, height, landing, ratio, club, swing, aside });

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
