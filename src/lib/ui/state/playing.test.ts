import 'fake-indexeddb/auto';
import { beforeEach, describe, expect, it } from 'vitest';
import { database } from '$lib/store/base/database';
import { addPupil, readPlaying, readPupilFile } from '$lib/store/shelves/pupils';
import { pupilFile } from '../../../../tests/support/pupils';
import { soon, until } from '../../../../tests/support/soon';
import { PlayingState } from './playing.svelte';
import { preferences } from './preferences.svelte';

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

	it('is chosen once and remembered, with what was chosen before', async () => {
		await addPupil(ann);
		await addPupil(zoe);
		const state = new PlayingState();
		const stop = state.follow();
		await until(() => state.ready);
		expect(state.before).toBeNull();
		state.choose('zoe');
		expect(state.file.pupil.name).toBe('Zoe');
		expect(state.before?.pupil.name).toBe('Ann');
		expect(state.playing.golfer.carries).toHaveLength(1);
		stop();
		await soon(async () => expect(await readPlaying()).toBe('zoe'));
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

	it('is somebody else again once the change is taken back', () => {
		const state = new PlayingState();
		state.know([ann, zoe]);
		state.choose('zoe');
		state.takeBack();
		expect([state.file.pupil.id, state.before]).toEqual(['ann', null]);
		state.choose('ann');
		expect(state.before).toBeNull();
	});

	it('says lengths in the units of the screen, whoever plays', () => {
		const state = new PlayingState();
		state.know([{ ...zoe, pupil: { ...zoe.pupil, units: 'feet' } }]);
		const { current } = preferences;
		preferences.current = { ...current, units: 'paces', pace: 0.8 };
		expect(state.say.length(2)).toBe('2.5 paces');
		preferences.current = current;
		expect(state.say.length(2)).toBe('2.0 m');
	});

	it('changes at once, and is kept', async () => {
		await addPupil(zoe);
		const state = new PlayingState();
		state.know([zoe]);
		state.change((file) => (file.pupil.units = 'feet'));
		expect(state.file.pupil.units).toBe('feet');
		for (let i = 0; i < 100 && (await readPupilFile('zoe'))!.pupil.units !== 'feet'; i++)
			await new Promise((resolve) => setTimeout(resolve, 10));
		expect((await readPupilFile('zoe'))!.pupil.units).toBe('feet');
	});
});
