import type { FirstAnswer, Plan } from '$lib/core/plan/plan';
import type { LandingRegion } from '$lib/core/plan/landingRegion';
import type { RejectedPlay, Rung } from '$lib/core/plan/ladder';
import type { LineOfPlay } from '$lib/core/green/lineOfPlay';
import { contentKey } from '$lib/core/math/contentKey';
import type { Situation } from '$lib/core/plan/situation';
import { STANDARD_BAG_WIRE } from '$lib/io/contract/club';
import { situationToCore } from '$lib/io/contract/situation';
import { firstPlace, readToday, type Placed } from '$lib/io/placedShot';
import { workingShotSchema, type Place, type SavedShot, type WorkingShot } from '$lib/io/savedShot';
import { shotRequest } from '$lib/io/shotRequest';
import type { GreenBook } from '$lib/store/greens';
import { writeLastShot } from '$lib/store/settings';
import { PlannerPool, startPlanner } from '$lib/workers/plannerPool';
import { choicesOfLadder, choicesOfPlan, type Choice } from './choices';
import { Draft } from './draft.svelte';
import { MapReader, surveyOf } from './mapReader';
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
	/** The saved shot this came from. */
	id = $state<string | null>(null);
	name = $state('');
	first = $state.raw<FirstAnswer | null>(null);
	plan = $state.raw<Plan | null>(null);
	status = $state<BenchStatus>('idle');
	progress = $state(0);
	failure = $state('');
	chosenKey = $state<string | null>(null);
	/** Where the chosen shot may land, once worked out. */
	region = $state.raw<LandingRegion | null>(null);
	/** Every surveyed green of this browser. */
	greens = $state.raw<GreenBook[]>([]);

	readonly #pool: PlannerPool;
	readonly #draft = new Draft<WorkingShot>(freshShot(), () => this.#changed());
	readonly #map = new MapReader(() => this.greens);
	#opened = false;
	#regionOf: Rung | null = null;
	#solving = false;
	#dirtyAt = 0;
	#abort: AbortController | null = null;
	#rest: ReturnType<typeof setTimeout> | undefined;
	#keep: ReturnType<typeof setTimeout> | undefined;

	constructor(pool: PlannerPool = new PlannerPool(startPlanner)) {
		this.#pool = pool;
	}

	get shot(): WorkingShot {
		return this.#draft.value;
	}

	get canUndo(): boolean {
		return this.#draft.canUndo;
	}

	get canRedo(): boolean {
		return this.#draft.canRedo;
	}

	/** The green that the shot lies on; null for a line without a map. */
	readonly book: GreenBook | null = $derived(this.#map.bookOf(this.shot.place));

	/** Ground under a placed shot, or why there is no line on it; null for a line without a map. */
	readonly placed: Placed | null = $derived(this.#map.placedOf($state.snapshot(this.shot).place));

	/** The line on the map, where there is one. */
	readonly line: LineOfPlay | null = $derived(
		this.placed?.problem === null ? this.placed.line : null
	);

	/** What is drawn and planned on. */
	readonly situation: Situation = $derived(
		situationToCore($state.snapshot(this.shot.situation), surveyOf(this.placed))
	);

	/** What is wrong with the shot as it stands. */
	readonly problems = $derived([
		...problemsOf($state.snapshot(this.shot)),
		...(this.placed?.problem ? [{ path: 'The map:', message: this.placed.problem }] : [])
	]);

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
		this.#draft.change(change);
	}

	/** Everything between `startDrag` and `endDrag` is one step. */
	startDrag(): void {
		this.#draft.startDrag();
	}

	endDrag(): void {
		this.#draft.endDrag();
	}

	undo(): void {
		this.#draft.undo();
	}

	redo(): void {
		this.#draft.redo();
	}

	/** Puts another shot on the bench; what was there can be had back with undo. */
	open(saved: Pick<SavedShot, 'shot'> & { id: string | null; name: string }): void {
		const shot = structuredClone(saved.shot);
		this.#map.readInto(shot, shot.place);
		this.id = saved.id;
		this.name = saved.name;
		this.chosenKey = null;
		if (this.#opened) this.#draft.replace(shot);
		else {
			this.#draft.value = shot;
			this.#changed();
		}
		this.#opened = true;
	}

	/** Takes note of the greens and their readings; a shot that lies on one is read off its map again when that has changed. */
	knowGreens(greens: GreenBook[]): void {
		const before = surveyOf(this.placed)?.green;
		this.greens = greens;
		const now = surveyOf(this.placed)?.green;
		if (contentKey(before ?? null) === contentKey(now ?? null)) return;
		this.#map.readInto(this.shot, this.shot.place);
		this.#changed();
	}

	/** Moves ball or pin on the map; the line is read anew. */
	moveTo(place: Place): void {
		this.change((shot) => {
			const before = $state.snapshot(shot.place);
			shot.place = place;
			this.#map.readInto(shot, before);
		});
	}

	/** Puts the shot on a green, with today's reading of it. */
	placeOnGreen(book: GreenBook, pin?: Place['pin']): void {
		this.change((shot) => {
			shot.place = firstPlace(book.green, pin);
			this.#map.readInto(shot, undefined);
			const placed = this.#map.placedOf(shot.place);
			const reading = book.readings[0];
			if (placed?.problem === null && reading) readToday(shot.situation, placed.line, reading);
		});
	}

	/** Leaves the map; what was read off it stays as a straight line of segments. */
	leaveGreen(): void {
		this.change((shot) => delete shot.place);
	}

	/** Works out where a sampled choice may land. */
	async mapLanding(choice: Choice): Promise<void> {
		if (choice.rung === this.#regionOf) return;
		this.#regionOf = choice.rung;
		this.region = null;
		if (choice.rung.play.flight === 'putt') return;
		try {
			const region = await this.#pool.landingRegion(this.#request(), $state.snapshot(choice.rung));
			if (this.#regionOf === choice.rung) this.region = region;
		} catch (error) {
			this.#fail(error);
		}
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

	#changed(): void {
		this.#regionOf = this.region = null;
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
		return shotRequest($state.snapshot(this.shot), SAMPLES, SEED, surveyOf(this.placed));
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
