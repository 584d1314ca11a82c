import { reasonOf } from '$lib/io/fields/reason';
import type { SurveyReport } from '$lib/core/green/surveyReport';
import { contentKey } from '$lib/core/math/contentKey';
import type { Issue } from '$lib/io/fields/issues';
import { greenProblems, greenToCore, type GreenWire } from '$lib/io/work/green';
import { mergeGreen, noteGreen } from '$lib/store/shelves/greens';
import { PlannerPool, startPlanner } from '$lib/workers/plannerPool';
import { RowBench, type Overtaken } from '$lib/ui/state/rowBench.svelte';

const FIT_AFTER = 60;

/** What of a green can be taken hold of. */
export type GreenPart =
	| { kind: 'spot' | 'tilt' | 'pin' | 'area'; index: number }
	| { kind: 'corner'; index: number }
	/** All of it at once. */
	| { kind: 'whole'; index: 0 }
	| { kind: 'areaCorner'; index: number; corner: number };

export const samePart = (a: GreenPart | null, b: GreenPart): boolean =>
	a !== null && contentKey(a) === contentKey(b);

/** The parts of a green that its surface is made of; pins, names and notes are not. */
const surfaceParts = ({ outline, collar, fringe, areas, spots, tilts, grid }: GreenWire) => [
	outline,
	collar,
	fringe,
	areas,
	spots,
	tilts,
	grid
];

const sameParts = (a: readonly unknown[], b: readonly unknown[]): boolean =>
	a.every((part, i) => part === b[i]);

/** A green under work: its parts, the surface through its readings, and what undoes a change. Changes keep themselves. */
export class GreenBench extends RowBench<GreenWire> {
	report = $state.raw<SurveyReport | null>(null);
	fitting = $state(false);
	selected = $state<GreenPart | null>(null);
	/** Parts that were changed here and then by another tab, which counts; each can be put back. */
	overtaken = $state.raw<readonly Overtaken<GreenWire>[]>([]);
	#fit: ReturnType<typeof setTimeout> | undefined;
	#fitted: readonly unknown[] = [];
	#fitFailure = $state('');

	constructor(
		green: GreenWire,
		readonly pool: PlannerPool = new PlannerPool(startPlanner)
	) {
		super(green, {
			keep: mergeGreen,
			note: noteGreen,
			isWhole: () => this.problems.length === 0,
			changed: () => this.#fitSoon()
		});
		void this.#read();
	}

	/** The green as plain data; it is never changed in place. */
	get green(): GreenWire {
		return this.value;
	}

	/** What went wrong with keeping the green or with its surface. */
	get trouble(): string {
		return this.failure
			? `The green could not be kept yet; it is here as you see it and is tried again. ${this.failure}`
			: this.#fitFailure;
	}

	/** What keeps the green from being kept as it stands. */
	readonly problems: Issue[] = $derived(greenProblems(this.green));

	override undo(): void {
		this.selected = null;
		super.undo();
	}

	override redo(): void {
		this.selected = null;
		super.redo();
	}

	override follow(stored: GreenWire): Overtaken<GreenWire>[] | null {
		const over = super.follow(stored);
		if (!over) return null;
		const others = this.overtaken.filter(({ key }) => !over.some((item) => item.key === key));
		this.overtaken = [...others, ...over];
		this.selected = null;
		return over;
	}

	/** Puts back what another tab has changed over this one. */
	putBack({ key, mine }: Overtaken<GreenWire>): void {
		this.overtaken = this.overtaken.filter((item) => item.key !== key);
		this.change((green) => Object.assign(green, { [key]: mine }));
	}

	override async close(): Promise<void> {
		clearTimeout(this.#fit);
		this.pool.close();
		await super.close();
		// What came in while it was kept is fitted by nobody any more.
		clearTimeout(this.#fit);
	}

	#fitSoon(): void {
		clearTimeout(this.#fit);
		this.#fit = setTimeout(() => void this.#read(), FIT_AFTER);
	}

	/** Fits the surface anew where something that counts for it has changed; one fit at a time. */
	async #read(): Promise<void> {
		if (this.fitting || this.problems.length > 0) return;
		const parts = surfaceParts(this.green);
		if (sameParts(parts, this.#fitted)) return;
		this.#fitted = parts;
		this.fitting = true;
		try {
			this.report = await this.pool.surveyReport(greenToCore(this.green));
			this.#fitFailure = '';
		} catch (error) {
			const reason = reasonOf(error);
			this.#fitFailure = `The surface could not be worked out. ${reason}`;
		} finally {
			this.fitting = false;
		}
		if (!sameParts(surfaceParts(this.green), parts)) void this.#read();
	}
}
