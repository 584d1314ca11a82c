import type { DrillDraft } from '$lib/io/practice/drill';
import type { Homework } from '$lib/io/practice/homework';
import type { Ball } from '$lib/io/work/pupil';
import { drillRow } from '$lib/io/rows/drill';
import { homeworkRow } from '$lib/io/rows/homework';
import { sessionRow } from '$lib/io/rows/session';
import type { Session } from '$lib/io/practice/session';
import { database } from '../base/database';
import { notesMade, noteUnwritten, strikeOut, writeNoted, type Note } from '../base/journal';
import { ballShelf } from './pupils';
import type { Merged } from '../base/merge';
import { byText, Shelf, type BrokenRow, type Undo } from '../base/shelf';

const byStart = byText<Session>(({ startedAt }) => startedAt);
/** The latest first. */
export const sessionShelf = new Shelf<Session>('sessions', sessionRow, (a, b) => byStart(b, a));
/** By name. */
export const drillShelf = new Shelf<DrillDraft>('drills', drillRow, (a, b) =>
	a.name.localeCompare(b.name)
);
/** The next due first. */
export const homeworkShelf = new Shelf<Homework>('homework', homeworkRow, (a, b) =>
	a.due.localeCompare(b.due)
);

/** Everything of practice but the balls. */
export interface PracticeBook {
	sessions: Session[];
	drills: DrillDraft[];
	homework: Homework[];
	broken: BrokenRow[];
}

export async function readPractice(): Promise<PracticeBook> {
	const [sessions, drills, homework] = await Promise.all([
		sessionShelf.read(),
		drillShelf.read(),
		homeworkShelf.read()
	]);
	return {
		sessions: sessions.rows,
		drills: drills.rows,
		homework: homework.rows,
		broken: [...sessions.broken, ...drills.broken, ...homework.broken]
	};
}

/** The balls of a session in the order they were noted. */
export const readSessionBalls = (id: string): Promise<Ball[]> =>
	ballShelf.readWhere('sessionId', id);

/** What of a session is not kept yet. */
export interface NotedSession {
	session?: Session | null;
	/** As it was before. */
	before?: Session | null;
	/** By id; null for one that is taken back. */
	balls?: ReadonlyMap<string, Ball | null>;
}

/** Notes what of a session is not kept yet; answers whether all of it is noted. */
export const noteSession = ({ session, before, balls = new Map() }: NotedSession): boolean =>
	[
		...(session ? [sessionNote(session, before)] : []),
		...[...balls].map(([key, row]) => ({ table: 'balls' as const, key, row }))
	]
		.map(noteUnwritten)
		.every(Boolean);

const sessionNote = (session: Session, before: Session | null | undefined): Note => ({
	table: 'sessions',
	key: session.id,
	row: session,
	base: before ?? undefined
});

/**
 * Keeps balls and takes others back, all or none; should the page die meanwhile they are noted and written at the next opening.
 *
 * @param balls by id; null for one that was noted by mistake
 */
export async function keepBalls(balls: ReadonlyMap<string, Ball | null>): Promise<void> {
	noteSession({ balls });
	const noted = notesMade();
	const gone = [...balls].flatMap(([id, ball]) => (ball ? [] : [id]));
	await database.transaction('rw', database.balls, database.tombstones, async () => {
		await ballShelf.putAll([...balls.values()].filter((ball) => ball !== null));
		await ballShelf.removeAll(gone);
	});
	for (const key of balls.keys()) strikeOut({ table: 'balls', key }, noted);
}

/**
 * Keeps a session beside what another tab changed of it; should the page die meanwhile it is noted and written at the next opening.
 *
 * @param before as it was, where it is not new
 */
export async function keepSession(session: Session, before: Session | null = null): Promise<void> {
	await writeNoted(sessionNote(session, before), () =>
		before ? sessionShelf.merge(before, session) : sessionShelf.put(session)
	);
}

/**
 * Keeps a drill of somebody's own beside what another tab changed of it; should the page die meanwhile it is noted and written at the next
 * opening.
 *
 * @param before the drill as it was
 */
export async function keepDrill(
	before: DrillDraft,
	drill: DrillDraft
): Promise<Merged<DrillDraft>> {
	let found: Merged<DrillDraft> = { merged: drill, clashes: [] };
	await writeNoted({ table: 'drills', key: drill.id, row: drill, base: before }, async () => {
		found = await drillShelf.merge(before, drill);
	});
	return found;
}

/** Notes what of a drill is not kept yet; answers whether it could. */
export const noteDrill = (before: DrillDraft, drill: DrillDraft): boolean =>
	noteUnwritten({ table: 'drills', key: drill.id, row: drill, base: before });

/**
 * Says which balls of a session the carry tables rest on, and ends it, in one transaction.
 *
 * @param counts whether a ball does
 * @returns what undoes it
 */
export function settleSession(session: Session, counts: (ball: Ball) => boolean): Promise<Undo> {
	const tables = [database.sessions, database.balls, database.tombstones];
	return database.transaction('rw', tables, async () => {
		const before = await sessionShelf.get(session.id);
		const balls = await readSessionBalls(session.id);
		const changed = balls.filter((ball) => ball.counts !== counts(ball));
		await sessionShelf.put(session);
		await ballShelf.putAll(changed.map((ball) => ({ ...ball, counts: counts(ball) })));
		return () =>
			database.transaction('rw', tables, async () => {
				if (before) await sessionShelf.put(before);
				await ballShelf.putAll(changed);
			});
	});
}

/** Removes a session with its balls, and hands back what undoes it. */
export function removeSession(id: string): Promise<Undo> {
	const tables = [database.sessions, database.balls, database.tombstones];
	return database.transaction('rw', tables, async () => {
		const balls = await database.balls.where('sessionId').equals(id).primaryKeys();
		const undos = [await ballShelf.removeAll(balls), await sessionShelf.remove(id)];
		return () =>
			database.transaction('rw', tables, async () => {
				for (const undo of undos) await undo();
			});
	});
}

/** Keeps balls that were read from a file, and the session they make, in one transaction; hands back what undoes it. */
export function addSession(session: Session, balls: readonly Ball[]): Promise<Undo> {
	const tables = [database.sessions, database.balls, database.tombstones];
	return database.transaction('rw', tables, async () => {
		await sessionShelf.put(session);
		await ballShelf.putAll(balls);
		return async () => {
			await removeSession(session.id);
		};
	});
}
