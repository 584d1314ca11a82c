import type { PlanRequest } from '$lib/core/plan/question/request';
import type { SurveyedGround } from '$lib/core/plan/question/situation';
import type { Playing } from '$lib/io/work/playing';
import type { WorkingShot } from '$lib/io/work/shot';
import { shotRequest } from '$lib/io/work/shotRequest';

const SAMPLES = 800;
const SEED = 20_261;

/** What the planner is asked about a shot on the screen: always with as many balls, and the same ones. */
export const shotQuestion = (
	shot: Pick<WorkingShot, 'situation' | 'wanted'>,
	playing: Playing,
	survey?: SurveyedGround
): PlanRequest => shotRequest(shot, playing, SAMPLES, SEED, survey);
