import { DISPERSION, type Dispersion, type Skill } from '$lib/core/player/player';
import { CENTIMETRE, degrees, fromPercent, radians, toPercent } from '$lib/core/units';
import type { PlanRequest } from '$lib/core/plan/request';
import type { SurveyedGround } from '$lib/core/plan/situation';
import { clubToCore } from './contract/club';
import { situationToCore } from './contract/situation';
import type { Golfer, OwnSpread, WorkingShot } from './savedShot';

/** The player's own spread where it is known, else the skill's. */
export function dispersionOf({ skill, spread }: Golfer): Dispersion {
	if (!spread) return DISPERSION[skill];
	return {
		speed: fromPercent(spread.speed),
		direction: radians(spread.direction),
		loft: radians(spread.loft),
		lowPoint: spread.lowPoint * CENTIMETRE
	};
}

/** A skill's numbers in the units they are typed in. */
export function spreadOf(skill: Skill): OwnSpread {
	const { speed, direction, loft, lowPoint } = DISPERSION[skill];
	const tenth = (value: number) => Math.round(value * 10) / 10;
	return {
		speed: tenth(toPercent(speed)),
		direction: tenth(degrees(direction)),
		loft: tenth(degrees(loft)),
		lowPoint: tenth(lowPoint / CENTIMETRE)
	};
}

/** The planner's question for a shot on the screen; `survey` is the ground of its green, where it lies on one. */
export function shotRequest(
	shot: WorkingShot,
	samples: number,
	seed: number,
	survey?: SurveyedGround
): PlanRequest {
	const { skill, hand, school, vocabulary, technique } = shot.golfer;
	return {
		situation: situationToCore(shot.situation, survey),
		bag: shot.bag.map(clubToCore),
		player: {
			skill,
			hand,
			dispersion: dispersionOf(shot.golfer),
			technique,
			vocabulary,
			swings: []
		},
		school,
		samples,
		seed
	};
}
