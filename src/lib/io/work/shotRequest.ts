import type { Wanted } from '$lib/core/plan/question/wanted';
import type { PlanRequest } from '$lib/core/plan/question/request';
import type { SurveyedGround } from '$lib/core/plan/question/situation';
import { clubToCore } from './club';
import { playerToCore } from './player';
import type { Playing } from './playing';
import type { WorkingShot } from './shot';
import { situationToCore } from '../fields/situation';
import { NO_PUTT, wantedToCore } from '../fields/wanted';

/**
 * What is asked for: by the shot, else by what its player usually wants. Clubs that are no longer carried ask for nothing.
 *
 * @param offGreen whether the ball lies off the green
 */
export function wantedOf(
	wanted: WorkingShot['wanted'],
	{ golfer, bag }: Playing,
	offGreen: boolean
): Wanted | undefined {
	if (!wanted) return wantedToCore(golfer.noPutt && offGreen ? NO_PUTT : undefined);
	const carried = (ids: readonly string[] | undefined) =>
		ids?.filter((id) => bag.some((club) => club.id === id));
	return wantedToCore({
		...wanted,
		clubs: carried(wanted.clubs),
		without: carried(wanted.without)
	});
}

/**
 * The planner's question for a shot on the screen.
 *
 * @param playing who plays it
 * @param survey the ground of its green, where it lies on one
 */
export function shotRequest(
	shot: Pick<WorkingShot, 'situation' | 'wanted'>,
	playing: Playing,
	samples: number,
	seed: number,
	survey?: SurveyedGround
): PlanRequest {
	const bag = playing.bag.map(clubToCore);
	const wanted = wantedOf(shot.wanted, playing, shot.situation.toEdge > 0);
	return {
		situation: situationToCore(shot.situation, survey),
		bag,
		player: playerToCore(playing.golfer, bag),
		school: playing.golfer.school,
		...(wanted && { wanted }),
		samples,
		seed
	};
}
