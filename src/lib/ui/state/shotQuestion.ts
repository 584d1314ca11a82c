import type { PlanRequest } from '$lib/core/plan/request';
import type { SurveyedGround } from '$lib/core/plan/situation';
import type { Playing } from '$lib/io/playing';
import type { WorkingShot } from '$lib/io/shot';
import { shotRequest } from '$lib/io/shotRequest';

const SAMPLES = 800;
const SEED = 20_261;

/** What the planner is asked about a shot on the screen: always with as many balls, and the same ones. */
export const shotQuestion = (
	shot: Pick<WorkingShot, 'situation'>,
	playing: Playing,
	survey?: SurveyedGround
): PlanRequest => shotRequest(shot, playing, SAMPLES, SEED, survey);
