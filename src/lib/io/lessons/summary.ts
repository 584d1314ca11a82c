import { compareShares, type Share } from '$lib/core/math/share';
import type { StrikeTag } from '$lib/core/practice/practised';
import { changesOf, type CellChange } from '../practice/cellChanges';
import { bySession, hitsOf, type Session } from '../practice/session';
import type { Ball, PupilFile } from '../work/pupil';
import type { Lesson } from './lesson';

/** A drill or a test of a lesson against the last time it was done. */
export interface ScoreNow {
	session: Session;
	now: Share;
	/** Before this lesson; null for the first. */
	last: { startedAt: string; share: Share } | null;
	/** 1 better, −1 worse, 0 where so few balls cannot tell. */
	better: 1 | -1 | 0;
}

/** What came of a lesson for one pupil. */
export interface LessonSummary {
	file: PupilFile;
	balls: number;
	scores: ScoreNow[];
	/** What was said of strikes, the most frequent first. */
	tags: [tag: StrikeTag, count: number][];
	/** What its balls change in the carry table, whether they count yet or not. */
	changes: CellChange[];
	/** Sessions of which no ball counts for the bag yet. */
	untaken: Session[];
}

/** The sessions of a lesson's blocks, in their order. */
export const sessionsOf = (
	lesson: Pick<Lesson, 'blocks'>,
	sessions: readonly Session[]
): Session[] =>
	lesson.blocks.flatMap(
		({ sessionId }) => sessions.find(({ id }) => id !== undefined && id === sessionId) ?? []
	);

function scoreOf(
	session: Session,
	sessions: readonly Session[],
	pupilId: string,
	balls: ReadonlyMap<string, readonly Ball[]>
): ScoreNow | null {
	const of = (one: Session): Share => hitsOf(one, balls.get(one.id) ?? []);
	const now = of(session);
	if (now.of === 0) return null;
	const before = sessions
		.filter(
			({ id, drillId, startedAt, turns }) =>
				id !== session.id &&
				drillId === session.drillId &&
				startedAt < session.startedAt &&
				turns.some((turn) => turn.pupilId === pupilId)
		)
		.sort((a, b) => b.startedAt.localeCompare(a.startedAt))
		.map((one) => ({ startedAt: one.startedAt, share: of(one) }))
		.find(({ share }) => share.of > 0);
	const better = before ? compareShares(now, before.share) : 0;
	return { session, now, last: before ?? null, better };
}

/**
 * What came of a lesson for one of those who took part.
 *
 * @param sessions every session there is
 */
export function summaryOf(
	lesson: Pick<Lesson, 'blocks'>,
	sessions: readonly Session[],
	file: PupilFile
): LessonSummary {
	const { id } = file.pupil;
	const own = sessionsOf(lesson, sessions).filter(({ turns }) =>
		turns.some(({ pupilId }) => pupilId === id)
	);
	const balls = bySession(file.balls);
	const hit = own.flatMap((session) => balls.get(session.id) ?? []);
	const counts = new Map<StrikeTag, number>();
	for (const { tags } of hit) for (const tag of tags) counts.set(tag, (counts.get(tag) ?? 0) + 1);
	return {
		file,
		balls: hit.length,
		scores: own.flatMap((session) => scoreOf(session, sessions, id, balls) ?? []),
		tags: [...counts].sort(([, a], [, b]) => b - a),
		changes: hit.length > 0 ? changesOf(file, hit) : [],
		untaken: own.filter((session) => {
			const noted = balls.get(session.id) ?? [];
			return noted.length > 0 && noted.every((ball) => !ball.counts);
		})
	};
}

/** Notes that were written in a pupil's lessons before: what a coach says often is at hand again. */
export function usualNotes(lessons: readonly Lesson[], most = 6): string[] {
	const counts = new Map<string, number>();
	for (const { blocks } of lessons)
		for (const { note } of blocks)
			for (const part of note.split(/[.\n;]/).map((text) => text.trim()))
				if (part !== '') counts.set(part, (counts.get(part) ?? 0) + 1);
	return [...counts]
		.sort(([, a], [, b]) => b - a)
		.slice(0, most)
		.map(([text]) => text);
}
