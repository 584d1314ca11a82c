import { SHIPPED_DRILLS, type DrillDraft } from '$lib/io/practice/drill';
import { readPractice, type PracticeBook } from '$lib/store/shelves/practice';
import { readGreens, type GreenBooks } from '$lib/store/shelves/greens';
import { Followed } from '$lib/ui/state/followed.svelte';

const read = async (): Promise<PracticeBook & Pick<GreenBooks, 'books'>> => {
	const [practice, { books }] = await Promise.all([readPractice(), readGreens()]);
	return { ...practice, books };
};

/** What there is of practice where no store can be read: the drills that ship with the app. */
export const NO_PRACTICE: PracticeBook & Pick<GreenBooks, 'books'> = {
	sessions: [],
	drills: [],
	homework: [],
	broken: [],
	books: []
};

/** Everything of practice and the greens it can be on, other tabs included. */
export const followPractice = () => new Followed(read);

/** A drill of somebody's own, or one that ships with the app; undefined where it is gone. */
export const drillOf = (own: readonly DrillDraft[], id: string): DrillDraft | undefined =>
	own.find((drill) => drill.id === id) ?? SHIPPED_DRILLS.find((drill) => drill.id === id);
