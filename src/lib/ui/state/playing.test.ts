import 'fake-indexeddb/auto';
import { beforeEach, describe, expect, it } from 'vitest';
import { database } from '$lib/store/database';
import { addPupil, readPlaying, readPupilFile } from '$lib/store/pupils';
import { pupilFile } from '../../../../tests/support/pupils';
import { until } from '../../../../tests/support/planner';
import { PlayingState } from './playing.svelte';
import { PupilBench } from './pupilBench.svelte';

const ann = pupilFile({ id: 'ann', name: 'Ann', units: 'yards' });
const zoe = pupilFile({ id: 'zoe', name: 'Zoe' }, [{ carry: 14 }]);

beforeEach(async () => {
	await Promise.all(database.tables.map((table) => table.clear()));
});

describe('who is playing', () => {
	it('is made where there is nobody, and stays who it is although another comes first by name', async () => {
		const state = new PlayingState();
		const stop = state.follow();
		await until(() => state.ready);
		const you = state.file.pupil;
		expect(you.name).toBe('You');
		await addPupil(ann);
		await until(() => state.files.length === 2);
		expect(state.file.pupil.id).toBe(you.id);
		stop();
	});

	it('is chosen once and remembered, with units and what lengths are called', async () => {
		await addPupil(ann);
		await addPupil(zoe);
		const state = new PlayingState();
		const stop = state.follow();
		await until(() => state.ready);
		expect(state.say.length(0.9144)).toBe('1.0 yd');
		state.choose('zoe');
		expect(state.file.pupil.name).toBe('Zoe');
		expect(state.say.length(1)).toBe('1.0 m');
		expect(state.playing.golfer.carries).toHaveLength(1);
		stop();
		await until(() => true);
		expect(await readPlaying()).toBe('zoe');
		const next = new PlayingState();
		const end = next.follow();
		await until(() => next.ready);
		expect(next.file.pupil.id).toBe('zoe');
		end();
	});

	it('is somebody else where the one asked for is gone or put away', () => {
		const state = new PlayingState();
		expect(state.file.pupil.name).toBe('You');
		state.know([{ ...ann, pupil: { ...ann.pupil, archived: true } }, zoe]);
		expect(state.active.map(({ pupil }) => pupil.id)).toEqual(['zoe']);
		expect(state.file.pupil.id).toBe('zoe');
		expect(state.of('gone').pupil.id).toBe('zoe');
		expect(state.of('ann').pupil.id).toBe('ann');
	});

	it('changes at once, and is kept', async () => {
		await addPupil(zoe);
		const state = new PlayingState();
		state.know([zoe]);
		state.change((file) => (file.pupil.units = 'feet'));
		expect(state.style.symbol).toBe('ft');
		for (let i = 0; i < 100 && (await readPupilFile('zoe'))!.pupil.units !== 'feet'; i++)
			await new Promise((resolve) => setTimeout(resolve, 10));
		expect((await readPupilFile('zoe'))!.pupil.units).toBe('feet');
	});
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
});
