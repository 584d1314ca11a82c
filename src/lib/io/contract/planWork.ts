import { candidates } from '$lib/core/plan/ladder/candidates';
import { ballsOf } from '$lib/core/plan/race/rank';
import type { PlanRequest } from '$lib/core/plan/question/request';

/** Balls that a request may have played before it is refused as too much work. */
const MOST_WORK = 300_000;
/** A request of no more work than this is small: it does not wait behind large ones. */
const SMALL_WORK = 40_000;

/** How much longer a ball takes on this ground than on a level one (measured, rounded up). */
function groundFactor({ situation }: PlanRequest): number {
	if (situation.survey) return 3;
	const { air, segments } = situation;
	const windy = air.windAlong !== 0 || air.windAcross !== 0;
	const sloping = segments.length > 1 || segments.some(({ slopeAcross }) => slopeAcross !== 0);
	return (windy ? 1.5 : 1) * (sloping ? 1.5 : 1);
}

/** What a request costs, in balls on level ground. */
export function workOf(request: PlanRequest): number {
	const plays = candidates(request.bag, request.situation).length;
	const twice = request.school === 'free' && !request.wanted ? 1 : 2;
	return Math.round(twice * groundFactor(request) * ballsOf(plays, request.samples));
}

/** Why a request is too much work and what to lower, or null. */
export function tooMuchWork(request: PlanRequest): string | null {
	const work = workOf(request);
	if (work <= MOST_WORK) return null;
	const share = MOST_WORK / work;
	return `${request.samples} samples for these clubs on this ground are about ${Math.ceil(1 / share)} times the work this server gives one request; ask for ${Math.max(20, Math.floor(request.samples * share * 0.8))} samples or fewer, or for fewer clubs`;
}

/** Whether a request is small enough not to wait behind large ones. */
export const isSmall = (request: PlanRequest): boolean => workOf(request) <= SMALL_WORK;
