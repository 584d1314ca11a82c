import type { Lesson } from '$lib/io/lessons/lesson';
import { keepLesson, noteLesson } from '$lib/store/shelves/lessons';
import { RowBench } from '$lib/ui/state/rowBench.svelte';

/** A lesson under work. */
export class LessonBench extends RowBench<Lesson> {
	constructor(lesson: Lesson) {
		super(lesson, { keep: keepLesson, note: noteLesson });
	}

	/** Plain data that is never changed in place. */
	get lesson(): Lesson {
		return this.value;
	}

	/** @param next what comes of the lesson as it is */
	become(next: (lesson: Lesson) => Lesson): void {
		const { lesson } = this;
		this.change((draft) => void Object.assign(draft, next(lesson)));
	}
}
