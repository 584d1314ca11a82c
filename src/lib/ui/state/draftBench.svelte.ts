import { putAt, type Clash } from '$lib/store/base/merge';
import { Draft } from './draft.svelte';

/** Something under work: changed in steps that can be undone, and settled with another tab where both changed a part. */
export class DraftBench<T extends object> {
	/** Parts that this tab and another both changed; what is here counts. */
	clashes = $state.raw<readonly Clash[]>([]);
	protected readonly draft: Draft<T>;

	/** @param changed called after every change, undo and redo */
	constructor(value: T, changed: () => void) {
		this.draft = new Draft(value, changed);
	}

	/** Plain data that is never changed in place. */
	get value(): T {
		return this.draft.value;
	}

	get canUndo(): boolean {
		return this.draft.canUndo;
	}

	get canRedo(): boolean {
		return this.draft.canRedo;
	}

	/** @param change may change what it is given in place: one step that can be undone */
	change(change: (value: T) => void): void {
		this.draft.change(change);
	}

	/** Everything between `startDrag` and `endDrag` is one step. */
	startDrag(): void {
		this.draft.startDrag();
	}

	endDrag(): void {
		this.draft.endDrag();
	}

	undo(): void {
		this.draft.undo();
	}

	redo(): void {
		this.draft.redo();
	}

	/** Takes the other tab's value of a part that both changed. */
	takeTheirs(clash: Clash): void {
		this.forgetClash(clash);
		this.change((value) => putAt(value, clash.path, clash.theirs));
	}

	/** Leaves it as it is here. */
	forgetClash(clash: Clash): void {
		this.clashes = this.clashes.filter((other) => other !== clash);
	}
}
