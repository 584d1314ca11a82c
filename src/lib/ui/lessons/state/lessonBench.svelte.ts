import { contentKey } from '$lib/core/math/contentKey';
import type { Lesson } from '$lib/io/lessons/lesson';
import { mergeThree, sameData, type Clash } from '$lib/store/base/merge';
import { keepLesson, noteLesson } from '$lib/store/shelves/lessons';
import { Autosave } from '$lib/ui/state/autosave.svelte';
import { Draft } from '$lib/ui/state/draft.svelte';

const KEEP_AFTER = 300;

/** A lesson under work: what was changed keeps itself, beside what another device changed, and can be undone. */
export class LessonBench {
	/** Parts that this tab and another changed; what is here counts. */
	clashes = $state.raw<readonly Clash[]>([]);
	#kept: Lesson;
	readonly #draft: Draft<Lesson>;
	readonly #autosave = new Autosave(
		() => this.#store(),
		() => noteLesson(this.#kept, this.lesson),
		KEEP_AFTER
	);

	constructor(lesson: Lesson) {
		this.#kept = lesson;
		this.#draft = new Draft(lesson, () => this.#autosave.touch());
	}

	/** Plain data that is never changed in place. */
	get lesson(): Lesson {
		return this.#draft.value;
	}

	get canUndo(): boolean {
		return this.#draft.canUndo;
	}

	get canRedo(): boolean {
		return this.#draft.canRedo;
	}

	/** Why the last attempt to keep it failed. */
	get failure(): string {
		return this.#autosave.failure;
	}

	/** @param change may change the lesson it is given in place */
	change(change: (lesson: Lesson) => void): void {
		this.#draft.change(change);
	}

	/** @param next what comes of the lesson as it is */
	become(next: (lesson: Lesson) => Lesson): void {
		const { lesson } = this;
		this.#draft.change((draft) => void Object.assign(draft, next(lesson)));
	}

	undo(): void {
		this.#draft.undo();
	}

	redo(): void {
		this.#draft.redo();
	}

	/** Takes in what is kept now, unless something here is not kept yet: then both are put together when it is. */
	follow(stored: Lesson): void {
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

	async #store(): Promise<void> {
		const { lesson } = this;
		if (contentKey(lesson) === contentKey(this.#kept)) return;
		const { merged, clashes } = await keepLesson(this.#kept, lesson);
		this.#kept = merged;
		this.clashes = clashes;
		if (sameData(merged, lesson)) return;
		// The other tab's part comes in; what was typed while this was kept stays over it.
		this.#draft.adopt(mergeThree(lesson, this.lesson, merged).merged);
	}
}
