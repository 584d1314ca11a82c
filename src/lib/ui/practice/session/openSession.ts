import type { GreenWire } from '$lib/io/work/green';
import type { Ball } from '$lib/io/work/pupil';
import type { Session } from '$lib/io/practice/session';
import { answering } from '$lib/store/base/answering';
import { greenShelf } from '$lib/store/shelves/greens';
import { readSessionBalls, sessionShelf } from '$lib/store/shelves/practice';

/** A session with everything it is shown with. */
export interface OpenedSession {
	session: Session;
	balls: Ball[];
	/** The last session with the same drill and pupil, and its balls. */
	before: { session: Session; balls: Ball[] } | null;
	green: GreenWire | null;
}

/** Reads a session; undefined where there is none. */
export const openSession = (id: string): Promise<OpenedSession | undefined> => answering(read(id));

async function read(id: string): Promise<OpenedSession | undefined> {
	const session = await sessionShelf.get(id);
	if (!session) return undefined;
	const pupil = session.turns[0]?.pupilId;
	const { rows } = await sessionShelf.read();
	const last = rows.find(
		(other) =>
			other.id !== id &&
			other.drillId === session.drillId &&
			other.startedAt < session.startedAt &&
			other.turns.some(({ pupilId }) => pupilId === pupil)
	);
	const { greenId } = session.ground;
	return {
		session,
		balls: (await readSessionBalls(id)).sort((a, b) => a.at.localeCompare(b.at)),
		before: last
			? {
					session: last,
					balls: (await readSessionBalls(last.id)).filter(({ pupilId }) => pupilId === pupil)
				}
			: null,
		green: greenId ? ((await greenShelf.get(greenId)) ?? null) : null
	};
}
