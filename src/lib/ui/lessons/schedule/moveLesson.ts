import type { Lesson } from '$lib/io/lessons/lesson';
import { cancelledAs, movedTo } from '$lib/io/lessons/schedule';
import type { WallTime } from '$lib/io/lessons/wallTime';
import { changeLesson } from '$lib/store/shelves/lessons';
import { shortDayWords, noonOf } from '$lib/ui/format/dates';
import { attempt } from '$lib/ui/shell/attempt';
import { tell } from '$lib/ui/shell/messages.svelte';
import { whoComes } from '../state/lessonState.svelte';

const withUndo = (words: string, lesson: Lesson): Promise<boolean> =>
	attempt(async () => {
		const undo = await changeLesson(lesson);
		tell(words, { label: 'Undo', run: () => void attempt(undo) });
	});

/** Moves a lesson and says so; one of a series moves alone. */
export const moveLesson = (lesson: Lesson, to: WallTime): Promise<boolean> =>
	withUndo(
		`${whoComes(lesson)}: moved to ${shortDayWords(noonOf(to.day))}, ${to.time}.`,
		movedTo(lesson, to)
	);

/** Cancels a lesson, or lets it take place after all, and says so. */
export const cancelLesson = (lesson: Lesson, cancelled = true): Promise<boolean> =>
	withUndo(
		cancelled
			? `${whoComes(lesson)}, ${shortDayWords(noonOf(lesson.day))}: cancelled.`
			: `${whoComes(lesson)}, ${shortDayWords(noonOf(lesson.day))}: takes place.`,
		cancelledAs(lesson, cancelled)
	);
