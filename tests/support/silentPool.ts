import type { PlannerPool } from '$lib/workers/plannerPool';

/** A pool that never answers: for what is about the question only. */
export function silentPool(): PlannerPool {
	const never = () => new Promise<never>(() => {});
	const pool: Partial<PlannerPool> = {
		firstAnswer: never,
		plan: never,
		landingRegion: never,
		surveyReport: never,
		readBalls: never,
		whereToMiss: never,
		close: () => {}
	};
	return pool as PlannerPool;
}
