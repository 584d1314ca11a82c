import { expose } from 'comlink';
import { createLocalSampler } from '../core/plan/race/localSampler';
import { Follower } from '../core/plan/follower';
import { plan, type FirstAnswer } from '../core/plan/plan';
import { landingRegion } from '../core/plan/studies/landingRegion';
import { Question } from '../core/plan/question/question';
import { missCost } from '../core/plan/studies/whereToMiss';
import { worthMeasuring } from '../core/plan/studies/worthMeasuring';
import type { PlannerWorker } from './protocol';

let opened: Question | null = null;
let sampler: ReturnType<typeof createLocalSampler> | null = null;

const follower = new Follower();

function question(): Question {
	if (!opened) throw new Error('no question is open');
	return opened;
}

/** Nobody draws the paths of what is out: they stay here, since points cost more to send than to compute. */
function lightened({ ladder, details }: FirstAnswer): FirstAnswer {
	const rejected = ladder.rejected.map((out) =>
		out.rung ? { ...out, rung: { ...out.rung, path: [] } } : out
	);
	return { ladder: { ...ladder, rejected }, details };
}

const worker: PlannerWorker = {
	open(request) {
		opened = new Question(request);
		sampler = null;
	},
	firstAnswer: () => lightened(follower.answer(question())),
	sample: (jobs) => (sampler ??= createLocalSampler(question()))(jobs),
	plan: (deal, progress) => plan(question(), deal, progress),
	landingRegion: (rung) => landingRegion(question(), rung),
	worthMeasuring,
	// Wanted now and then: what these need comes with them.
	surveyReport: async (green) => (await import('../core/green/surveyReport')).surveyReport(green),
	readBalls: async (balls, clubs) =>
		(await import('../core/today/readBalls')).readBalls(balls, clubs),
	studyRolls: async (question) => (await import('../core/practice/rollStudy')).studyRolls(question),
	missCosts: (asked, spots) => spots.map((spot) => missCost(asked, spot))
};

expose(worker);
