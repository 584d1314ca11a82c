import 'fake-indexeddb/auto';
import { PLAIN_BALL } from '$lib/io/work/pupil';
import { beforeEach, describe, expect, it } from 'vitest';
import { clear, demo, said } from '../../../../tests/support/archives';
import { pupilFile } from '../../../../tests/support/pupils';
import { emptyArchive, formatArchive, parseArchive, type Archive } from '$lib/io/archive/archive';
import { NEVER } from '$lib/io/fields/stamp';
import { greenDraftSchema } from '$lib/io/work/green';
import { importArchive, previewImport, readAll, seedOnce } from './archive';
import { database } from '../base/database';
import { newPupilFile } from '../shelves/newPupilFile';
import { readGreens, removeGreen, saveGreen } from '../shelves/greens';
import { addPupil, mergePupilFile, removePupil, somebody } from '../shelves/pupils';
import { FIRST_PREFERENCES } from '$lib/io/rows/preferences';
import { readPreferences, writePreferences } from '../shelves/settings';
import { everybody } from '../../../../tests/support/everybody';

const green = greenDraftSchema.parse({
	id: 'g',
	name: 'Bench',
	outline: [
		[0, 0],
		[9, 0],
		[4, 7]
	]
});
beforeEach(clear);

describe('archive in the store', () => {
	it('carries everything out and in again', async () => {
		await seedOnce(demo());
		await writePreferences({ ...FIRST_PREFERENCES, theme: 'slate' });
		const odd = { id: 12, note: 'nobody can read this' };
		await database.shots.put(odd);
		await removeGreen('green-kiln');
		const before = await readAll();
		const out = parseArchive(formatArchive(before));
		await clear();
		if ('problems' in out) throw new Error(out.problems.join());
		await importArchive(out.archive);
		expect(said(await readAll())).toEqual(said(before));
		expect(before.unreadable).toEqual([{ table: 'shots', row: odd }]);
		expect(before.deleted.map(({ id }) => id)).toContain('green-kiln');
		expect(await readPreferences()).toEqual({ ...FIRST_PREFERENCES, theme: 'slate' });
	});

	it('can be taken in any number of times and changes nothing more', async () => {
		await importArchive(demo());
		const once = await readAll();
		const { preview } = await importArchive(demo());
		expect(preview.plan).toMatchObject({ added: [], replaced: [], removed: [], older: [] });
		expect(said(await readAll())).toEqual(said(once));
	});

	it('keeps what was changed here later than in the file, and says so', async () => {
		await importArchive(demo());
		const [book] = (await readGreens()).books;
		await saveGreen({ ...book!.green, note: 'watered since' });
		const { plan } = await previewImport(demo());
		expect(plan.older.map(({ id }) => id)).toEqual([book!.green.id]);
		await importArchive(demo());
		expect((await readGreens()).books[0]!.green.note).toBe('watered since');
	});

	it('does not bring back what was removed here, and removes what was removed there', async () => {
		await importArchive(demo());
		await removePupil('pupil-ruth');
		const removed = await readAll();
		await importArchive(demo());
		expect((await everybody()).map(({ pupil }) => pupil.id)).not.toContain('pupil-ruth');
		await clear();
		await importArchive(demo());
		const { preview } = await importArchive(removed);
		expect(preview.plan.removed.length).toBeGreaterThan(1);
		expect(await everybody()).toHaveLength(7);
	});

	it('brings back what was removed here where that is asked for, and it stays', async () => {
		await importArchive(demo());
		await removePupil('pupil-ruth');
		const { plan } = await previewImport(demo());
		expect(plan.gone.length).toBeGreaterThan(30);
		const { undo } = await importArchive(demo(), { bringBack: true });
		expect(await everybody()).toHaveLength(8);
		await undo();
		expect(await everybody()).toHaveLength(7);
		await importArchive(demo(), { bringBack: true });
		expect((await previewImport(demo())).plan.gone).toEqual([]);
		expect(await everybody()).toHaveLength(8);
	});

	it('keeps two devices in step, whoever gives first', async () => {
		await addPupil(pupilFile());
		const start = await readAll();
		const change = async (name: string, note: string) => {
			await clear();
			await importArchive(start);
			const [file] = await everybody();
			const mine = structuredClone(file!);
			mine.pupil.name = name;
			mine.balls.push({
				...PLAIN_BALL,
				tags: [],
				id: name,
				pupilId: 'pupil-1',
				clubId: 'pupil-1-SW',
				at: '2026-05-01T00:00:00.000Z',
				swing: '9',
				flight: 'standard',
				carry: 14,
				source: 'typed'
			});
			await mergePupilFile(file!, mine);
			await saveGreen({ ...green, id: `g-${name}`, note });
			return readAll();
		};
		const [a, b] = [await change('Ann', 'a'), await change('Bea', 'b')];
		const meet = async (first: Archive | typeof a, second: typeof b) => {
			await clear();
			await importArchive(first);
			await importArchive(second);
			return said(await readAll());
		};
		expect(await meet(a, b)).toEqual(await meet(b, a));
		expect((await everybody())[0]).toMatchObject({ pupil: { name: 'Bea' } });
		expect((await everybody())[0]!.balls.map(({ id }) => id).sort()).toEqual(['Ann', 'Bea']);
	});

	it('can be undone: what was replaced comes back, what was new goes', async () => {
		await importArchive({
			...emptyArchive(),
			greens: [
				{
					...green,
					id: 'green-kiln',
					name: 'Mine',
					createdAt: NEVER,
					updatedAt: NEVER
				}
			]
		});
		const before = await readAll();
		const { undo, preview } = await importArchive(demo());
		expect(preview.plan.replaced.map(({ id }) => id)).toEqual(['green-kiln']);
		expect((await readGreens()).books).toHaveLength(3);
		expect(await undo()).toBe(0);
		expect(said(await readAll())).toEqual(said(before));
	});

	it('leaves at undo what was edited after the import, and says how much', async () => {
		const { undo } = await importArchive(demo());
		const [book] = (await readGreens()).books;
		await saveGreen({ ...book!.green, note: 'watered since' });
		expect(await undo()).toBe(1);
		expect((await readGreens()).books.map((left) => left.green.note)).toEqual(['watered since']);
	});

	it('brings the look only where none was chosen, and takes it back at undo', async () => {
		const preferences = { ...FIRST_PREFERENCES, theme: 'slate' as const };
		const { undo } = await importArchive({ ...demo(), preferences });
		expect(await readPreferences()).toEqual(preferences);
		await undo();
		expect(await readPreferences()).toEqual(FIRST_PREFERENCES);
		await writePreferences({ ...FIRST_PREFERENCES, theme: 'sunlight' });
		await importArchive({ ...demo(), preferences });
		expect((await readPreferences()).theme).toBe('sunlight');
	});

	it('makes way for the pupils of a file where nobody was here but the lone golfer, unused', async () => {
		await somebody(newPupilFile('You'));
		const files = await everybody();
		const { preview, undo } = await importArchive(demo());
		expect(preview.unused).toEqual([files[0]!.pupil.id]);
		expect(await everybody()).toHaveLength(8);
		await undo();
		expect((await everybody()).map(({ pupil }) => pupil.name)).toEqual(['You']);
	});

	it('keeps the lone golfer once anything was changed', async () => {
		await somebody(newPupilFile('You'));
		const [file] = await everybody();
		const mine = structuredClone(file!);
		mine.pupil.hand = 'left';
		await mergePupilFile(file!, mine);
		await importArchive(demo());
		expect(await everybody()).toHaveLength(9);
	});

	it('seeds a demo once, and never over data that is there', async () => {
		await saveGreen(green);
		expect(await seedOnce(demo())).toBe(false);
		await database.greens.clear();
		expect(await seedOnce(demo())).toBe(true);
		expect(await seedOnce(demo())).toBe(false);
	});
});
