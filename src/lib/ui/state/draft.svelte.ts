import { apply, create, type Patches } from 'mutative';

const LONGEST = 200;

/** One step of the history: what redoes it and what undoes it. */
interface Step {
	forward: Patches;
	back: Patches;
}

/**
 * A plain value under work: every change is one step that can be undone, a drag however long is one step too. The value is never changed
 * in place: whoever holds an old one keeps it, and parts that did not change stay the same objects. A step holds what changed, not the
 * whole.
 */
export class Draft<T extends object> {
	#value = $state.raw() as T;
	#past = $state.raw<readonly Step[]>([]);
	#future = $state.raw<readonly Step[]>([]);
	/** What the drag under way has changed so far. */
	#drag: Step | null = null;

	/** @param changed called after every change, undo and redo */
	constructor(
		value: T,
		private readonly changed: () => void
	) {
		this.#value = value;
	}

	get value(): T {
		return this.#value;
	}

	get canUndo(): boolean {
		return this.#past.length > 0;
	}

	get canRedo(): boolean {
		return this.#future.length > 0;
	}

	/** @param recipe may change the value it is given in place: it is a draft of the real one */
	change(recipe: (value: T) => void): void {
		const [next, forward, back] = create(this.#value, (draft) => void recipe(draft as T), {
			enablePatches: true
		});
		if (forward.length === 0) return;
		this.#value = next;
		if (this.#drag) {
			this.#drag.forward = [...this.#drag.forward, ...forward];
			this.#drag.back = [...back, ...this.#drag.back];
		} else this.#remember({ forward, back });
		this.changed();
	}

	/** Puts another value in its place; the old one can be had back. */
	replace(value: T): void {
		const before = this.#value;
		this.#value = value;
		this.#remember({ forward: whole(value), back: whole(before) });
		this.changed();
	}

	/** Puts another value in its place and forgets how this one came to be. */
	reset(value: T): void {
		this.#value = value;
		this.#past = this.#future = [];
		this.#drag = null;
	}

	/** Takes in what was changed elsewhere; what was done here can still be undone, and nothing else is. */
	adopt(value: T): void {
		this.#value = value;
	}

	/** Whether a part at the top of the value was changed here. */
	touched(key: string): boolean {
		return this.#past.some(({ forward }) =>
			forward.some(({ path }) => path.length === 0 || path[0] === key)
		);
	}

	/** Everything between `startDrag` and `endDrag` is one step. */
	startDrag(): void {
		this.#drag ??= { forward: [], back: [] };
	}

	endDrag(): void {
		const drag = this.#drag;
		this.#drag = null;
		if (drag && drag.forward.length > 0) this.#remember(drag);
	}

	undo(): void {
		const step = this.#past.at(-1);
		if (!step) return;
		this.#past = this.#past.slice(0, -1);
		this.#future = [...this.#future, step];
		this.#travel(step.back);
	}

	redo(): void {
		const step = this.#future.at(-1);
		if (!step) return;
		this.#future = this.#future.slice(0, -1);
		this.#past = [...this.#past, step];
		this.#travel(step.forward);
	}

	#remember(step: Step): void {
		this.#past = [...this.#past, step].slice(-LONGEST);
		this.#future = [];
	}

	#travel(patches: Patches): void {
		try {
			this.#value = apply(this.#value, patches);
		} catch {
			// What the step changed is gone: another tab removed it. The step is passed over.
			return;
		}
		this.changed();
	}
}

/** A patch that puts a whole value in place: by reference, so that it costs nothing and shares what is shared. */
const whole = (value: object): Patches => [{ op: 'replace', path: [], value }];
