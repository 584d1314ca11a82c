import { reasonOf } from '$lib/io/fields/reason';
import type { SurveyReport } from '$lib/core/green/surveyReport';
import { contentKey } from '$lib/core/math/contentKey';
import type { Issue } from '$lib/io/fields/issues';
import { greenProblems, greenToCore, type GreenWire } from '$lib/io/work/green';
import { mergeGreen, noteGreen } from '$lib/store/shelves/greens';
import { mergeThree, putAt, sameData, type Clash } from '$lib/store/base/merge';
import { PlannerPool, startPlanner } from '$lib/workers/plannerPool';
import { Autosave } from '$lib/ui/state/autosave.svelte';
import { Draft } from '$lib/ui/state/draft.svelte';

const SAVE_AFTER = 300;
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

/** Whether two greens say the same; grids are compared number by number, which is far cheaper than writing them out. */
function sameGreen(a: GreenWire, b: GreenWire): boolean {
	const { grid: gridA, ...restA } = a;
	const { grid: gridB, ...restB } = b;
	if (contentKey(restA) !== contentKey(restB)) return false;
	if (!gridA || !gridB) return gridA === gridB;
	const { heights: heightsA, ...frameA } = gridA;
	const { heights: heightsB, ...frameB } = gridB;
	return contentKey(frameA) === contentKey(frameB) && sameParts(heightsA, heightsB);
}

/** A part of a green that another tab has changed over this one. */
export interface Overtaken {
	key: keyof GreenWire;
	mine: unknown;
}

/** A green under work: its parts, the surface through its readings, and what undoes a change. Changes keep themselves. */
export class GreenBench {
	report = $state.raw<SurveyReport | null>(null);
	fitting = $state(false);
	selected = $state<GreenPart | null>(null);
	/** Parts that were changed here and then by another tab, which counts; each can be put back. */
	overtaken = $state.raw<Overtaken[]>([]);
	/** Parts that this tab and another both changed; what is here counts. */
	clashes = $state.raw<readonly Clash[]>([]);

	readonly pool: PlannerPool;
	readonly #draft: Draft<GreenWire>;
	readonly #autosave = new Autosave(
		() => this.#store(),
		() => this.#note(),
		SAVE_AFTER
	);
	#kept: GreenWire;
	#fit: ReturnType<typeof setTimeout> | undefined;
	#fitted: readonly unknown[] = [];
	#fitFailure = $state('');

	constructor(green: GreenWire, pool: PlannerPool = new PlannerPool(startPlanner)) {
		this.pool = pool;
		this.#draft = new Draft<GreenWire>(green, () => this.#changed());
		this.#kept = green;
		void this.#read();
	}

	/** The green as plain data; it is never changed in place. */
	get green(): GreenWire {
		return this.#draft.value;
	}

	get canUndo(): boolean {
		return this.#draft.canUndo;
	}

	get canRedo(): boolean {
		return this.#draft.canRedo;
	}

	/** What went wrong with keeping the green or with its surface. */
	get failure(): string {
		const { failure } = this.#autosave;
		return failure
			? `The green could not be kept yet; it is here as you see it and is tried again. ${failure}`
			: this.#fitFailure;
	}

	/** What keeps the green from being kept as it stands. */
	readonly problems: Issue[] = $derived(greenProblems(this.green));

	change(change: (green: GreenWire) => void): void {
		this.#draft.change(change);
	}

	startDrag(): void {
		this.#draft.startDrag();
	}

	endDrag(): void {
		this.#draft.endDrag();
		this.#changed();
	}

	undo(): void {
		this.selected = null;
		this.#draft.undo();
	}

	redo(): void {
		this.selected = null;
		this.#draft.redo();
	}

	/** Takes in what another tab has changed, unless something here is not kept yet: then both are put together when it is. */
	follow(stored: GreenWire): void {
		if (this.#autosave.pending || sameGreen(stored, this.#kept)) return;
		const before = this.#kept;
		this.#kept = stored;
		this.#tellOvertaken(before, stored);
		this.#draft.adopt(stored);
		this.selected = null;
		void this.#read();
	}

	/** Puts back what another tab has changed over this one. */
	putBack({ key, mine }: Overtaken): void {
		this.overtaken = this.overtaken.filter((item) => item.key !== key);
		this.change((green) => Object.assign(green, { [key]: mine }));
	}

	/** Takes the other tab's value of a part that both changed. */
	takeTheirs(clash: Clash): void {
		this.forgetClash(clash);
		this.change((green) => putAt(green, clash.path, clash.theirs));
	}

	/** Leaves it as it is here. */
	forgetClash(clash: Clash): void {
		this.clashes = this.clashes.filter((other) => other !== clash);
	}

	/** Keeps what is not kept yet. */
	flush(): Promise<void> {
		return this.#autosave.flush();
	}

	async close(): Promise<void> {
		clearTimeout(this.#fit);
		this.pool.close();
		await this.#autosave.close();
	}

	#changed(): void {
		this.#autosave.touch();
		clearTimeout(this.#fit);
		this.#fit = setTimeout(() => void this.#read(), FIT_AFTER);
	}

	async #store(): Promise<void> {
		const { green } = this;
		if (green === this.#kept || this.problems.length > 0) return;
		const { merged, clashes } = await mergeGreen(this.#kept, green);
		this.#kept = merged;
		if (clashes.length > 0) this.clashes = clashes;
		if (sameGreen(merged, green)) return;
		// The other tab's part comes in; what was typed while this was kept stays over it.
		this.#draft.adopt(mergeThree(green, this.green, merged).merged);
		void this.#read();
	}

	/** Notes what was changed here and has been changed over by another tab. */
	#tellOvertaken(before: GreenWire, now: GreenWire): void {
		const keys = Object.keys(now) as (keyof GreenWire)[];
		const found = keys.filter(
			(key) => this.#draft.touched(key) && !sameData(before[key], now[key])
		);
		const others = this.overtaken.filter(({ key }) => !found.includes(key));
		this.overtaken = [...others, ...found.map((key) => ({ key, mine: before[key] }))];
	}

	#note(): boolean {
		return this.problems.length === 0 && noteGreen(this.#kept, this.green);
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
