const LONGEST = 200;

/** Past and future of a plain value; what is put in is kept as it is, so put in snapshots. */
export class History<T> {
	#past: T[] = [];
	#future: T[] = [];

	get canUndo(): boolean {
		return this.#past.length > 0;
	}

	get canRedo(): boolean {
		return this.#future.length > 0;
	}

	/** Remembers the value a change starts from. */
	remember(before: T): void {
		this.#past.push(before);
		if (this.#past.length > LONGEST) this.#past.shift();
		this.#future = [];
	}

	/** The value before the last change; `now` becomes what redo brings back. */
	undo(now: T): T | undefined {
		const before = this.#past.pop();
		if (before !== undefined) this.#future.push(now);
		return before;
	}

	redo(now: T): T | undefined {
		const after = this.#future.pop();
		if (after !== undefined) this.#past.push(now);
		return after;
	}
}
