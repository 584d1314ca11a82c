import { expose } from 'comlink';
import { Follower } from '../core/plan/follower';
import type { FirstAnswer } from '../core/plan/firstAnswer';
import { Question } from '../core/plan/question/question';
import type { SampleJob } from '../core/plan/race/race';
import type { Finishes } from '../core/plan/race/sample';
import type { PlannerWorker } from './protocol';

let opened: Question | null = null;
let sampler: ((jobs: readonly SampleJob[]) => Finishes[]) | null = null;

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
	// The first answer does not wait for what plays balls, ranks and explains.
	sample: async (jobs) => {
		const asked = question();
		const { createLocalSampler } = await import('../core/plan/race/localSampler');
		if (asked !== opened) return createLocalSampler(asked)(jobs);
		return (sampler ??= createLocalSampler(asked))(jobs);
	},
	plan: async (deal, progress) => {
		const asked = question();
		const { plan } = await import('../core/plan/plan');
		return plan(asked, deal, progress);
	},
	// Wanted now and then: what these need comes with them.
	landingRegion: async (rung) => {
		const asked = question();
		return (await import('../core/plan/studies/landingRegion')).landingRegion(asked, rung);
	},
	ratios: async (asked, balls) =>
		(await import('../core/today/fewBalls')).ratiosAfter(asked, balls),
	studySpot: async (spot) => {
		const asked = question();
		return (await import('../core/plan/studies/spotStudy')).studySpot(asked, spot);
	},
	ruleShot: async (request, pace, clubs) =>
		(await import('../core/plan/studies/ruleShot')).ruleShot(new Question(request), pace, clubs),
	searchRules: async (shots, numbers, pace) =>
		(await import('../core/plan/studies/ownRule')).searchRules(shots, numbers, pace),
	worthMeasuring: async (request) =>
		(await import('../core/plan/studies/worthMeasuring')).worthMeasuring(request),
	missExtras: async (request) => (await import('../core/lessons/missExtras')).missExtras(request),
	surveyReport: async (green) => (await import('../core/green/surveyReport')).surveyReport(green),
	readBalls: async (balls, clubs) =>
		(await import('../core/today/readBalls')).readBalls(balls, clubs),
	studyRolls: async (question) => (await import('../core/practice/rollStudy')).studyRolls(question),
	missCosts: async (asked, spots) => {
		const { missCost } = await import('../core/plan/studies/whereToMiss');
		return spots.map((spot) => missCost(asked, spot));
	}
};

expose(worker);
