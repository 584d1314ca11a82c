import type { Called, SavedShot, WorkingShot } from '$lib/io/work/shot';
import { sameData, type Clash } from '$lib/store/base/merge';
import { newId } from '$lib/store/base/newId';
import {
	freeName,
	mergeShot,
	putBackShot,
	readShot,
	saveShot
} from '$lib/store/shelves/savedShots';
import {
	mergeLastShot,
	noteLastShot,
	writeLastShot,
	type LastShot
} from '$lib/store/shelves/settings';
import { Autosave } from '$lib/ui/state/autosave.svelte';

const KEEP_AFTER = 400;

/** What keeping a shot needs of the bench it is on. */
interface Bench {
	shot: () => WorkingShot;
	/** What it is called now; undefined where nothing is. */
	called: () => Called | undefined;
	/** Whether the shot can be kept as it stands. */
	isWhole: () => boolean;
	/** Takes in what another tab changed: `mine` was kept, `kept` came of it. */
	takeIn: (mine: WorkingShot, kept: WorkingShot) => void;
	/** Parts that this tab and another both changed; none where another shot is begun. */
	clash: (clashes: readonly Clash[]) => void;
}

/** A shot that was saved, and what the kept one was before where that was another. */
export interface SavedOver {
	saved: SavedShot;
	replaced: SavedShot | null;
}

/** How the shot on the bench is kept: by itself as the last one, and under a name when that is asked for. */
export class ShotKeeping {
	readonly #autosave = new Autosave(
		() => this.#store(),
		() => this.#note(),
		KEEP_AFTER
	);
	/** The shot as this tab last read or wrote it. */
	#base: Pick<LastShot, 'shot'> | null = null;
	#line = '';
	#origin = $state.raw<SavedShot | null>(null);

	constructor(private readonly bench: Bench) {}

	/** Id of the kept shot it came from; null for one that is not kept. */
	get id(): string | null {
		return this.#origin?.id ?? null;
	}

	/** Why it is not kept; empty while all is well. */
	get failure(): string {
		return this.#autosave.failure;
	}

	/**
	 * Another shot is on the bench.
	 *
	 * @param origin the kept shot it comes from, as it is kept
	 * @param line the line of work it belongs to; one of its own where it is left out
	 */
	begin(opened: { shot: WorkingShot; origin: SavedShot | null; line?: string | undefined }): void {
		this.#origin = opened.origin;
		this.#line = opened.line ?? opened.origin?.id ?? newId();
		this.#base = { shot: opened.shot };
		this.bench.clash([]);
	}

	/** It is a shot of its own from here on. */
	detach(): void {
		this.#origin = null;
		this.#line = newId();
	}

	/** Something has changed. */
	touch(): void {
		this.#autosave.touch();
	}

	/** Whether saving under a name goes over the kept shot it came from; under any other name it is a new one. */
	goesOver(name: string): boolean {
		return this.#origin?.name === name;
	}

	/** Whether the kept shot it came from is as it stands here. */
	isSaved(): boolean {
		return this.#origin !== null && sameData(this.#origin.shot, this.bench.shot());
	}

	/** Saves it: over the kept shot it came from where it still has its name, beside what another tab changed of that; else as a new one. */
	async save(name: string, asCopy: boolean): Promise<SavedOver> {
		const shot = this.bench.shot();
		const origin = asCopy || !this.goesOver(name) ? null : this.#origin;
		const before = origin ? await readShot(origin.id) : undefined;
		const called = this.bench.called();
		const over = origin ? await mergeShot(origin, name, shot, called) : null;
		const saved = over?.merged ?? (await saveShot(await freeName(name), shot, called));
		const clashes = (over?.clashes ?? [])
			.filter(({ path }) => path[0] === 'shot')
			.map((clash) => ({ ...clash, path: clash.path.slice(1) }));
		this.bench.clash(clashes);
		this.#origin = saved;
		this.bench.takeIn(shot, saved.shot);
		this.#line = saved.id;
		this.#base = { shot: saved.shot };
		await writeLastShot(this.#last());
		const replaced = before && !sameData(before.shot, saved.shot) ? before : null;
		return { saved, replaced };
	}

	/** Puts a kept shot back as it was before it was saved over; what is on the bench stays, unsaved. */
	async putBack(before: SavedShot): Promise<void> {
		const restored = await putBackShot(before);
		if (this.#origin?.id === restored.id) this.#origin = restored;
	}

	/** What would bring the bench back to this shot. */
	get opened(): { origin: SavedShot | null; line: string } {
		return { origin: this.#origin, line: this.#line };
	}

	/** Keeps what is not kept yet. */
	flush(): Promise<void> {
		return this.#autosave.flush();
	}

	close(): Promise<void> {
		return this.#autosave.close();
	}

	async #store(): Promise<void> {
		if (!this.#base || !this.bench.isWhole()) return;
		const mine = this.#last();
		const { merged, clashes } = await mergeLastShot(this.#base, mine);
		this.#base = { shot: merged };
		if (clashes.length > 0) this.bench.clash(clashes);
		this.bench.takeIn(mine.shot, merged);
	}

	#note(): boolean {
		return this.#base !== null && this.bench.isWhole() && noteLastShot(this.#base, this.#last());
	}

	#last(): LastShot {
		return { shot: this.bench.shot(), id: this.id, line: this.#line };
	}
}
