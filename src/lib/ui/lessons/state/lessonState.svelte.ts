import type { Lesson } from '$lib/io/lessons/lesson';
import { listed, whoWords } from '$lib/io/lessons/words';
import { readGreens, type GreenBook } from '$lib/store/shelves/greens';
import { readLessons, type LessonBook } from '$lib/store/shelves/lessons';
import { readPractice, type PracticeBook } from '$lib/store/shelves/practice';
import { Followed } from '$lib/ui/state/followed.svelte';
import { playing } from '$lib/ui/state/playing.svelte';

/** Lessons with what they are about. */
export interface LessonDesk {
	book: LessonBook;
	practice: PracticeBook;
	greens: readonly GreenBook[];
}

const read = async (): Promise<LessonDesk> => {
	const [book, practice, { books }] = await Promise.all([
		readLessons(),
		readPractice(),
		readGreens()
	]);
	return { book, practice, greens: books };
};

/** What there is where no store can be read. */
export const NO_LESSONS: LessonDesk = {
	book: { lessons: [], series: [], lessonPlans: [], packages: [], broken: [] },
	practice: { sessions: [], drills: [], homework: [], broken: [] },
	greens: []
};

/** Everything of lessons, other tabs included. */
export const followLessons = () => new Followed(read);

const GONE = 'somebody who is gone';
export const pupilName = (id: string): string =>
	playing.files.find(({ pupil }) => pupil.id === id)?.pupil.name ?? GONE;
export const whoComes = ({ pupilIds }: Pick<Lesson, 'pupilIds'>): string =>
	whoWords(pupilIds.map(pupilName));

/** Where a lesson is: its greens, else its place in words. */
export const whereWords = (
	{ place, greenIds }: Pick<Lesson, 'place' | 'greenIds'>,
	greens: readonly GreenBook[]
): string => {
	const named = greens.filter(({ green }) => greenIds.includes(green.id));
	return [listed(named.map(({ green }) => green.name)), place].filter(Boolean).join(' · ');
};
