import type { Lesson } from './lesson';
import { pauseLesson, withWords } from './lesson';
import { roundsOf, stationsOf } from './rounds';

export type Tally = Lesson['tallies'][number];

const SECOND = 1000;
const MINUTE_SECONDS = 60;

const idOf = (blockId: string, pupilId: string): string => `${blockId} ${pupilId}`;

/** What was counted of a pupil at a station; nothing yet is a tally, too. */
export const tallyOf = (
	{ tallies }: Pick<Lesson, 'tallies'>,
	blockId: string,
	pupilId: string
): Tally =>
	tallies.find(({ id }) => id === idOf(blockId, pupilId)) ?? {
		id: idOf(blockId, pupilId),
		blockId,
		pupilId,
		balls: 0,
		good: 0,
		note: ''
	};

/** The tallies of a lesson with one of them changed. */
const withTally = (lesson: Pick<Lesson, 'tallies'>, tally: Tally): Tally[] => {
	const has = lesson.tallies.some(({ id }) => id === tally.id);
	return has
		? lesson.tallies.map((one) => (one.id === tally.id ? tally : one))
		: [...lesson.tallies, tally];
};

/** One ball more of a pupil at a station. */
export function countBall(
	lesson: Pick<Lesson, 'tallies'>,
	blockId: string,
	pupilId: string,
	asMeant: boolean
): Tally[] {
	const tally = tallyOf(lesson, blockId, pupilId);
	return withTally(lesson, {
		...tally,
		balls: tally.balls + 1,
		good: tally.good + (asMeant ? 1 : 0)
	});
}

/** Words said of a pupil at a station, in the place of what was said or added to it. */
export function noteTally(
	lesson: Pick<Lesson, 'tallies'>,
	blockId: string,
	pupilId: string,
	note: string,
	added = false
): Tally[] {
	const tally = tallyOf(lesson, blockId, pupilId);
	return withTally(lesson, { ...tally, note: added ? withWords(tally.note, note) : note });
}

/** Whose turn it is in a group: who has hit fewest, the first of those. */
export const inTurn = (
	lesson: Pick<Lesson, 'tallies'>,
	blockId: string,
	group: readonly string[]
): string | undefined =>
	group.reduce<string | undefined>(
		(best, id) =>
			best === undefined ||
			tallyOf(lesson, blockId, id).balls < tallyOf(lesson, blockId, best).balls
				? id
				: best,
		undefined
	);

/** What was counted of one pupil, station by station in the lesson's order. */
export const talliesOf = (
	lesson: Pick<Lesson, 'tallies' | 'blocks'>,
	pupilId: string
): { title: string; tally: Tally }[] =>
	lesson.blocks.flatMap(({ id, title }) => {
		const tally = tallyOf(lesson, id, pupilId);
		return tally.balls > 0 || tally.note !== '' ? [{ title, tally }] : [];
	});

/** A lesson in a round that begins now. What was said before it is done; the clock of single blocks stands meanwhile. */
export function beginRound(lesson: Lesson, index: number, now: number): Lesson {
	if (!lesson.rounds) return lesson;
	const since = new Date(now).toISOString();
	const said = lesson.running?.blockId;
	const held = pauseLesson(lesson, now);
	const stations = new Set(stationsOf(lesson).map(({ id }) => id));
	return {
		...held,
		startedAt: held.startedAt ?? since,
		rounds: { ...lesson.rounds, round: { index, since } },
		blocks: held.blocks.map((block) =>
			block.id === said && !stations.has(block.id) ? { ...block, state: 'done' as const } : block
		)
	};
}

/** Seconds that are left of the round under way; under 0 when it is over. */
export function roundLeft(lesson: Lesson, now: number): number {
	const round = lesson.rounds?.round;
	if (!round) return 0;
	return roundsOf(lesson).minutes * MINUTE_SECONDS - (now - Date.parse(round.since)) / SECOND;
}

/** All rounds are through: their stations are done. */
export function endRounds(lesson: Lesson): Lesson {
	if (!lesson.rounds) return lesson;
	const stations = new Set(stationsOf(lesson).map(({ id }) => id));
	const seconds = roundsOf(lesson).minutes * MINUTE_SECONDS;
	return {
		...lesson,
		rounds: { ...lesson.rounds, round: null },
		blocks: lesson.blocks.map((block) =>
			stations.has(block.id) && block.state === 'open'
				? { ...block, state: 'done' as const, seconds: block.seconds || seconds }
				: block
		)
	};
}
