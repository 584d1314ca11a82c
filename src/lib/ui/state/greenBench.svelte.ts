import type { SurveyReport } from '$lib/core/green/surveyReport';
import { contentKey } from '$lib/core/math/contentKey';
import { issuesOf } from '$lib/io/contract/issues';
import { greenSchema, greenToCore, type GreenWire } from '$lib/io/green';
import { saveGreen } from '$lib/store/greens';
import { PlannerPool, startPlanner } from '$lib/workers/plannerPool';
import { Draft } from './draft.svelte';

const SAVE_AFTER = 300;
const FIT_AFTER = 60;

/** What of a green can be taken hold of. */
export type GreenPart =
	| { kind: 'spot' | 'tilt' | 'pin' | 'area'; index: number }
	| { kind: 'corner'; index: number }
	| { kind: 'areaCorner'; index: number; corner: number };

export const samePart = (a: GreenPart | null, b: GreenPart): boolean =>
	a !== null && contentKey(a) === contentKey(b);

/** A green under work: its parts, the surface through its readings, and what undoes a change. Changes keep themselves. */
export class GreenBench {
	report = $state.raw<SurveyReport | null>(null);
	fitting = $state(false);
	failure = $state('');
	selected = $state<GreenPart | null>(null);

	readonly pool: PlannerPool;
	readonly #draft: Draft<GreenWire>;
	#kept: string;
	#save: ReturnType<typeof setTimeout> | undefined;
	#fit: ReturnType<typeof setTimeout> | undefined;
	#fitted = '';

	constructor(green: GreenWire, pool: PlannerPool = new PlannerPool(startPlanner)) {
		this.pool = pool;
		this.#draft = new Draft<GreenWire>(green, () => this.#changed());
		this.#kept = contentKey(green);
		void this.#read();
	}

	get green(): GreenWire {
		return this.#draft.value;
	}

	/** The green as plain data. */
	get snapshot(): GreenWire {
		return this.#draft.snapshot;
	}

	get canUndo(): boolean {
		return this.#draft.canUndo;
	}

	get canRedo(): boolean {
		return this.#draft.canRedo;
	}

	/** What keeps the green from being kept as it stands. */
	readonly problems = $derived.by(() => {
		const parsed = greenSchema.safeParse($state.snapshot(this.green));
		return parsed.success ? [] : issuesOf(parsed.error);
	});

	change(change: (green: GreenWire) => void): void {
		this.#draft.change(change);
	}

	startDrag(): void {
		this.#draft.startDrag();
	}

	endDrag(): void {
		this.#draft.endDrag();
		this.#schedule();
	}

	undo(): void {
		this.selected = null;
		this.#draft.undo();
	}

	redo(): void {
		this.selected = null;
		this.#draft.redo();
	}

	/** Takes over what another tab has changed, unless something here is not kept yet. */
	follow(stored: GreenWire): void {
		const key = contentKey(stored);
		if (this.#save !== undefined || key === this.#kept) return;
		this.#kept = key;
		this.#draft.value = stored;
		this.selected = null;
		void this.#read();
	}

	/** Keeps what is not kept yet. */
	async flush(): Promise<void> {
		clearTimeout(this.#save);
		this.#save = undefined;
		const green = this.snapshot;
		const key = contentKey(green);
		if (key === this.#kept || this.problems.length > 0) return;
		try {
			this.#kept = key;
			await saveGreen(green);
		} catch (error) {
			this.#fail('The green could not be kept; it is still here as you see it.', error);
		}
	}

	async close(): Promise<void> {
		clearTimeout(this.#fit);
		await this.flush();
		this.pool.close();
	}

	#changed(): void {
		this.failure = '';
		this.#schedule();
	}

	#schedule(): void {
		clearTimeout(this.#save);
		this.#save = setTimeout(() => void this.flush(), SAVE_AFTER);
		clearTimeout(this.#fit);
		this.#fit = setTimeout(() => void this.#read(), FIT_AFTER);
	}

	/** Fits the surface anew where something that counts for it has changed; one fit at a time. */
	async #read(): Promise<void> {
		if (this.fitting) return;
		const core = greenToCore(this.snapshot);
		const key = contentKey(core);
		if (key === this.#fitted || this.problems.length > 0) return;
		this.#fitted = key;
		this.fitting = true;
		try {
			this.report = await this.pool.surveyReport(core);
		} catch (error) {
			this.#fail('The surface could not be worked out.', error);
		} finally {
			this.fitting = false;
		}
		if (contentKey(greenToCore(this.snapshot)) !== key) void this.#read();
	}

	#fail(words: string, error: unknown): void {
		this.failure = `${words} ${error instanceof Error ? error.message : String(error)}`;
	}
}
