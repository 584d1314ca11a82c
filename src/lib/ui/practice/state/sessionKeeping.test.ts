import 'fake-indexeddb/auto';
import { afterEach, expect, it, vi } from 'vitest';
import { practisedSession, sessionBall } from '../../../../../tests/support/sessions';
import { pupilFile } from '../../../../../tests/support/pupils';
import { database } from '$lib/store/base/database';
import { readSessionBalls, sessionShelf } from '$lib/store/shelves/practice';
import { SessionBench } from './sessionBench.svelte';
import { soon } from '../../../../../tests/support/soon';

const file = pupilFile();
let open: SessionBench;
const bench = () => (open = new SessionBench(practisedSession(), [], () => file));

afterEach(async () => {
	await open.flush();
	await open.close();
	vi.restoreAllMocks();
	await database.delete();
	await database.open();
});

it('keeps what was changed of the session', async () => {
	const made = bench();
	made.change((session) => (session.endedAt = '2026-10-10T10:00:00.000Z'));
	await made.flush();
	expect((await sessionShelf.get('session-1'))!.endedAt).toBe('2026-10-10T10:00:00.000Z');
});

it('tries again what could not be written, and says so meanwhile', async () => {
	vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout'] });
	const made = bench();
	const put = vi
		.spyOn(database.balls, 'bulkPut')
		.mockRejectedValueOnce(new Error('The disk is full.'));
	made.note({ landed: [14, 0], finished: [18, 0], source: 'typed' });
	await soon(() => expect(made.failure).toContain('full'));
	expect(made.balls).toHaveLength(1);
	await vi.advanceTimersByTimeAsync(2100);
	vi.useRealTimers();
	await soon(async () => expect(await readSessionBalls('session-1')).toHaveLength(1));
	await soon(() => expect(made.failure).toBe(''));
	expect(put.mock.calls.length).toBeGreaterThan(1);
});

it('takes in what another tab noted, and keeps what is not written yet', () => {
	const made = bench();
	made.note({ landed: [14, 0], finished: [18, 0], source: 'typed' });
	const theirs = sessionBall({ id: 'theirs', at: '2020-01-01T00:00:00.000Z' });
	made.follow(undefined, [theirs]);
	expect(made.balls.map(({ id }) => id)[0]).toBe('theirs');
	expect(made.balls).toHaveLength(2);
	made.follow(practisedSession({ name: 'Renamed' }), [theirs]);
	expect(made.session.name).toBe('Renamed');
	const { session, balls } = made;
	made.follow(practisedSession({ name: 'Renamed' }), [theirs]);
	expect([made.session === session, made.balls === balls]).toEqual([true, true]);
	made.change((changed) => (changed.notes = 'Mine'));
	made.follow(practisedSession({ name: 'Theirs' }), [theirs]);
	expect(made.session).toMatchObject({ name: 'Renamed', notes: 'Mine' });
});
