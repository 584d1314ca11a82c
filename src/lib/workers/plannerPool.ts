import { proxy, type Remote } from 'comlink';
import type { Club } from '../core/club/club';
import type { FewBall } from '../core/today/fewBalls';
import type { RatioAnswer, RatioQuestion } from '../core/today/ratios';
import type { RuleSearch } from '../core/plan/studies/ownRule';
import type { Pace, RuleShot } from '../core/plan/studies/ruleShot';
import type { SpotStudy } from '../core/plan/studies/spotStudy';
import type { Metres } from '../core/units';
import type { BallsReading, ChippedBall } from '../core/today/readBalls';
import type { Green } from '../core/green/green';
import type { SurveyReport } from '../core/green/surveyReport';
import type { Plan } from '../core/plan/plan';
import type { FirstAnswer } from '../core/plan/firstAnswer';
import type { Point } from '../core/math/polygon';
import type { LandingRegion } from '../core/plan/studies/landingRegion';
import type { Candidate } from '../core/plan/ladder/candidate';
import type { RollQuestion, RollStudy } from '../core/practice/rollStudy';
import type { MissCost, MissQuestion } from '../core/plan/studies/whereToMiss';
import type { SampleJob } from '../core/plan/race/rank';
import type { PlanRequest } from '../core/plan/question/request';
import type { Finishes } from '../core/plan/race/sample';
import type { MeasuringGain } from '../core/plan/studies/worthMeasuring';
import { PlayedBalls } from './playedBalls';
import type { PlannerWorker } from './protocol';
import { WatchedWorker } from './watchedWorker';

const MOST_WORKERS = 4;
/** The longest single piece of work (a fit of 400 readings on a slow phone) is well under this, in ms. */
const PATIENCE = 45_000;

/** A planning worker and the request that it has open. */
class Member extends WatchedWorker<PlannerWorker> {
	#open: PlanRequest | null = null;

	/** Asks about a request; it is sent along only where this worker has another one open. */
	about<T>(request: PlanRequest, ask: (remote: Remote<PlannerWorker>) => Promise<T>): Promise<T> {
		if (request === this.#open) return this.call(ask);
		this.#open = request;
		// Messages keep their order, so that the question is open when what follows arrives; a failed opening fails both.
		return this.call(async (remote) => (await Promise.all([remote.open(request), ask(remote)]))[1]);
	}
}

/** Planning workers of one page: the first leads, all of them play balls. */
export class PlannerPool {
	readonly #start: () => Worker;
	readonly #size: number;
	#members: Member[] = [];
	readonly #played = new PlayedBalls();

	constructor(
		start: () => Worker,
		size = Math.min(MOST_WORKERS, navigator.hardwareConcurrency || 2),
		private readonly patience = PATIENCE
	) {
		this.#start = start;
		this.#size = Math.max(1, size);
	}

	#member(index: number): Member {
		while (this.#members.length <= index) {
			const member = new Member(this.#start, 'The planner', this.patience, () => {
				this.#members = this.#members.filter((other) => other !== member);
			});
			this.#members.push(member);
		}
		return this.#members[index]!;
	}

	/** The deterministic ladder; quick enough to ask for while a finger moves. */
	firstAnswer(request: PlanRequest): Promise<FirstAnswer> {
		return this.#member(0).about(request, (remote) => remote.firstAnswer());
	}

	/** The full plan. Abort the signal to give it up between two blocks of balls. */
	plan(
		request: PlanRequest,
		signal: AbortSignal,
		progress: (share: number) => void
	): Promise<Plan> {
		const sampler = this.#played.of(request, (jobs) => this.#spread(request, jobs, signal));
		return this.#member(0).about(request, (remote) => remote.plan(proxy(sampler), proxy(progress)));
	}

	/** Where a solved shot may land. */
	landingRegion(request: PlanRequest, candidate: Candidate): Promise<LandingRegion> {
		return this.#member(this.#size - 1).about(request, (remote) => remote.landingRegion(candidate));
	}

	/** Balls of one swing. */
	async play(request: PlanRequest, job: SampleJob): Promise<Finishes> {
		const [balls] = await this.#member(0).about(request, (remote) => remote.sample([job]));
		return balls!;
	}

	/** What each club does today, after what a few balls say. */
	ratios(question: RatioQuestion, balls: readonly FewBall[]): Promise<RatioAnswer> {
		return this.#member(0).call((remote) => remote.ratios(question, balls));
	}

	/** What a landing spot needs, and what each way to it does. */
	studySpot(request: PlanRequest, spot: Metres): Promise<SpotStudy> {
		return this.#member(this.#size - 1).about(request, (remote) => remote.studySpot(spot));
	}

	/** Shots played with every club, for rules to be tried on; abort the signal to stop between two. */
	async ruleShots(
		asked: readonly { request: PlanRequest; pace: Pace }[],
		clubs: readonly string[],
		signal: AbortSignal,
		progress: (share: number) => void
	): Promise<RuleShot[]> {
		let done = 0;
		return this.#deal(asked, signal, async (member, { request, pace }) => {
			const shot = await member.call((remote) => remote.ruleShot(request, pace, clubs));
			progress(++done / asked.length);
			return shot;
		});
	}

	/** The rules that lose least on such shots. */
	searchRules(
		shots: readonly RuleShot[],
		numbers: readonly number[],
		pace: Metres
	): Promise<RuleSearch> {
		return this.#member(0).call((remote) => remote.searchRules(shots, numbers, pace));
	}

	/** The surface through a green's readings, and what the readings say of each other. */
	surveyReport(green: Green): Promise<SurveyReport> {
		return this.#member(this.#size - 1).call((remote) => remote.surveyReport(green));
	}

	/** Green speed and firmness from a few chipped balls. */
	readBalls(balls: readonly ChippedBall[], clubs: readonly Club[]): Promise<BallsReading> {
		return this.#member(0).call((remote) => remote.readBalls(balls, clubs));
	}

	/** What balls that were followed to rest say of a player's strike, session by session; abort the signal to stop between two. */
	async studyRolls(
		questions: readonly RollQuestion[],
		signal: AbortSignal,
		progress: (share: number) => void
	): Promise<RollStudy[]> {
		let done = 0;
		return this.#deal(questions, signal, async (member, question) => {
			const study = await member.call((remote) => remote.studyRolls(question));
			progress(++done / questions.length);
			return study;
		});
	}

	/** Expected strokes from many spots; abort the signal to stop between two of them. */
	async whereToMiss(
		question: MissQuestion,
		spots: readonly Point[],
		signal: AbortSignal,
		progress: (share: number) => void
	): Promise<MissCost[]> {
		let done = 0;
		return this.#deal(spots, signal, async (member, spot) => {
			const costs = await member.call((remote) => remote.missCosts(question, [spot]));
			progress(++done / spots.length);
			return costs[0]!;
		});
	}

	/** What is worth measuring for each of several shots; abort the signal to stop between two of them. */
	async worthMeasuring(
		requests: readonly PlanRequest[],
		signal: AbortSignal,
		progress: (share: number) => void
	): Promise<(MeasuringGain | null)[]> {
		let done = 0;
		return this.#deal(requests, signal, async (member, request) => {
			const gain = await member.call((remote) => remote.worthMeasuring(request));
			progress(++done / requests.length);
			return gain;
		});
	}

	/** Asks one worker something that is about no open question. */
	ask<Answer>(asked: (remote: Remote<PlannerWorker>) => Promise<Answer>): Promise<Answer> {
		return this.#member(0).call(asked);
	}

	/** Asks the workers about several things, each about whichever it is free for; abort the signal to stop between two of them. */
	askEach<Item, Answer>(
		items: readonly Item[],
		asked: (remote: Remote<PlannerWorker>, item: Item) => Promise<Answer>,
		signal: AbortSignal,
		progress: (share: number) => void
	): Promise<Answer[]> {
		let done = 0;
		return this.#deal(items, signal, async (member, item) => {
			const answer = await member.call((remote) => asked(remote, item));
			progress(++done / items.length);
			return answer;
		});
	}

	#spread(
		request: PlanRequest,
		jobs: readonly SampleJob[],
		signal: AbortSignal
	): Promise<Finishes[]> {
		return this.#deal(jobs, signal, async (member, job) => {
			const blocks = await member.about(request, (remote) => remote.sample([job]));
			return blocks[0]!;
		});
	}

	/** Deals items to whichever worker is free and puts the answers back in order. */
	async #deal<Item, Answer>(
		items: readonly Item[],
		signal: AbortSignal,
		ask: (member: Member, item: Item) => Promise<Answer>
	): Promise<Answer[]> {
		const answers = new Array<Answer>(items.length);
		let next = 0;
		const work = async (index: number) => {
			while (next < items.length) {
				signal.throwIfAborted();
				const at = next++;
				answers[at] = await ask(this.#member(index), items[at]!);
			}
		};
		await Promise.all(Array.from({ length: this.#size }, (_, i) => work(i)));
		return answers;
	}

	close(): void {
		for (const member of this.#members) member.terminate();
		this.#members = [];
	}
}

/** Starts a planning worker of this page. */
export const startPlanner = (): Worker =>
	new Worker(new URL('./planner.worker.ts', import.meta.url), { type: 'module' });
