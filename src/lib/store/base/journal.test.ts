import 'fake-indexeddb/auto';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { SmallStorage } from '../../../../tests/support/smallStorage';
import { database } from './database';
import { noteUnwritten, settle, strikeOut, unwrittenNotes, writeNoted } from './journal';
import { noteLastShot, readLastShot, writeLastShot } from '../shelves/settings';
import { shotDraftSchema } from '$lib/io/work/shot';

let storage: SmallStorage;
beforeEach(() => vi.stubGlobal('localStorage', (storage = new SmallStorage())));
afterEach(async () => {
	vi.unstubAllGlobals();
	await database.delete();
	await database.open();
});

const shotTo = (edgeToPin: number) => {
	const situation = { toEdge: 3, edgeToPin, stimpFeet: 10 };
	const shot = shotDraftSchema.parse({ situation, pupilId: 'pupil-1' });
	return { shot, id: null, line: 'one' };
};
const kept = async () => {
	const last = await readLastShot();
	return last && last !== 'broken' ? last.shot.situation.edgeToPin : last;
};

describe('the journal', () => {
	it('has what a page could not write when it was left written by the next that opens the database', async () => {
		await writeLastShot(shotTo(9));
		noteLastShot(shotTo(9), shotTo(6.1));
		database.close();
		await database.open();
		expect(await kept()).toBe(6.1);
		expect(unwrittenNotes()).toEqual([]);
	});

	it('is struck out by a later write of the same row, which is not undone by an old note', async () => {
		noteLastShot(shotTo(9), shotTo(6.1));
		await writeLastShot(shotTo(7));
		expect(unwrittenNotes()).toEqual([]);
		database.close();
		await database.open();
		expect(await kept()).toBe(7);
	});

	it('leaves in place what another tab changed while the note lay there', async () => {
		const [mine, theirs] = [shotTo(6.1), shotTo(9)];
		theirs.shot.situation.stimpFeet = 12;
		await writeLastShot(theirs);
		noteLastShot(shotTo(9), mine);
		database.close();
		await database.open();
		const last = await readLastShot();
		expect(last !== 'broken' && last?.shot.situation).toMatchObject({
			edgeToPin: 6.1,
			stimpFeet: 12
		});
	});

	it('keeps the note of a page although another writes the same row', async () => {
		await writeLastShot(shotTo(9));
		const row = { key: 'lastShot', value: shotTo(6.1).shot };
		const base = { key: 'lastShot', value: shotTo(9).shot };
		noteUnwritten({ table: 'settings', key: 'lastShot', row, base, page: 'gone' });
		await writeLastShot(shotTo(9));
		expect(unwrittenNotes()).toHaveLength(1);
		database.close();
		await database.open();
		expect(await kept()).toBe(6.1);
	});

	it('keeps a note that has been renewed while the old one was written', () => {
		const note = { table: 'greens', key: 'a/b', row: { id: 'a/b', name: 'old' } } as const;
		noteUnwritten(note);
		expect(unwrittenNotes()).toEqual([{ ...note, page: expect.any(String) as string }]);
		noteUnwritten({ ...note, row: { id: 'a/b', name: 'new' } });
		settle(note);
		expect(unwrittenNotes().map(({ row }) => row)).toEqual([{ id: 'a/b', name: 'new' }]);
		strikeOut(note);
		expect(unwrittenNotes()).toEqual([]);
	});

	it('keeps a note that was made while an earlier change of the same row was written', async () => {
		const noteOf = (name: string) =>
			({ table: 'greens', key: 'a', row: { id: 'a', name } }) as const;
		let done = () => {};
		const writing = writeNoted(
			noteOf('old'),
			() => new Promise<void>((resolve) => (done = resolve))
		);
		noteUnwritten(noteOf('new'));
		done();
		await writing;
		expect(unwrittenNotes().map(({ row }) => row)).toEqual([{ id: 'a', name: 'new' }]);
		await writeNoted(noteOf('newest'), () => Promise.resolve());
		expect(unwrittenNotes()).toEqual([]);
		await expect(
			writeNoted(noteOf('lost'), () => Promise.reject(new Error('full')))
		).rejects.toThrow('full');
		expect(unwrittenNotes().map(({ row }) => row)).toEqual([{ id: 'a', name: 'lost' }]);
	});

	it('drops what is no note, and leaves alone what is not its own', () => {
		storage.setItem('crisp-landing/unwritten/greens/p/x', '{broken');
		storage.setItem('crisp-landing/unwritten/elsewhere/p/x', '{}');
		storage.setItem('theme', 'slate');
		expect(unwrittenNotes()).toEqual([]);
		expect(Object.keys(storage)).toEqual(['theme']);
	});

	it('does without where there is no room, or no such store', () => {
		const row = { id: 'a', notes: 'x'.repeat(30_000) };
		noteUnwritten({ table: 'greens', key: 'a', row });
		expect(unwrittenNotes()).toEqual([]);
		vi.stubGlobal('localStorage', undefined);
		noteUnwritten({ table: 'greens', key: 'a', row: { id: 'a' } });
		expect(unwrittenNotes()).toEqual([]);
	});
});
