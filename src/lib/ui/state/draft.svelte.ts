import { History } from './history';

/** A plain value under work: every change is one step that can be undone, a drag however long is one step too. */
export class Draft<T extends object> {
	value = $state() as T;
	canUndo = $state(false);
	canRedo = $state(false);
	readonly #history = new History<T>();
	readonly #changed: () => void;
	#dragStart: T | null = null;

	/** @param changed called after every change, undo and redo */
	constructor(value: T, changed: () => void) {
		this.value = value;
		this.#changed = changed;
	}

	get snapshot(): T {
		// Plain data comes out as the type it went in.
		const copy: unknown = $state.snapshot(this.value);
		return copy as T;
	}

	change(change: (value: T) => void): void {
		if (!this.#dragStart) this.#remember(this.snapshot);
		change(this.value);
		this.#changed();
	}

	/** Puts another value in its place; the old one can be had back. */
	replace(value: T): void {
		this.#remember(this.snapshot);
		this.value = value;
		this.#changed();
	}

	/** Everything between `startDrag` and `endDrag` is one step. */
	startDrag(): void {
		this.#dragStart ??= this.snapshot;
	}

	endDrag(): void {
		if (this.#dragStart) this.#remember(this.#dragStart);
		this.#dragStart = null;
	}

	undo(): void {
		this.#travel(this.#history.undo(this.snapshot));
	}

	redo(): void {
		this.#travel(this.#history.redo(this.snapshot));
	}

	#remember(before: T): void {
		this.#history.remember(before);
		this.#syncHistory();
	}

	#travel(to: T | undefined): void {
		if (!to) return;
		this.value = to;
		this.#syncHistory();
		this.#changed();
	}

	#syncHistory(): void {
		this.canUndo = this.#history.canUndo;
		this.canRedo = this.#history.canRedo;
	}
}
