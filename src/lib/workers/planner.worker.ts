import { expose } from 'comlink';
import { Follower } from '../core/plan/follower';
import type { FirstAnswer } from '../core/plan/firstAnswer';
import { Question } from '../core/plan/question/question';
import type { SampleJob } from '../core/plan/race/race';
import type { Finishes } from '../core/plan/race/sample';
import type { PlannerWorker } from './protocol';

/** What is wanted now and then comes together, when the first of it is. */
const studies = () => import('./studies');

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
		out.candidate ? { ...out, candidate: { ...out.candidate, path: [] } } : out
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
	landingRegion: async (candidate) => {
		const asked = question();
		return (await studies()).landingRegion(asked, candidate);
	},
	ratios: async (asked, balls) => (await studies()).ratiosAfter(asked, balls),
	studySpot: async (spot) => {
		const asked = question();
		return (await studies()).studySpot(asked, spot);
	},
	ruleShot: async (request, pace, clubs) =>
		(await studies()).ruleShot(new Question(request), pace, clubs),
	searchRules: async (shots, numbers, pace) => (await studies()).searchRules(shots, numbers, pace),
	worthMeasuring: async (request) => (await studies()).worthMeasuring(request),
	missExtras: async (request) => (await studies()).missExtras(request),
	judgeReading: async (request, committed, school) =>
		(await studies()).judgeReading(request, committed, school),
	glance: async (kind, request, seed) => (await studies()).glanceOf(kind, request, seed),
	stationReaches: async (question) => (await studies()).stationReaches(question),
	surveyReport: async (green) => (await studies()).surveyReport(green),
	readBalls: async (balls, clubs) => (await studies()).readBalls(balls, clubs),
	studyRolls: async (question) => (await studies()).studyRolls(question),
	missCosts: async (asked, spots) => {
		const { missCost } = await studies();
		return spots.map((spot) => missCost(asked, spot));
	}
};

expose(worker);
