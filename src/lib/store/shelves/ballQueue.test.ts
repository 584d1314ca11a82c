import 'fake-indexeddb/auto';
import Dexie from 'dexie';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { practisedSession, sessionBall } from '../../../../tests/support/sessions';
import { SmallStorage } from '../../../../tests/support/smallStorage';
import { BallQueue, instantAfter } from './ballQueue';
import { database } from '../base/database';
import { unwrittenNotes } from '../base/journal';
import { hearTidings, type Tiding } from '../base/tidings';
import { writeNotes } from '../base/unwritten';
import { readSessionBalls, sessionShelf } from './practice';
import { ballShelf } from './pupils';

beforeEach(async () => {
	vi.stubGlobal('localStorage', new SmallStorage());
	await Promise.all(database.tables.map((table) => table.clear()));
});
afterEach(() => {
	vi.restoreAllMocks();
	vi.useRealTimers();
});

const at = (second: number) => `2026-10-10T09:01:0${second}.000Z`;
const ids = (balls: readonly { id: string }[]) => balls.map(({ id }) => id);

describe('balls on their way to the store', () => {
	it('are seen over what is stored, in the order they were noted, before anything is written', () => {
		const queue = new BallQueue(vi.fn());
		const stored = [
			sessionBall({ id: 'a', at: at(3) }),
			sessionBall({ id: 'b', at: at(1) }),
			sessionBall({ id: 'c', at: at(2) })
		];
		queue.put(sessionBall({ id: 'd', at: at(0) }));
		queue.put(sessionBall({ id: 'a', at: at(3), carry: 9 }));
		queue.remove('b');
		const over = queue.over(stored);
		expect(ids(over)).toEqual(['d', 'c', 'a']);
		expect(over[2]!.carry).toBe(9);
		void queue.close();
	});

	it('are written and then no longer held', async () => {
		const tell = vi.fn();
		const queue = new BallQueue(tell);
		queue.put(sessionBall({ id: 'a', at: at(1) }));
		queue.put(sessionBall({ id: 'b', at: at(2) }));
		queue.putSession(practisedSession({ name: 'Before lunch' }), practisedSession());
		expect(queue.holdsSession).toBe(true);
		await queue.flush();
		expect(queue.holdsSession).toBe(false);
		expect(ids(await readSessionBalls('session-1')).sort()).toEqual(['a', 'b']);
		expect(await database.sessions.get('session-1')).toMatchObject({ name: 'Before lunch' });
		expect(tell).toHaveBeenLastCalledWith('');
		queue.remove('a');
		await queue.flush();
		expect(ids(await readSessionBalls('session-1'))).toEqual(['b']);
		expect(queue.over([])).toEqual([]);
	});

	it('are told of and kept while the store fails, and written by themselves once it works', async () => {
		vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout'] });
		const tell = vi.fn();
		const put = vi.spyOn(ballShelf, 'putAll').mockRejectedValueOnce(new Error('The disk is full.'));
		const queue = new BallQueue(tell);
		queue.put(sessionBall({ id: 'a' }));
		await queue.flush();
		expect(tell).toHaveBeenLastCalledWith('The disk is full.');
		expect(ids(queue.over([]))).toEqual(['a']);
		await vi.advanceTimersByTimeAsync(1999);
		expect(put).toHaveBeenCalledTimes(1);
		await vi.advanceTimersByTimeAsync(2);
		vi.useRealTimers();
		await vi.waitFor(() => expect(tell).toHaveBeenLastCalledWith(''));
		expect(put).toHaveBeenCalledTimes(2);
	});

	it('are written once more where they changed while they were written', async () => {
		const queue = new BallQueue(vi.fn());
		queue.put(sessionBall({ id: 'a', carry: 10 }));
		queue.putSession(practisedSession({ name: 'First' }), practisedSession());
		// The first writes are under way: what comes now must not be taken for written.
		queue.put(sessionBall({ id: 'a', carry: 12 }));
		queue.putSession(practisedSession({ name: 'Second' }), practisedSession());
		await queue.flush();
		expect((await readSessionBalls('session-1')).map(({ carry }) => carry)).toEqual([12]);
		expect(await database.sessions.get('session-1')).toMatchObject({ name: 'Second' });
	});

	it('have their session written once more where it changed during its own write, in the same go', async () => {
		const queue = new BallQueue(vi.fn());
		const real = sessionShelf.put.bind(sessionShelf);
		vi.spyOn(sessionShelf, 'put').mockImplementationOnce(async (session) => {
			await Promise.resolve();
			queue.putSession(practisedSession({ name: 'Later' }), practisedSession());
			queue.put(sessionBall({ id: 'late' }));
			return real(session);
		});
		queue.putSession(practisedSession({ name: 'Sooner' }), practisedSession());
		await queue.flush();
		expect(await database.sessions.get('session-1')).toMatchObject({ name: 'Later' });
		expect(ids(await readSessionBalls('session-1'))).toEqual(['late']);
		expect(queue.holdsSession).toBe(false);
	});

	it('are held while a newer one waits behind the one that is being written', async () => {
		let release = () => {};
		const first = new Promise<void>((resolve) => (release = resolve));
		const real = ballShelf.putAll.bind(ballShelf);
		vi.spyOn(ballShelf, 'putAll').mockImplementationOnce(async (balls) => {
			await Dexie.waitFor(first);
			return real(balls);
		});
		const queue = new BallQueue(vi.fn());
		queue.put(sessionBall({ id: 'a', carry: 10 }));
		await Promise.resolve();
		queue.put(sessionBall({ id: 'a', carry: 12 }));
		release();
		await queue.flush();
		expect((await readSessionBalls('session-1')).map(({ carry }) => carry)).toEqual([12]);
	});

	it('are all noted the moment they come, though the first is still being written', async () => {
		vi.spyOn(ballShelf, 'putAll').mockReturnValue(new Promise(() => {}));
		const queue = new BallQueue(vi.fn());
		queue.put(sessionBall({ id: 'a' }));
		queue.put(sessionBall({ id: 'b' }));
		queue.remove('c');
		queue.putSession(practisedSession({ name: 'Later' }), practisedSession());
		const noted = unwrittenNotes().map(({ table, key, row }) => [table, key, row === null]);
		expect(noted).toEqual([
			['balls', 'a', false],
			['balls', 'b', false],
			['balls', 'c', true],
			['sessions', 'session-1', false]
		]);
		await Promise.resolve();
	});

	it('are noted and said where they cannot be written when their view is left, and written later', async () => {
		const heard: Tiding[] = [];
		const deaf = hearTidings((tiding) => heard.push(tiding));
		await ballShelf.put(sessionBall({ id: 'back' }));
		vi.spyOn(ballShelf, 'putAll').mockRejectedValue(new Error('full'));
		const queue = new BallQueue(vi.fn());
		queue.remove('back');
		queue.put(sessionBall({ id: 'a' }));
		queue.putSession(practisedSession({ name: 'Later' }), practisedSession());
		await queue.close();
		expect(heard).toEqual([{ kind: 'notKept', why: 'full', noted: true }]);
		vi.restoreAllMocks();
		expect(await writeNotes(database)).toBe(0);
		expect(ids(await readSessionBalls('session-1'))).toEqual(['a']);
		expect((await sessionShelf.get('session-1'))?.name).toBe('Later');
		deaf();
	});

	it('do not try for ever once they are closed', async () => {
		vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout'] });
		const put = vi.spyOn(ballShelf, 'putAll').mockRejectedValue(new Error('gone'));
		const queue = new BallQueue(vi.fn());
		queue.put(sessionBall({ id: 'a' }));
		await queue.close();
		const tried = put.mock.calls.length;
		await vi.advanceTimersByTimeAsync(10_000);
		expect(put).toHaveBeenCalledTimes(tried);
	});
});

it('gives each ball an instant of its own, though the clock stands or is set back', () => {
	const last = '2026-10-10T09:01:00.000Z';
	const now = Date.parse(last);
	expect(instantAfter(last, now + 5)).toBe('2026-10-10T09:01:00.005Z');
	expect(instantAfter(last, now)).toBe('2026-10-10T09:01:00.001Z');
	expect(instantAfter(last, now - 60_000)).toBe('2026-10-10T09:01:00.001Z');
	expect(instantAfter('', now)).toBe(last);
});
