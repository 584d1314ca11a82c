import * as z from 'zod/mini';
import { atMost, idField } from '../fields/fields';
import { LETTERS } from '../fields/ranges';
import { clockField, dayField } from '../fields/kept';
import type { blockRow, lessonPlanRow, lessonRow, packageRow, seriesRow } from '../rows/lesson';

export type Block = z.output<typeof blockRow>;
export type BlockKind = Block['kind'];
export type Lesson = z.output<typeof lessonRow>;
export type Series = z.output<typeof seriesRow>;
export type LessonPlan = z.output<typeof lessonPlanRow>;
export type Package = z.output<typeof packageRow>;

/** What a lesson and a series have in common. */
export type Appointment = Pick<
	Lesson,
	'pupilIds' | 'coach' | 'day' | 'time' | 'zone' | 'minutes' | 'place' | 'greenIds' | 'aim'
>;

/** The appointment of a lesson or a series, without all else. */
export const appointmentOf = ({
	pupilIds,
	coach,
	day,
	time,
	zone,
	minutes,
	place,
	greenIds,
	aim
}: Appointment): Appointment => ({
	pupilIds: [...pupilIds],
	coach,
	day,
	time,
	zone,
	minutes,
	place,
	greenIds: [...greenIds],
	aim
});

export const MOST_MINUTES = 480;
export const MOST_BLOCKS = 30;
export const MOST_PUPILS = 16;
const minutesField = z
	.int('must be a whole number')
	.check(
		z.minimum(1, 'must be 1 or more'),
		z.maximum(MOST_MINUTES, `must be ${MOST_MINUTES} at most`)
	);
const words = (most: number) => z.string().check(z.trim(), atMost(most));

/** What a coach types of an appointment. */
export const appointmentSchema = z.object({
	pupilIds: z
		.array(idField)
		.check(
			z.minLength(1, 'somebody has to come'),
			z.maxLength(MOST_PUPILS, `must be ${MOST_PUPILS} at most`)
		),
	coach: words(LETTERS.name),
	day: dayField,
	time: clockField,
	zone: z.string(),
	minutes: minutesField,
	place: words(LETTERS.name),
	greenIds: z.array(idField),
	aim: words(LETTERS.line)
});

/** A block before anything came of it. */
export const freshBlock = (
	id: string,
	block: Pick<Block, 'kind' | 'title' | 'minutes'> & Partial<Block>
): Block => ({ cue: '', note: '', why: '', state: 'open', seconds: 0, ...block, id });

/** Blocks as they were planned, to be used again: what came of them stays where it was. */
export const unplayed = (blocks: readonly Block[], newId: () => string): Block[] =>
	blocks.map(({ kind, title, minutes, balls, drillId, shotId, cells, cue, why }) =>
		freshBlock(newId(), {
			kind,
			title,
			minutes,
			cue,
			why,
			...(balls !== undefined && { balls }),
			...(drillId !== undefined && { drillId }),
			...(shotId !== undefined && { shotId }),
			...(cells !== undefined && { cells })
		})
	);

/** A lesson before anything came of it. */
export const freshLesson = (
	id: string,
	appointment: Appointment,
	blocks: readonly Block[] = []
): Lesson => ({
	...appointment,
	id,
	blocks: [...blocks],
	cancelled: false,
	sequence: 0,
	startedAt: null,
	endedAt: null,
	running: null,
	layout: [],
	tallies: [],
	notes: '',
	told: ''
});

/** Minutes of all blocks that are not left out. */
export const plannedMinutes = ({ blocks }: Pick<Lesson, 'blocks'>): number =>
	blocks.reduce((sum, { minutes, state }) => (state === 'skipped' ? sum : sum + minutes), 0);

/** Where a lesson stands. */
export type LessonState = 'planned' | 'running' | 'ended' | 'cancelled';

export const stateOfLesson = ({
	cancelled,
	startedAt,
	endedAt
}: Pick<Lesson, 'cancelled' | 'startedAt' | 'endedAt'>): LessonState =>
	cancelled ? 'cancelled' : endedAt ? 'ended' : startedAt ? 'running' : 'planned';

/** A lesson that nobody ended was over after so long; ms. */
const LONGEST = 6 * 3_600_000;

/** The lesson in which somebody played or practised at an instant; undefined outside of any. */
export function lessonAt<L extends Pick<Lesson, 'pupilIds' | 'startedAt' | 'endedAt'>>(
	lessons: readonly L[],
	pupilId: string,
	at: string
): L | undefined {
	const then = Date.parse(at);
	return lessons.find(({ pupilIds, startedAt, endedAt }) => {
		if (startedAt === null || !pupilIds.includes(pupilId)) return false;
		const began = Date.parse(startedAt);
		const over = endedAt === null ? began + LONGEST : Date.parse(endedAt);
		return began <= then && then <= over;
	});
}

const SECOND = 1000;
const MINUTE_SECONDS = 60;
/** A clock that was left running over night says nothing: longer than this at a stretch is not counted. */
const MOST_SECONDS = 4 * 60 * MINUTE_SECONDS;

/** Seconds that a block has taken until now. */
export function secondsOf(block: Block, { running }: Pick<Lesson, 'running'>, now: number): number {
	if (running?.blockId !== block.id) return block.seconds;
	const since = (now - Date.parse(running.since)) / SECOND;
	return block.seconds + Math.min(MOST_SECONDS, Math.max(0, since));
}

/** Stops the clock of the block at hand. */
const stopped = (lesson: Lesson, now: number): Lesson => ({
	...lesson,
	running: null,
	blocks: lesson.blocks.map((block) =>
		lesson.running?.blockId === block.id
			? { ...block, seconds: Math.round(secondsOf(block, lesson, now)) }
			: block
	)
});

/** Lets the clock of a block run; the lesson begins with it. */
export function beginBlock(lesson: Lesson, blockId: string, now: number): Lesson {
	const at = new Date(now).toISOString();
	const held = stopped(lesson, now);
	return {
		...held,
		startedAt: held.startedAt ?? at,
		running: { blockId, since: at },
		blocks: held.blocks.map((block) =>
			block.id === blockId ? { ...block, state: 'open' as const } : block
		)
	};
}

/** Holds the clock, or lets it go on. */
export const pauseLesson = (lesson: Lesson, now: number): Lesson => stopped(lesson, now);

/** The block at hand: the one whose clock runs, else the first that is open; null when all are through. */
export const blockAtHand = ({
	blocks,
	running
}: Pick<Lesson, 'blocks' | 'running'>): Block | null =>
	blocks.find(({ id }) => id === running?.blockId) ??
	blocks.find(({ state }) => state === 'open') ??
	null;

/** Settles a block as done or left out, and goes on with the next that is open. */
export function settleBlock(
	lesson: Lesson,
	blockId: string,
	state: 'done' | 'skipped',
	now: number
): Lesson {
	const ran = lesson.running?.blockId === blockId;
	const held = ran ? stopped(lesson, now) : lesson;
	const settled = {
		...held,
		blocks: held.blocks.map((block) => (block.id === blockId ? { ...block, state } : block))
	};
	const next = settled.blocks.find((block) => block.state === 'open');
	return ran && next ? beginBlock(settled, next.id, now) : settled;
}

/** A block that is still to come, with the moments it would take. */
export interface Coming {
	block: Block;
	begins: number;
	ends: number;
}

/** What is still to come after the block at hand: the rest moves as blocks take longer or shorter. */
export function comingAfter(lesson: Lesson, now: number): Coming[] {
	const hand = blockAtHand(lesson);
	const left = (block: Block): number =>
		Math.max(0, block.minutes * MINUTE_SECONDS - secondsOf(block, lesson, now)) * SECOND;
	let at = now + (hand ? left(hand) : 0);
	return lesson.blocks
		.filter((block) => block.state === 'open' && block.id !== hand?.id)
		.map((block) => {
			const begins = at;
			at += left(block);
			return { block, begins, ends: at };
		});
}

/** A note with some words more, unless it has them. */
export function withWords(note: string, words: string): string {
	const said = note.trim();
	if (said.includes(words)) return note;
	return said ? `${said}. ${words}` : words;
}

/** The drill to go on with: the last that was done, else the last that was planned. */
export function drillToGoOnWith({ blocks }: Pick<Lesson, 'blocks'>): string | undefined {
	const drills = blocks.filter(({ drillId }) => drillId !== undefined);
	return (drills.findLast(({ state }) => state === 'done') ?? drills.at(-1))?.drillId;
}

/** Ends a lesson; blocks that nobody began stay open, to be offered for the next. */
export function endLesson(lesson: Lesson, now: number): Lesson {
	const at = new Date(now).toISOString();
	const held = stopped(lesson, now);
	return {
		...held,
		startedAt: held.startedAt ?? at,
		endedAt: at,
		blocks: held.blocks.map((block) =>
			block.state === 'open' && block.seconds > 0 ? { ...block, state: 'done' as const } : block
		)
	};
}

/** Goes on with a lesson that was ended too early. */
export const reopenLesson = (lesson: Lesson): Lesson => ({ ...lesson, endedAt: null });

/** What was planned and not come to. */
export const leftOver = ({ blocks, endedAt }: Pick<Lesson, 'blocks' | 'endedAt'>): Block[] =>
	endedAt ? blocks.filter(({ state }) => state === 'open') : [];

/** When each block begins, in minutes after the lesson's beginning, as it is planned now. */
export function beginsAt({ blocks }: Pick<Lesson, 'blocks'>): number[] {
	let at = 0;
	return blocks.map(({ minutes, state }) => {
		const begins = at;
		if (state !== 'skipped') at += minutes;
		return begins;
	});
}
