import 'fake-indexeddb/auto';
import { beforeEach, describe, expect, it } from 'vitest';
import { database } from '$lib/store/base/database';
import {
	addPupil,
	mergePupilFile,
	readPlaying,
	readPupilFile,
	writePlaying
} from '$lib/store/shelves/pupils';
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

	it('is read before all others, then whoever somebody waits for, each as a whole', async () => {
		for (const id of ['a', 'b', 'c', 'd'])
			await addPupil(pupilFile({ id, name: id }, [{ carry: 14 }]));
		await writePlaying('b');
		const state = new PlayingState();
		const seen: string[] = [];
		const end = $effect.root(() => {
			$effect(() => {
				const counts = state.files.map(({ balls }) => balls.length).join(' ');
				seen.push(`${counts}${state.ready ? ' ready' : ''}${state.whole ? ' whole' : ''}`);
				if (counts === '0 1 0 0') void state.read('d').then(() => seen.push('d is read'));
			});
		});
		const stop = state.follow();
		await until(() => state.files.length > 0 && state.whole);
		expect(seen).toEqual([
			' whole',
			'0 0 0 0',
			'0 1 0 0 ready',
			'1 1 0 0 ready',
			'1 1 0 1 ready',
			'd is read',
			'1 1 1 1 ready whole'
		]);
		await state.read('gone');
		// A club and a ball of one save come as one: nobody sees the one without the other.
		seen.length = 0;
		const before = state.of('a');
		const after = structuredClone(before);
		after.clubs.pop();
		after.balls = [];
		const over = $effect.root(() => {
			$effect(() => {
				const { clubs, balls } = state.of('a');
				seen.push(`${clubs.length} clubs, ${balls.length} balls`);
			});
		});
		await mergePupilFile(before, after);
		await until(() => state.of('a').balls.length === 0);
		over();
		const some = before.clubs.length;
		expect([...new Set(seen.filter((words) => words.includes('clubs')))]).toEqual([
			`${some} clubs, 1 balls`,
			`${some - 1} clubs, 0 balls`
		]);
		end();
		stop();
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
