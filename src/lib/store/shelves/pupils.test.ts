import 'fake-indexeddb/auto';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { pupilFile } from '../../../../tests/support/pupils';
import { SmallStorage } from '../../../../tests/support/smallStorage';
import { database } from '../base/database';
import { unwrittenNotes } from '../base/journal';
import { newPupilFile } from './newPupilFile';
import {
	addPupil,
	keepPupilFile,
	mergePupilFile,
	notePupilFile,
	readPlaying,
	readPupilFile,
	readRoster,
	removePupil,
	somebody,
	writePlaying
} from './pupils';
import { everybody } from '../../../../tests/support/everybody';

const file = pupilFile({ name: 'Ann' }, [{ carry: 14 }, { carry: 15 }]);

beforeEach(async () => {
	await Promise.all(database.tables.map((table) => table.clear()));
});

describe('pupils', () => {
	it('come with bag and balls, by name', async () => {
		await addPupil(pupilFile({ id: 'z', name: 'Zoe' }));
		await addPupil(file);
		const files = await everybody();
		expect(files.map(({ pupil }) => pupil.name)).toEqual(['Ann', 'Zoe']);
		expect(files[0]).toEqual(file);
		expect(files[1]!.balls).toEqual([]);
		const [first] = await readRoster();
		expect(first).toEqual({ ...file, balls: [] });
	});

	it('are one called You where there is nobody, made once', async () => {
		await Promise.all([somebody(newPupilFile('You')), somebody(newPupilFile('You'))]);
		const files = await everybody();
		expect(files.map(({ pupil }) => pupil.name)).toEqual(['You']);
		expect(files[0]!.clubs).toHaveLength(11);
	});

	it('take bag and balls with them, and bring them back', async () => {
		await addPupil(file);
		const undo = await removePupil('pupil-1');
		expect(await database.clubs.count()).toBe(0);
		expect(await database.tombstones.count()).toBe(1 + file.clubs.length + 2);
		await undo();
		expect(await readPupilFile('pupil-1')).toEqual(file);
		expect(await database.tombstones.count()).toBe(0);
	});

	it('are read beside rows of theirs that cannot be, however many balls there are', async () => {
		await addPupil(pupilFile({ id: 'z', name: 'Zoe' }, [{ carry: 9 }]));
		const many = Array.from({ length: 1203 }, (_, i) => ({
			...file.balls[0]!,
			id: `many-${i}`,
			at: new Date(Date.UTC(2026, 4, 1) + ((i * 7919) % 1203) * 1000).toISOString()
		}));
		await addPupil({ ...file, balls: many });
		const odd = { id: 'odd', pupilId: 'pupil-1' };
		await database.clubs.put(odd);
		await database.balls.put(odd);
		const { balls, clubs } = (await readPupilFile('pupil-1'))!;
		expect(clubs).toEqual(file.clubs);
		expect(balls.map(({ at }) => at)).toEqual(many.map(({ at }) => at).sort());
	});
});

describe('a pupil changed in two tabs', () => {
	it('keeps what each did: a name here, a club there, balls of both', async () => {
		await addPupil(file);
		const mine = structuredClone(file);
		mine.pupil.name = 'Anna';
		mine.balls.push({ ...mine.balls[0]!, id: 'mine', carry: 13 });
		const theirs = structuredClone(file);
		theirs.clubs[0]!.loft = 57;
		theirs.balls.splice(0, 1);
		await mergePupilFile(file, theirs);
		const { merged, clashes } = await mergePupilFile(file, mine);
		expect(clashes).toEqual([]);
		expect(merged.pupil.name).toBe('Anna');
		expect(merged.clubs.find(({ id }) => id === file.clubs[0]!.id)!.loft).toBe(57);
		expect(merged.balls.map(({ id }) => id).sort()).toEqual(['mine', file.balls[1]!.id].sort());
		const kept = (await readPupilFile('pupil-1'))!;
		expect(kept.pupil).toEqual(merged.pupil);
		expect(kept.balls.map(({ id }) => id).sort()).toEqual(['mine', file.balls[1]!.id].sort());
	});

	it('lets the later count where both changed the same, and tells', async () => {
		await addPupil(file);
		const [mine, theirs] = [structuredClone(file), structuredClone(file)];
		theirs.pupil.skill = 'expert';
		mine.pupil.skill = 'high';
		await mergePupilFile(file, theirs);
		const { clashes } = await mergePupilFile(file, mine);
		expect(clashes).toEqual([{ path: ['pupil', 'skill'], mine: 'high', theirs: 'expert' }]);
		expect((await readPupilFile('pupil-1'))!.pupil.skill).toBe('high');
	});

	it('writes only what changed', async () => {
		await addPupil(file);
		const before = await database.clubs.toArray();
		const mine = structuredClone(file);
		mine.pupil.notes = 'Tuesdays';
		await mergePupilFile(file, mine);
		expect(await database.clubs.toArray()).toEqual(before);
	});
});

it('notes what a page had no time to write, and writes it at the next opening', async () => {
	vi.stubGlobal('localStorage', new SmallStorage());
	await addPupil(file);
	const mine = structuredClone(file);
	mine.pupil.name = 'Anna';
	mine.clubs[2]!.loft = 33;
	mine.balls.push({ ...mine.balls[0]!, id: 'late', carry: 12 });
	notePupilFile(file, mine);
	expect(unwrittenNotes()).toHaveLength(3);
	database.close();
	await database.open();
	expect(await readPupilFile('pupil-1')).toMatchObject({ pupil: { name: 'Anna' } });
	expect((await readPupilFile('pupil-1'))!.balls.map(({ id }) => id)).toContain('late');
	expect(unwrittenNotes()).toEqual([]);
	const last = { ...mine, pupil: { ...mine.pupil, name: 'Annie' }, clubs: mine.clubs.slice(1) };
	await keepPupilFile(mine, last);
	expect(await readPupilFile('pupil-1')).toMatchObject({ pupil: { name: 'Annie' } });
	expect(unwrittenNotes()).toEqual([]);
	// Of what cannot be written the notes stay.
	database.close({ disableAutoOpen: true });
	await expect(keepPupilFile(last, mine)).rejects.toThrow();
	expect(unwrittenNotes().map(({ table }) => table)).toEqual(['pupils', 'clubs']);
	await database.open();
	expect(await readPupilFile('pupil-1')).toMatchObject({ pupil: { name: 'Anna' } });
	vi.unstubAllGlobals();
});

it('remembers who plays', async () => {
	expect(await readPlaying()).toBeNull();
	await writePlaying('pupil-1');
	expect(await readPlaying()).toBe('pupil-1');
	await database.settings.put({ key: 'playing', value: 9 });
	expect(await readPlaying()).toBeNull();
});
