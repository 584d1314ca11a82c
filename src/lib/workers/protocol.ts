import type { Club } from '../core/club/club';
import type { BallsReading, ChippedBall } from '../core/today/ballsTest';
import type { Green } from '../core/green/green';
import type { SurveyReport } from '../core/green/surveyReport';
import type { FirstAnswer, Plan } from '../core/plan/plan';
import type { LandingRegion } from '../core/plan/landingRegion';
import type { MissCost, MissQuestion } from '../core/plan/whereToMiss';
import type { Point } from '../core/math/polygon';
import type { Rung } from '../core/plan/ladder';
import type { SampleJob } from '../core/plan/rank';
import type { PlanRequest } from '../core/plan/request';
import type { Finishes } from '../core/plan/sample';

/** Hands jobs to whoever plays them; throws when the plan is no longer wanted. */
export type PlanSampler = (jobs: readonly SampleJob[]) => Promise<Finishes[]>;

/** What every planning worker of the page can be asked. */
export interface PlannerWorker {
	firstAnswer(request: PlanRequest): FirstAnswer;
	sample(request: PlanRequest, jobs: readonly SampleJob[]): Finishes[];
	plan(
		request: PlanRequest,
		sampler: PlanSampler,
		progress: (share: number) => void
	): Promise<Plan>;
	landingRegion(request: PlanRequest, rung: Rung): LandingRegion;
	surveyReport(green: Green): SurveyReport;
	readBalls(balls: readonly ChippedBall[], clubs: readonly Club[]): BallsReading;
	missCosts(question: MissQuestion, spots: readonly Point[]): MissCost[];
}
