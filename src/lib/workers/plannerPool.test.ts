import { describe, expect, it, vi } from 'vitest';
import { Crash, LocalWorker, planningWorker } from '../../../tests/support/localWorker';
import { request } from '../../../tests/support/scenes';
import { plan } from '../core/plan/plan';
import { localSampler } from '../core/plan/race/localSampler';
import { Question } from '../core/plan/question/question';
import type { PlannerWorker } from './protocol';
import { PlannerPool } from './plannerPool';

vi.stubGlobal('ErrorEvent', Crash);

/** Counts how often a question was opened. */
let opened = 0;
const answers = planningWorker(() => opened++);

function pool(size: number, worker: Partial<PlannerWorker> = answers, patience?: number) {
	const workers: LocalWorker[] = [];
	const made = new PlannerPool(
		() => {
			const started = new LocalWorker(worker);
			workers.push(started);
			return started as unknown as Worker;
		},
		size,
		patience
	);
	return { pool: made, workers };
}

const question = request({ toEdge: 3, edgeToPin: 9, fringe: 'grainy' }, {}, { samples: 60 });
const never = new AbortController().signal;

describe('PlannerPool', () => {
	it('answers like this thread does, however many workers share the balls', async () => {
		const alone = await plan(new Question(question), localSampler(new Question(question)));
		for (const size of [1, 3]) {
			const { pool: planners } = pool(size);
			const shares: number[] = [];
			const shared = await planners.plan(question, never, (share) => shares.push(share));
			expect(shared.options.map(({ statistics }) => statistics)).toEqual(
				alone.options.map(({ statistics }) => statistics)
			);
			expect(shares.at(-1)).toBe(1);
			planners.close();
		}
	});

	it('opens a question once in each worker, however many balls are asked of it', async () => {
		const { pool: planners } = pool(2);
		opened = 0;
		await planners.plan(question, never, () => {});
		expect(opened).toBe(2);
		await planners.firstAnswer(question);
		expect(opened).toBe(2);
		await planners.firstAnswer({ ...question });
		expect(opened).toBe(3);
		planners.close();
	});

	it('plays no ball again for another wish about the same shot, and all of them for another shot', async () => {
		let balls = 0;
		const { pool: planners } = pool(2, {
			...answers,
			sample: (jobs) => {
				balls += jobs.reduce((sum, { from, to }) => sum + to - from, 0);
				return answers.sample!(jobs);
			}
		});
		const played = async (asked: typeof question) => {
			balls = 0;
			await planners.plan(asked, never, () => {});
			return balls;
		};
		const first = await played(question);
		expect(first).toBeGreaterThan(0);
		const wanted = {
			kinds: ['chip' as const],
			clubs: [],
			without: [],
			apexAtMost: null,
			apexAtLeast: null
		};
		expect(await played({ ...question, wanted })).toBeLessThan(0.3 * first);
		expect(await played({ ...question })).toBe(0);
		expect(await played({ ...question, seed: 2 })).toBeGreaterThan(0.5 * first);
		const farther = { ...question.situation, toEdge: question.situation.toEdge + 1 };
		expect(await played({ ...question, situation: farther })).toBeGreaterThan(0.5 * first);
		planners.close();
	});

	it('says why a question cannot be opened', async () => {
		const { pool: planners } = pool(1);
		await expect(planners.firstAnswer({ ...question, bag: [] })).rejects.toThrow(
			'the bag is empty'
		);
		planners.close();
	});

	it('gives the first ladder and where its shots may land', async () => {
		const { pool: planners } = pool(1);
		const { ladder } = await planners.firstAnswer(question);
		expect(ladder.candidates.length).toBeGreaterThan(5);
		const region = await planners.landingRegion(question, ladder.candidates.at(-1)!);
		expect(region.leave.length).toBe(region.columns * region.rows);
		planners.close();
	});

	it('gives a plan up when it is aborted', async () => {
		const { pool: planners } = pool(2);
		const abort = new AbortController();
		const running = planners.plan(question, abort.signal, () => abort.abort());
		await expect(running).rejects.toThrow();
		planners.close();
	});

	it('rejects what is pending when a worker crashes, and starts a new one for the next question', async () => {
		const { pool: planners, workers } = pool(1, {
			...answers,
			firstAnswer: () => new Promise(() => {}) as never
		});
		const pending = planners.firstAnswer(question);
		workers[0]!.crash();
		await expect(pending).rejects.toThrow('The planner stopped: out of memory');
		expect(workers[0]!.terminated).toBe(true);
		void planners.firstAnswer(question).catch(() => {});
		expect(workers).toHaveLength(2);
		planners.close();
	});

	it('deals spots to whoever is free and puts the answers in order', async () => {
		const { pool: planners } = pool(2, {
			missCosts: (_, spots) =>
				Promise.resolve(spots.map((spot) => ({ spot, strokes: spot[0], play: null })))
		});
		const spots = Array.from({ length: 9 }, (_, i) => [i, -i] as const);
		const seen: number[] = [];
		const costs = await planners.whereToMiss({} as never, spots, never, (share) =>
			seen.push(share)
		);
		expect(costs.map(({ strokes }) => strokes)).toEqual([0, 1, 2, 3, 4, 5, 6, 7, 8]);
		expect(seen).toHaveLength(9);
		expect(Math.max(...seen)).toBe(1);
		planners.close();
	});
});

describe('a worker that falls silent', () => {
	const silent: Partial<PlannerWorker> = {
		open: () => {},
		firstAnswer: () => new Promise(() => {}) as never
	};

	it('fails what it was asked, is ended, and another takes its place', async () => {
		const { pool: made, workers } = pool(1, silent, 150);
		await expect(made.firstAnswer(question)).rejects.toThrow('fell silent');
		expect(workers[0]!.terminated).toBe(true);
		await expect(made.firstAnswer(question)).rejects.toThrow('fell silent');
		expect(workers).toHaveLength(2);
		made.close();
	});

	it('is not one that is asked nothing', async () => {
		vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout'] });
		try {
			const { pool: made, workers } = pool(1, answers, 400);
			await made.firstAnswer(question);
			expect(vi.getTimerCount()).toBe(0);
			vi.advanceTimersByTime(60_000);
			expect(workers[0]!.terminated).toBe(false);
			await made.firstAnswer(question);
			expect(workers).toHaveLength(1);
			made.close();
		} finally {
			vi.useRealTimers();
		}
	});
});
