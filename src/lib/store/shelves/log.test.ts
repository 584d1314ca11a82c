import 'fake-indexeddb/auto';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { playOf } from '../../../../tests/support/plays';
import { SmallStorage } from '../../../../tests/support/smallStorage';
import { database } from '../base/database';
import { writeNotes } from '../base/unwritten';
import {
	changePlay,
	keepPlay,
	keepPracticed,
	keepRound,
	playShelf,
	readLatest,
	readLog,
	readPracticed,
	removePlays,
	removeRound
} from './log';

const round = { id: 'r', pupilId: 'pupil-1', day: '2026-10-10', name: 'Nine', notes: '' };
const play = (id: string, day = 10, roundId: string | null = null) =>
	playOf({ id, roundId, at: `2026-10-${day}T09:00:00.000Z` });

beforeEach(() => Promise.all(database.tables.map((table) => table.clear())));

describe('the log', () => {
	it('keeps what was played, the latest first, and takes it back', async () => {
		await keepPlay(play('a', 10));
		const undo = await keepPlay(play('b', 12));
		await keepRound(round);
		await keepRound({ ...round, id: 's', day: '2026-10-20' });
		const book = await readLog();
		expect(book.plays.map(({ id }) => id)).toEqual(['b', 'a']);
		expect(book.rounds.map(({ id }) => id)).toEqual(['s', 'r']);
		await undo();
		expect((await readLog()).plays).toEqual([play('a', 10)]);
		expect(await readLatest()).toMatchObject({ plays: [play('a', 10)], rounds: book.rounds });
	});

	it('takes a shot back, too, where the page ends before that is written', async () => {
		vi.stubGlobal('localStorage', new SmallStorage());
		await keepPlay(play('a'));
		const undo = await keepPlay(play('b'));
		vi.spyOn(playShelf, 'remove').mockRejectedValueOnce(new Error('gone'));
		await expect(undo()).rejects.toThrow('gone');
		expect((await readLog()).plays).toHaveLength(2);
		expect(await writeNotes(database)).toBe(0);
		expect((await readLog()).plays.map(({ id }) => id)).toEqual(['a']);
		vi.unstubAllGlobals();
	});

	it('takes balls of a practice in once, and leaves what was said of them since', async () => {
		await keepPlay({ ...play('a'), notes: 'mine' });
		const undo = await keepPracticed([play('a'), play('b')]);
		const found = await readPracticed([{ id: 'a' }, { id: 'b' }, { id: 'c' }]);
		expect(found.map(({ id, notes }) => [id, notes]).sort()).toEqual([
			['a', 'mine'],
			['b', '']
		]);
		await undo();
		expect((await readLog()).plays.map(({ id }) => id)).toEqual(['a']);
	});

	it('puts changes of two tabs together', async () => {
		const before = play('a');
		await keepPlay(before);
		await changePlay(before, { ...before, notes: 'windy' });
		const { merged, clashes } = await changePlay(before, { ...before, strokes: 3 });
		expect(merged).toMatchObject({ notes: 'windy', strokes: 3 });
		expect(clashes).toEqual([]);
		await keepRound(round);
		await keepRound({ ...round, notes: 'wet' }, round);
		await keepRound({ ...round, name: 'Eighteen' }, round);
		expect((await readLog()).rounds).toMatchObject([{ name: 'Eighteen', notes: 'wet' }]);
	});

	it('removes many at once and brings all of them back', async () => {
		for (const id of ['a', 'b', 'c']) await keepPlay(play(id));
		const undo = await removePlays(['a', 'c']);
		expect((await readLog()).plays.map(({ id }) => id)).toEqual(['b']);
		await undo();
		expect((await readLog()).plays).toHaveLength(3);
	});

	it('makes practice of the shots of a round that goes, until it is brought back', async () => {
		await keepRound(round);
		await keepPlay(play('a', 10, 'r'));
		await keepPlay(play('b', 11));
		const undo = await removeRound('r');
		const without = await readLog();
		expect(without.rounds).toEqual([]);
		expect(without.plays.map(({ roundId }) => roundId)).toEqual([null, null]);
		await undo();
		const back = await readLog();
		expect(back.rounds).toEqual([round]);
		expect(back.plays.map(({ id, roundId }) => [id, roundId])).toEqual([
			['b', null],
			['a', 'r']
		]);
	});
});
