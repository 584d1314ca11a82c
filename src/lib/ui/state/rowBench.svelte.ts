import { mergeThree, sameData, type Merged } from '$lib/store/base/merge';
import { Autosave } from './autosave.svelte';
import { DraftBench } from './draftBench.svelte';

const KEEP_AFTER = 300;

/** How a row is kept. */
interface Keeping<T> {
	/** Keeps it beside what another tab changed since `before`. */
	keep: (before: T, now: T) => Promise<Merged<T>>;
	/** Notes it at once, and answers whether it could. */
	note: (before: T, now: T) => boolean;
	/** Whether it can be kept as it stands. */
	isWhole?: (now: T) => boolean;
	/** Told whenever it has become another, here or in another tab. */
	changed?: () => void;
}

/** A part at the top of a row that was changed here, and another tab has changed over it since. */
export interface Overtaken<T> {
	key: keyof T & string;
	mine: unknown;
}

/** A row under work: what was changed keeps itself, beside what another tab or device changed, and can be undone. */
export class RowBench<T extends object> extends DraftBench<T> {
	#kept: T;
	readonly #autosave: Autosave;

	constructor(
		row: T,
		private readonly keeping: Keeping<T>
	) {
		super(row, () => {
			this.#autosave.touch();
			keeping.changed?.();
		});
		this.#kept = row;
		this.#autosave = new Autosave(
			() => this.#store(),
			() => this.#isWhole() && keeping.note(this.#kept, this.value),
			KEEP_AFTER
		);
	}

	/** Whether something is not kept yet. */
	get pending(): boolean {
		return this.#autosave.pending;
	}

	/** Why the last attempt to keep it failed. */
	get failure(): string {
		return this.#autosave.failure;
	}

	/**
	 * Takes in what is kept now, unless something here is not kept yet: then both are put together when it is.
	 *
	 * @returns what it took the place of, though it was changed here; null where nothing was taken in
	 */
	follow(stored: T): Overtaken<T>[] | null {
		if (this.#autosave.pending || sameData(stored, this.#kept)) return null;
		const before = this.#kept;
		this.#kept = stored;
		this.#adopt(stored);
		return (Object.keys(stored) as (keyof T & string)[])
			.filter((key) => this.draft.touched(key) && !sameData(before[key], stored[key]))
			.map((key) => ({ key, mine: before[key] }));
	}

	/** Keeps what is not kept yet. */
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
		if (!this.#isWhole() || sameData(value, this.#kept)) return;
		const { merged, clashes } = await this.keeping.keep(this.#kept, value);
		this.#kept = merged;
		if (clashes.length > 0) this.clashes = clashes;
		// The other tab's part comes in; what was typed while this was kept stays over it.
		if (!sameData(merged, value)) this.#adopt(mergeThree(value, this.value, merged).merged);
	}

	#adopt(value: T): void {
		this.draft.adopt(value);
		this.keeping.changed?.();
	}
}
