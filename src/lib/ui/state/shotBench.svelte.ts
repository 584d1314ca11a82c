import type { FirstAnswer, Plan } from '$lib/core/plan/plan';
import type { RejectedPlay } from '$lib/core/plan/ladder';
import { shotRequest } from '$lib/io/shotRequest';
import { workingShotSchema, type SavedShot, type WorkingShot } from '$lib/io/savedShot';
import { STANDARD_BAG_WIRE } from '$lib/io/contract/club';
import { writeLastShot } from '$lib/store/settings';
import { PlannerPool, startPlanner } from '$lib/workers/plannerPool';
import { choicesOfLadder, choicesOfPlan, type Choice } from './choices';
import { History } from './history';
import { problemsOf } from './shotProblems';

const SAMPLES = 800;
const SEED = 20_261;
/** The full plan starts when the hand has rested this long, in ms. */
const REST = 160;
const KEEP_AFTER = 400;

export type BenchStatus = 'idle' | 'solving' | 'sampling' | 'ready' | 'stopped' | 'failed';

export const freshShot = (): WorkingShot =>
	workingShotSchema.parse({
		situation: { toEdge: 3, edgeToPin: 9, stimpFeet: 10 },
		bag: STANDARD_BAG_WIRE
	});

/** The shot under work: what is asked, what is answered, what was chosen, and what undoes it. */
export class ShotBench {
	shot = $state<WorkingShot>(freshShot());
	/** The saved shot this came from. */
	id = $state<string | null>(null);
	name = $state('');
	first = $state.raw<FirstAnswer | null>(null);
	plan = $state.raw<Plan | null>(null);
	status = $state<BenchStatus>('idle');
	progress = $state(0);
	failure = $state('');
	chosenKey = $state<string | null>(null);
	canUndo = $state(false);
	canRedo = $state(false);

	readonly #pool: PlannerPool;
	readonly #history = new History<WorkingShot>();
	#dragStart: WorkingShot | null = null;
	#solving = false;
	#dirtyAt = 0;
	#abort: AbortController | null = null;
	#rest: ReturnType<typeof setTimeout> | undefined;
	#keep: ReturnType<typeof setTimeout> | undefined;

	constructor(pool: PlannerPool = new PlannerPool(startPlanner)) {
		this.#pool = pool;
	}

	/** What is wrong with the shot as it stands. */
	readonly problems = $derived(problemsOf($state.snapshot(this.shot)));

	/** Every playable way, best first once sampled, least air first before. */
	readonly choices = $derived(this.plan ? choicesOfPlan(this.plan) : choicesOfLadder(this.first));

	readonly rejected: RejectedPlay[] = $derived(
		this.plan?.rejected ?? this.first?.ladder.rejected ?? []
	);

	readonly chosen: Choice | null = $derived(
		this.choices.find((choice) => choice.key === this.chosenKey) ?? this.choices[0] ?? null
	);

	choose(key: string | null): void {
		this.chosenKey = key;
	}

	/** Chooses the way that lands nearest to a station along the line. */
	chooseByLanding(x: number): void {
		const { choices } = this;
		if (choices.length === 0) return;
		const nearest = choices.reduce((a, b) =>
			Math.abs(b.rung.solution.outcome.landingX - x) <
			Math.abs(a.rung.solution.outcome.landingX - x)
				? b
				: a
		);
		this.chosenKey = nearest.key;
	}

	/** Changes the shot as one step that can be undone. */
	change(change: (shot: WorkingShot) => void): void {
		if (!this.#dragStart) this.#remember($state.snapshot(this.shot));
		change(this.shot);
		this.#changed();
	}

	/** Everything between `startDrag` and `endDrag` is one step. */
	startDrag(): void {
		this.#dragStart ??= $state.snapshot(this.shot);
	}

	endDrag(): void {
		if (this.#dragStart) this.#remember(this.#dragStart);
		this.#dragStart = null;
	}

	undo(): void {
		this.#travel(this.#history.undo($state.snapshot(this.shot)));
	}

	redo(): void {
		this.#travel(this.#history.redo($state.snapshot(this.shot)));
	}

	/** Puts another shot on the bench; what was there can be had back with undo. */
	open(saved: Pick<SavedShot, 'shot'> & { id: string | null; name: string }): void {
		this.#remember($state.snapshot(this.shot));
		this.shot = structuredClone(saved.shot);
		this.id = saved.id;
		this.name = saved.name;
		this.chosenKey = null;
		this.#changed();
	}

	/** Gives up the sampling under way and keeps the first answer. */
	cancel(): void {
		clearTimeout(this.#rest);
		this.#abort?.abort();
		this.status = 'stopped';
	}

	/** Asks again. */
	refresh(): void {
		this.#changed();
	}

	close(): void {
		clearTimeout(this.#rest);
		clearTimeout(this.#keep);
		this.#abort?.abort();
		this.#pool.close();
	}

	#remember(before: WorkingShot): void {
		this.#history.remember(before);
		this.#syncHistory();
	}

	#travel(to: WorkingShot | undefined): void {
		if (!to) return;
		this.shot = to;
		this.#syncHistory();
		this.#changed();
	}

	#syncHistory(): void {
		this.canUndo = this.#history.canUndo;
		this.canRedo = this.#history.canRedo;
	}

	#changed(): void {
		this.#abort?.abort();
		clearTimeout(this.#rest);
		clearTimeout(this.#keep);
		this.#keep = setTimeout(() => this.#store(), KEEP_AFTER);
		this.#dirtyAt ||= performance.now();
		if (this.problems.length > 0) {
			this.status = 'idle';
			return;
		}
		this.status = 'solving';
		if (!this.#solving) void this.#solve();
	}

	#store(): void {
		if (this.problems.length === 0)
			void writeLastShot({ shot: $state.snapshot(this.shot), id: this.id });
	}

	#request() {
		return shotRequest($state.snapshot(this.shot), SAMPLES, SEED);
	}

	/** One first answer at a time; what changed meanwhile is answered next. */
	async #solve(): Promise<void> {
		this.#solving = true;
		try {
			while (this.#dirtyAt > 0 && this.problems.length === 0) {
				const since = this.#dirtyAt;
				this.#dirtyAt = 0;
				this.first = await this.#pool.firstAnswer(this.#request());
				this.plan = null;
				// From the change to its ladder: shows in the browser's performance panel.
				performance.measure('ladder', { start: since });
			}
			this.#rest = setTimeout(() => void this.#sample(), REST);
		} catch (error) {
			this.#fail(error);
		} finally {
			this.#solving = false;
		}
	}

	async #sample(): Promise<void> {
		const abort = new AbortController();
		this.#abort = abort;
		this.status = 'sampling';
		this.progress = 0;
		try {
			const plan = await this.#pool.plan(this.#request(), abort.signal, (share) => {
				if (!abort.signal.aborted) this.progress = share;
			});
			if (abort.signal.aborted) return;
			this.plan = plan;
			this.status = 'ready';
		} catch (error) {
			if (!abort.signal.aborted) this.#fail(error);
		}
	}

	#fail(error: unknown): void {
		this.status = 'failed';
		this.failure = error instanceof Error ? error.message : String(error);
	}
}
