import type { Club } from '../core/club/club';
import type { FewBall } from '../core/today/fewBalls';
import type { RatioAnswer, RatioQuestion } from '../core/today/ratios';
import type { RuleSearch } from '../core/plan/studies/ownRule';
import type { Pace, RuleShot } from '../core/plan/studies/ruleShot';
import type { SpotStudy } from '../core/plan/studies/spotStudy';
import type { MissExtra } from '../core/lessons/missExtras';
import type { Glance } from '../core/trainer/glances';
import type { GlanceKind } from '../core/trainer/steps';
import type { ShotReading } from '../core/trainer/reading';
import type { Committed } from '../core/trainer/shotJudge';
import type { SchoolId } from '../core/schools/school';
import type { Reach, ReachQuestion } from '../core/lessons/stationBalls';
import type { Metres } from '../core/units';
import type { BallsReading, ChippedBall } from '../core/today/readBalls';
import type { Green } from '../core/green/green';
import type { SurveyReport } from '../core/green/surveyReport';
import type { Plan } from '../core/plan/plan';
import type { FirstAnswer } from '../core/plan/firstAnswer';
import type { LandingRegion } from '../core/plan/studies/landingRegion';
import type { MissCost, MissQuestion } from '../core/plan/studies/whereToMiss';
import type { Point } from '../core/math/polygon';
import type { RollQuestion, RollStudy } from '../core/practice/rollStudy';
import type { Candidate } from '../core/plan/ladder/candidate';
import type { SampleJob, Sampler } from '../core/plan/race/rank';
import type { PlanRequest } from '../core/plan/question/request';
import type { Finishes } from '../core/plan/race/sample';
import type { MeasuringGain } from '../core/plan/studies/worthMeasuring';

/** What every planning worker of the page can be asked. A question is opened once; what follows is about it. */
export interface PlannerWorker {
	/** Makes a request ready; it takes the place of the one that was open. */
	open(request: PlanRequest): void;
	firstAnswer(): FirstAnswer;
	sample(jobs: readonly SampleJob[]): Promise<Finishes[]>;
	/** @param sampler hands jobs to whoever plays them; throws when the plan is no longer wanted */
	plan(sampler: Sampler, progress: (share: number) => void): Promise<Plan>;
	landingRegion(candidate: Candidate): Promise<LandingRegion>;
	surveyReport(green: Green): Promise<SurveyReport>;
	readBalls(balls: readonly ChippedBall[], clubs: readonly Club[]): Promise<BallsReading>;
	/** What each club does today, after what a few balls say. */
	ratios(question: RatioQuestion, balls: readonly FewBall[]): Promise<RatioAnswer>;
	studySpot(spot: Metres): Promise<SpotStudy>;
	ruleShot(request: PlanRequest, pace: Pace, clubs: readonly string[]): Promise<RuleShot>;
	searchRules(
		shots: readonly RuleShot[],
		numbers: readonly number[],
		pace: Metres
	): Promise<RuleSearch>;
	worthMeasuring(request: PlanRequest): Promise<MeasuringGain | null>;
	missExtras(request: PlanRequest): Promise<MissExtra[] | null>;
	judgeReading(
		request: PlanRequest,
		committed: Committed,
		school: SchoolId | 'free'
	): Promise<ShotReading>;
	glance(kind: GlanceKind, request: PlanRequest, seed: number): Promise<Glance>;
	stationReaches(question: ReachQuestion): Promise<Reach[][]>;
	studyRolls(question: RollQuestion): Promise<RollStudy>;
	missCosts(question: MissQuestion, spots: readonly Point[]): Promise<MissCost[]>;
}
