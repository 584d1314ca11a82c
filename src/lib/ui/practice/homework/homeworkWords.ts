import { soMany } from '$lib/io/words/say';
import { SHIPPED_DRILLS } from '$lib/io/practice/drill';
import { format } from 'date-fns';
import { dayWords, longDayWords, noonOf } from '$lib/ui/format/dates';
import {
	doneOf,
	drillsDoneOf,
	stateOfHomework,
	type Homework,
	type HomeworkCell
} from '$lib/io/practice/homework';
import type { Session } from '$lib/io/practice/session';
import { freshSession } from '$lib/io/practice/freshSession';
import { homeworkTasks, plainGround } from '$lib/io/practice/practiceSetup';
import type { Ball, PupilFile } from '$lib/io/work/pupil';
import { newId } from '$lib/store/base/newId';
import { keepSession } from '$lib/store/shelves/practice';
import { clubName, taskWords } from '$lib/ui/practice/practiceWords';

const UNIT_NAMES = { metres: 'metres', yards: 'yards', feet: 'feet', paces: 'your paces' } as const;

/** A swing of a homework: "SW 9 o’clock". */
export const cellWords = (
	{ clubId, swing, flight }: HomeworkCell,
	{ clubs, pupil }: PupilFile
): string =>
	`${clubName(clubs, clubId)} ${taskWords({ swing, flight, shape: 'straight' }, pupil.vocabulary)}`;

const TIMES = ['never', 'once', 'twice', 'three times', 'four times', 'five times'];

/** How often a drill is asked for. */
export const timesWords = (times: number): string => TIMES[times] ?? `${times} times`;

/** A homework in words that fit a message: what, how much, by when, what to mind. */
export function homeworkMessage(homework: Homework, file: PupilFile): string {
	const asked = [
		...homework.cells.map((cell) => `– ${cellWords(cell, file)}: ${soMany(cell.balls, 'ball')}`),
		...homework.drills.map(({ name, times }) => `– ${name}: ${timesWords(times)}`)
	];
	const lands =
		homework.cells.length > 0
			? [`Note in ${UNIT_NAMES[file.pupil.units]} where each ball lands.`]
			: [];
	return [
		`${homework.name}, for ${file.pupil.name}, by ${longDayWords(noonOf(homework.due))}:`,
		...asked,
		...lands,
		...(homework.note ? [homework.note] : []),
		...(file.pupil.minding ? [`Mind: ${file.pupil.minding}`] : []),
		'Look up before each ball. With pain: stop.'
	].join('\n');
}

/** Begins a session of what a homework asks; answers its id. */
export async function startHomework(homework: Homework, file: PupilFile): Promise<string> {
	const ground = plainGround();
	const tasks = homeworkTasks(homework.cells, file, ground);
	if (tasks.length === 0)
		throw new Error('None of its clubs is in the bag any more: give other ones.');
	const { rules } = SHIPPED_DRILLS.find(({ id }) => id === 'swing-matrix')!;
	const id = newId();
	const begun = {
		drill: { id: 'swing-matrix', name: homework.name },
		rules,
		ground,
		mark: Math.max(...tasks.map(({ landing }) => landing)),
		turns: [{ pupilId: file.pupil.id, tasks }],
		homeworkId: homework.id
	};
	await keepSession(freshSession(id, begun, Date.now()));
	return id;
}

const STATE_WORDS = { done: 'done', open: 'open', late: 'overdue' } as const;

/** Where a homework stands: "overdue since 18 Oct, 27 of 32 balls". */
export function homeworkWords(
	homework: Homework,
	balls: readonly Ball[],
	sessions: readonly Session[],
	now = new Date()
): string {
	const state = stateOfHomework(homework, balls, sessions, format(now, 'yyyy-MM-dd'));
	const cells = doneOf(homework, balls);
	const asked = cells.reduce((sum, cell) => sum + cell.balls, 0);
	const done = cells.reduce((sum, cell) => sum + Math.min(cell.done, cell.balls), 0);
	const due = dayWords(noonOf(homework.due));
	const when = state === 'done' ? '' : ` ${state === 'late' ? 'since' : 'until'} ${due}`;
	const drills = drillsDoneOf(homework, sessions);
	const parts = [
		...(asked > 0 ? [`${done} of ${soMany(asked, 'ball')}`] : []),
		...drills.map((drill) => `${drill.name} ${Math.min(drill.done, drill.times)} of ${drill.times}`)
	];
	return `${STATE_WORDS[state]}${when}, ${parts.join(', ')}`;
}
