import { contentKey } from '$lib/core/math/contentKey';
import { mergeThree, sameData, type Clash, type Merged } from '$lib/store/base/merge';
import { Autosave } from './autosave.svelte';
import { Draft } from './draft.svelte';

const KEEP_AFTER = 300;

/** How a row is kept. */
interface Keeping<T> {
	/** Keeps it beside what another tab changed since `before`. */
	keep: (before: T, now: T) => Promise<Merged<T>>;
	/** Notes it at once, and answers whether it could. */
	note: (before: T, now: T) => boolean;
	/** Whether it can be kept as it stands. */
	isWhole?: (now: T) => boolean;
}

/** A row under work: what was changed keeps itself, beside what another tab or device changed, and can be undone. */
export class RowBench<T extends object> {
	/** Parts that this tab and another changed; what is here counts. */
	clashes = $state.raw<readonly Clash[]>([]);
	#kept: T;
	readonly #draft: Draft<T>;
	readonly #autosave: Autosave;

	constructor(
		row: T,
		private readonly keeping: Keeping<T>
	) {
		this.#kept = row;
		this.#draft = new Draft(row, () => this.#autosave.touch());
		this.#autosave = new Autosave(
			() => this.#store(),
			() => this.#isWhole() && keeping.note(this.#kept, this.value),
			KEEP_AFTER
		);
	}

	/** Plain data that is never changed in place. */
	get value(): T {
		return this.#draft.value;
	}

	get canUndo(): boolean {
		return this.#draft.canUndo;
	}

	get canRedo(): boolean {
		return this.#draft.canRedo;
	}

	/** Whether something is not kept yet. */
	get pending(): boolean {
		return this.#autosave.pending;
	}

	/** Why the last attempt to keep it failed. */
	get failure(): string {
		return this.#autosave.failure;
	}

	/** @param change may change the row it is given in place */
	change(change: (row: T) => void): void {
		this.#draft.change(change);
	}

	undo(): void {
		this.#draft.undo();
	}

	redo(): void {
		this.#draft.redo();
	}

	/** Takes in what is kept now, unless something here is not kept yet: then both are put together when it is. */
	follow(stored: T): void {
		if (this.#autosave.pending || sameData(stored, this.#kept)) return;
		this.#kept = stored;
		this.#draft.adopt(stored);
	}

	flush(): Promise<void> {
		return this.#autosave.flush();
	}

	close(): Promise<void> {
		return this.#autosave.close();
	}

	#isWhole(): boolean {
		return this.keeping.isWhole?.(this.value) ?? true;
	}

	async #store(): Promise<void> {
		const { value } = this;
		if (!this.#isWhole() || contentKey(value) === contentKey(this.#kept)) return;
		const { merged, clashes } = await this.keeping.keep(this.#kept, value);
		this.#kept = merged;
		this.clashes = clashes;
		if (sameData(merged, value)) return;
		// The other tab's part comes in; what was typed while this was kept stays over it.
		this.#draft.adopt(mergeThree(value, this.value, merged).merged);
	}
}
