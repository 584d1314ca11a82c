import 'fake-indexeddb/auto';
import { flushSync } from 'svelte';
import { afterEach, describe, expect, it } from 'vitest';
import { addPupil, readPupilFile } from '$lib/store/shelves/pupils';
import { database } from '$lib/store/base/database';
import { pupilFile } from '../../../../tests/support/pupils';
import { benchOf } from './benchOf.svelte';

afterEach(async () => {
	await database.delete();
	await database.open();
});

describe('a bench for whoever is asked for', () => {
	it('opens, keeps what is left, and takes in what is kept elsewhere', async () => {
		const [ann, zoe] = [
			pupilFile({ id: 'ann', name: 'Ann' }),
			pupilFile({ id: 'zoe', name: 'Zoe' })
		];
		await addPupil(ann);
		await addPupil(zoe);
		let asked = $state.raw<typeof ann | undefined>(undefined);
		let found: ReturnType<typeof benchOf> | undefined;
		const end = $effect.root(() => {
			found = benchOf(() => asked);
		});
		flushSync();
		expect(found!.bench).toBeNull();
		asked = ann;
		flushSync();
		expect(found!.bench!.file.pupil.name).toBe('Ann');
		asked = { ...ann, pupil: { ...ann.pupil, notes: 'elsewhere' } };
		flushSync();
		expect(found!.bench!.file.pupil.notes).toBe('elsewhere');
		found!.bench!.change((file) => (file.pupil.minding = 'Knee'));
		asked = zoe;
		flushSync();
		expect(found!.bench!.file.pupil.name).toBe('Zoe');
		const kept = async () => (await readPupilFile('ann'))!.pupil.minding;
		for (let i = 0; i < 100 && (await kept()) !== 'Knee'; i++)
			await new Promise((resolve) => setTimeout(resolve, 20));
		expect(await kept()).toBe('Knee');
		end();
	});
});
