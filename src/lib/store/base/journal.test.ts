import 'fake-indexeddb/auto';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { SmallStorage } from '../../../../tests/support/smallStorage';
import { database } from './database';
import {
	noteForGood,
	notesAsText,
	noteUnwritten,
	senselessNotes,
	settle,
	strikeOut,
	takeNotesOut,
	unwrittenNotes,
	writeNoted
} from './journal';
import { hearTidings, type Tiding } from './tidings';
import { writeNotes } from './unwritten';
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
		noteForGood(() => noteLastShot(shotTo(9), shotTo(6.1)));
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

	it('keeps what is no note, says so, writes the others, and takes it out only when asked', async () => {
		const heard: Tiding[] = [];
		const deaf = hearTidings((tiding) => heard.push(tiding));
		storage.setItem('crisp-landing/unwritten/greens/p/x', '{broken');
		storage.setItem('crisp-landing/unwritten/elsewhere/p/x', '{"row":{}}');
		storage.setItem('theme', 'slate');
		noteLastShot(shotTo(9), shotTo(6.1));
		database.close();
		await database.open();
		expect(await kept()).toBe(6.1);
		expect(heard).toEqual([{ kind: 'unwritten', notes: 2, senseless: 2 }]);
		expect(senselessNotes().map(({ text }) => text)).toEqual(['{broken', '{"row":{}}']);
		expect(JSON.parse(notesAsText())).toHaveProperty(['crisp-landing/unwritten/greens/p/x']);
		const putBack = takeNotesOut();
		expect(Object.keys(storage)).toEqual(['theme']);
		putBack();
		expect(senselessNotes()).toHaveLength(2);
		deaf();
	});

	it('opens the store and writes the others though a note cannot be written, which stays and is told', async () => {
		const heard: Tiding[] = [];
		const deaf = hearTidings((tiding) => heard.push(tiding));
		await readLastShot();
		// A row without its key is refused by the store, as a full disk refuses one.
		noteUnwritten({ table: 'greens', key: 'bad', row: { name: 'no id' }, page: 'a' });
		noteUnwritten({ table: 'greens', key: 'g', row: { id: 'g', name: 'Kiln' }, page: 'b' });
		database.close();
		await database.open();
		expect(await database.greens.toArray()).toMatchObject([{ id: 'g', name: 'Kiln' }]);
		expect(unwrittenNotes().map(({ key }) => key)).toEqual(['bad']);
		expect(heard).toEqual([{ kind: 'unwritten', notes: 1, senseless: 0 }]);
		deaf();
	});

	it('never puts a noted shot together with another: the later stays on the screen, an older one goes among the saved', async () => {
		const heard: Tiding[] = [];
		const deaf = hearTidings((tiding) => heard.push(tiding));
		vi.useFakeTimers({ toFake: ['Date'], now: new Date('2026-05-01T12:00:00Z') });
		const theirs = { ...shotTo(20), line: 'other' };
		noteLastShot(shotTo(9), shotTo(6.1));
		vi.setSystemTime(new Date('2026-05-01T12:00:05Z'));
		await writeLastShot(theirs);
		noteForGood(() => noteLastShot(shotTo(9), { ...shotTo(7), line: 'third' }));
		vi.useRealTimers();
		// The write above made up for this page's own note.
		expect(unwrittenNotes()).toHaveLength(1);
		const [note] = unwrittenNotes();
		const old = { ...shotTo(6.1), at: '2026-05-01T12:00:00.000Z' };
		noteUnwritten({ ...note!, page: 'old', row: old, base: shotTo(9) });
		database.close();
		await database.open();
		expect(await kept()).toBe(7);
		const saved = await database.shots.toArray();
		expect(saved).toMatchObject([
			{ name: 'Left unfinished, 2026-05-01 12:00', shot: { situation: { edgeToPin: 6.1 } } }
		]);
		expect(heard).toEqual([{ kind: 'setAside', name: 'Left unfinished, 2026-05-01 12:00' }]);
		deaf();
	});

	it('puts a noted shot beside what another tab changed of the same one since, and over nothing where none is kept', async () => {
		vi.useFakeTimers({ toFake: ['Date'], now: new Date('2026-05-01T12:00:00Z') });
		noteForGood(() => noteLastShot(shotTo(9), shotTo(6.1)));
		const [note] = unwrittenNotes();
		const theirs = shotTo(9);
		theirs.shot.situation.stimpFeet = 12;
		vi.setSystemTime(new Date('2026-05-01T12:00:05Z'));
		await writeLastShot(theirs);
		vi.useRealTimers();
		noteUnwritten({ ...note!, page: 'old' });
		await writeNotes(database);
		const last = await readLastShot();
		expect(last).toMatchObject({ shot: { situation: { edgeToPin: 6.1, stimpFeet: 12 } } });
		expect(await database.shots.count()).toBe(0);
		await database.settings.clear();
		noteUnwritten({ ...note!, page: 'old' });
		await writeNotes(database);
		expect(await kept()).toBe(6.1);
		expect(await database.shots.count()).toBe(0);
	});

	it('removes what was to be removed, unless somebody has changed it since', async () => {
		const [a, b] = [
			{ id: 'a', name: 'A' },
			{ id: 'b', name: 'B' }
		];
		await database.clubs.bulkPut([a, { ...b, name: 'Changed since' }]);
		noteUnwritten({ table: 'clubs', key: 'a', row: null, base: a });
		noteUnwritten({ table: 'clubs', key: 'b', row: null, base: b });
		noteUnwritten({ table: 'clubs', key: 'never was', row: null });
		expect(await writeNotes(database)).toBe(0);
		expect((await database.clubs.toArray()).map(({ id }) => id)).toEqual(['b']);
		expect((await database.tombstones.toArray()).map(({ key }) => key)).toEqual(['clubs/a']);
		expect(unwrittenNotes()).toEqual([]);
	});

	it('dates a field anew that it changes, and leaves the age of one that it does not', async () => {
		const since = {
			note: '2020-01-01T00:00:00.000Z-0000-a',
			collar: '2020-01-01T00:00:00.000Z-0000-a'
		};
		const base = { id: 'g', note: '', collar: 1 };
		await database.greens.put({ ...base, since });
		noteUnwritten({ table: 'greens', key: 'g', row: { ...base, note: 'wet' }, base });
		await writeNotes(database);
		expect(await database.greens.get('g')).toMatchObject({
			note: 'wet',
			since: { collar: since.collar }
		});
		expect(await database.greens.get('g')).not.toHaveProperty('since.note');
	});

	it('says where a later change of the same part counts', async () => {
		const heard: Tiding[] = [];
		const deaf = hearTidings((tiding) => heard.push(tiding));
		await database.greens.put({ id: 'g', name: 'Theirs' } as never);
		noteUnwritten({
			table: 'greens',
			key: 'g',
			row: { id: 'g', name: 'Mine' },
			base: { id: 'g', name: '' }
		});
		await writeNotes(database);
		expect(await database.greens.get('g')).toMatchObject({ name: 'Theirs' });
		expect(heard).toEqual([{ kind: 'overtaken', parts: 1 }]);
		deaf();
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
