import 'fake-indexeddb/auto';
import { afterEach, describe, expect, it } from 'vitest';
import { pupilFile } from '../../../../tests/support/pupils';
import { database } from '$lib/store/base/database';
import { addPupil, readPupilFile } from '$lib/store/shelves/pupils';
import { PupilBench } from './pupilBench.svelte';

const zoe = pupilFile({ id: 'zoe', name: 'Zoe' }, [{ carry: 14 }]);

afterEach(async () => {
	await database.delete();
	await database.open();
});

describe('a pupil under work', () => {
	it('keeps itself, undoes, and takes in what another tab did', async () => {
		await addPupil(zoe);
		const bench = new PupilBench(zoe);
		bench.change((file) => (file.pupil.name = 'Zora'));
		expect(bench.pending).toBe(true);
		await bench.flush();
		expect((await readPupilFile('zoe'))!.pupil.name).toBe('Zora');
		bench.undo();
		expect([bench.file.pupil.name, bench.canUndo, bench.canRedo]).toEqual(['Zoe', false, true]);
		bench.redo();
		await bench.flush();
		const stored = (await readPupilFile('zoe'))!;
		bench.follow({ ...stored, pupil: { ...stored.pupil, skill: 'expert' } });
		expect(bench.file.pupil).toMatchObject({ name: 'Zora', skill: 'expert' });
		await bench.close();
	});

	it('is put together with another tab’s when both changed it, and tells where they clash', async () => {
		await addPupil(zoe);
		const [one, other] = [new PupilBench(zoe), new PupilBench(zoe)];
		one.change((file) => (file.pupil.skill = 'high'));
		one.change((file) => (file.pupil.notes = 'one'));
		other.change((file) => (file.pupil.skill = 'expert'));
		other.change((file) => (file.clubs[0]!.loft = 21));
		await one.flush();
		await other.flush();
		expect(other.file.pupil).toMatchObject({ notes: 'one', skill: 'expert' });
		expect(other.clashes.map(({ path }) => path)).toEqual([['pupil', 'skill']]);
		await one.close();
		await other.close();
	});

	it('is not kept while something in it is wrong, and says what', async () => {
		await addPupil(zoe);
		const bench = new PupilBench(zoe);
		bench.change((file) => (file.pupil.pace = 9));
		expect(bench.problems[0]).toMatchObject({ path: 'pupil.pace' });
		await bench.flush();
		expect((await readPupilFile('zoe'))!.pupil.pace).toBe(0.9);
		await bench.close();
	});

	it('is kept at once when it is left', async () => {
		await addPupil(zoe);
		const bench = new PupilBench(zoe);
		bench.change((file) => (file.pupil.minding = 'Knee'));
		expect(bench.pending).toBe(true);
		await bench.close();
		expect(bench.pending).toBe(false);
		expect((await readPupilFile('zoe'))!.pupil.minding).toBe('Knee');
	});

	it('takes in what another tab kept, unless something here is not kept yet', async () => {
		await addPupil(zoe);
		const bench = new PupilBench(zoe);
		const theirs = { ...bench.file, pupil: { ...bench.file.pupil, notes: 'Theirs' } };
		bench.change((file) => (file.pupil.minding = 'Knee'));
		bench.follow(theirs);
		expect(bench.file.pupil.notes).not.toBe('Theirs');
		await bench.flush();
		bench.follow({ ...bench.file, pupil: { ...bench.file.pupil, notes: 'Theirs' } });
		expect(bench.file.pupil).toMatchObject({ notes: 'Theirs', minding: 'Knee' });
		await bench.close();
	});
});
