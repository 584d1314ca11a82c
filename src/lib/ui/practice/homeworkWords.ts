import { SHIPPED_DRILLS } from '$lib/io/drill';
import { format } from 'date-fns';
import { dayWords, noonOf } from '$lib/ui/format/dates';
import { doneOf, stateOfHomework, type Homework, type HomeworkCell } from '$lib/io/homework';
import { homeworkTasks, plainGround } from '$lib/io/practiceSetup';
import type { Ball, PupilFile } from '$lib/io/pupil';
import { newId } from '$lib/store/newId';
import { keepSession } from '$lib/store/practice';
import { clubName, taskWords } from './practiceWords';

/** A swing of a homework: "SW 9 o’clock". */
export const cellWords = (
	{ clubId, swing, flight }: HomeworkCell,
	{ clubs, pupil }: PupilFile
): string =>
	`${clubName(clubs, clubId)} ${taskWords({ swing, flight, shape: 'straight' }, pupil.vocabulary)}`;

/** Begins a session of what a homework asks; answers its id. */
export async function startHomework(homework: Homework, file: PupilFile): Promise<string> {
	const ground = plainGround();
	const tasks = homeworkTasks(homework.cells, file, ground);
	if (tasks.length === 0)
		throw new Error('None of its clubs is in the bag any more: give other ones.');
	const { rules } = SHIPPED_DRILLS.find(({ id }) => id === 'swing-matrix')!;
	const id = newId();
	await keepSession({
		id,
		drillId: 'swing-matrix',
		name: homework.name,
		rules: structuredClone(rules),
		startedAt: new Date().toISOString(),
		endedAt: null,
		ground,
		mark: Math.max(...tasks.map(({ landing }) => landing)),
		turns: [{ pupilId: file.pupil.id, tasks }],
		seed: 1,
		homeworkId: homework.id,
		notes: ''
	});
	return id;
}

const STATE_WORDS = { done: 'done', open: 'open', late: 'overdue' } as const;

/** Where a homework stands: "overdue since 18 Oct, 27 of 32 balls". */
export function homeworkWords(
	homework: Homework,
	balls: readonly Ball[],
	now = new Date()
): string {
	const state = stateOfHomework(homework, balls, format(now, 'yyyy-MM-dd'));
	const cells = doneOf(homework, balls);
	const asked = cells.reduce((sum, cell) => sum + cell.balls, 0);
	const done = cells.reduce((sum, cell) => sum + Math.min(cell.done, cell.balls), 0);
	const due = dayWords(noonOf(homework.due));
	const when = state === 'done' ? '' : ` ${state === 'late' ? 'since' : 'until'} ${due}`;
	return `${STATE_WORDS[state]}${when}, ${done} of ${asked} balls`;
}
