import 'fake-indexeddb/auto';
import { beforeEach, describe, expect, it } from 'vitest';
import { clear, demo, said } from '../../../../tests/support/archives';
import { pupilFile } from '../../../../tests/support/pupils';
import { emptyArchive } from '$lib/io/archive/archive';
import { stampFrom, timeOf } from '$lib/io/fields/stamp';
import { importArchive, previewImport, readAll } from './archive';
import { database } from '../base/database';
import { addPupil, mergePupilFile } from '../shelves/pupils';
import { everybody } from '../../../../tests/support/everybody';

beforeEach(clear);

describe('files of another device', () => {
	it('have an edit made after an import count against the next file of the other device', async () => {
		await addPupil(pupilFile());
		const start = await readAll();
		// The other device's clock is an hour ahead, and a worker of another clock takes its file in.
		const ahead = stampFrom(Date.now() + 3_600_000, 0, 'other');
		const [pupil] = start.pupils;
		const file = { ...start, pupils: [{ ...pupil!, name: 'Theirs', updatedAt: ahead }] };
		await database.pupils.put(file.pupils[0]!);
		const [kept] = await everybody();
		const mine = structuredClone(kept!);
		mine.pupil.name = 'Edited since';
		await mergePupilFile(kept!, mine);
		const { plan } = await previewImport(file);
		expect(plan.replaced).toEqual([]);
		await importArchive(file);
		expect((await everybody())[0]!.pupil.name).toBe('Edited since');
	});

	it('come in, dated in the future, where nothing is here, and never over what is', async () => {
		const [first] = demo().pupils;
		const at = '2099-01-01T00:00:00.000Z-0000-x';
		const file = { ...emptyArchive(), pupils: [{ ...first!, name: 'Future', updatedAt: at }] };
		expect((await importArchive(file)).preview.misdated).toHaveLength(1);
		const [kept] = await everybody();
		await mergePupilFile(kept!, { ...kept!, pupil: { ...kept!.pupil, name: 'Today' } });
		await importArchive(file);
		expect((await everybody())[0]!.pupil.name).toBe('Today');
	});

	it('erase nothing that they do not carry, in whatever order they meet', async () => {
		await addPupil(pupilFile({ notes: 'for the coach only' }));
		const full = await readAll();
		const [{ notes: _, ...pupil }] = full.pupils as [(typeof full.pupils)[number]];
		const later = stampFrom(timeOf(pupil.updatedAt) + 1000, 0, 'phone');
		const partial = {
			...emptyArchive(),
			pupils: [{ ...pupil, name: 'Said by the phone', updatedAt: later }]
		};
		const same = { ...emptyArchive(), pupils: [pupil] };
		const orders = [
			[full, partial, same],
			[partial, full, same],
			[same, partial, full]
		];
		for (const files of orders) {
			await clear();
			for (const file of files) await importArchive(file);
			const [kept] = await everybody();
			expect(kept!.pupil).toMatchObject({
				name: 'Said by the phone',
				notes: 'for the coach only'
			});
		}
	});

	it('leave unsaid what they left out, when the row is edited and given back', async () => {
		await addPupil(pupilFile({ notes: 'for the coach only' }));
		const coach = await readAll();
		const [{ notes: _, ...pupil }] = coach.pupils as [(typeof coach.pupils)[number]];
		await clear();
		await importArchive({ ...coach, pupils: [pupil] });
		const [onPhone] = await everybody();
		await mergePupilFile(onPhone!, { ...onPhone!, pupil: { ...onPhone!.pupil, name: 'Anew' } });
		const back = await readAll();
		await clear();
		await importArchive(coach);
		await importArchive(back);
		expect((await everybody())[0]!.pupil).toMatchObject({
			name: 'Anew',
			notes: 'for the coach only'
		});
	});

	it('come to the same in either order where a row can be read in one file only', async () => {
		const [shot] = demo().shots;
		const [old, late] = [stampFrom(1e12, 0, 'a'), stampFrom(1.1e12, 0, 'a')];
		const odd = { id: shot!.id, name: 5, updatedAt: old };
		const broken = { ...emptyArchive(), unreadable: [{ table: 'shots' as const, row: odd }] };
		const whole = { ...emptyArchive(), shots: [{ ...shot!, updatedAt: late }] };
		const seen: unknown[] = [];
		for (const files of [
			[broken, whole],
			[whole, broken]
		]) {
			await clear();
			for (const file of files) await importArchive(file);
			seen.push(said(await readAll()));
		}
		expect(seen[0]).toEqual(seen[1]);
		expect((await readAll()).shots.map(({ id }) => id)).toEqual([shot!.id]);
	});
});
