import 'fake-indexeddb/auto';
import { beforeEach, describe, expect, it } from 'vitest';
import { shotDraftSchema } from '$lib/io/work/shot';
import { database } from '$lib/store/base/database';
import { saveShot } from '$lib/store/shelves/savedShots';
import { directPool } from '../../../../../tests/support/planner';
import { pupilFile } from '../../../../../tests/support/pupils';
import { CallChanges } from './callChanges.svelte';

const shotOf = (pupilId: string, edgeToPin: number) =>
	shotDraftSchema.parse({ situation: { toEdge: 6, edgeToPin, stimpFeet: 9 }, pupilId });
/** Without the putter and all but one wedge, whose swings then are measured: it is swung otherwise for what it carries. */
const before = pupilFile();
const onlyWedge = {
	...before,
	clubs: before.clubs.filter(({ name }) => name === 'SW')
};
const measured = {
	...onlyWedge,
	balls: pupilFile({}, [{ carry: 5 }, { carry: 5 }, { carry: 5 }]).balls
};

beforeEach(async () => {
	await Promise.all(database.tables.map((table) => table.clear()));
	await saveShot('Near', shotOf('pupil-1', 7));
	await saveShot('Of another', shotOf('pupil-2', 7));
});

describe('calls once other balls count', () => {
	it('are those of the pupil’s own shots that change, beside what they were', async () => {
		const work = new CallChanges(directPool().pool);
		await work.compare(onlyWedge, measured);
		expect([work.status, work.of, work.progress]).toEqual(['done', 1, 1]);
		const [change] = work.changed!;
		expect(change!.saved.name).toBe('Near');
		expect(change!.after.candidate.play.club.name).toBe('SW');
		expect(change!.after.swing.angle).toBeGreaterThan(change!.before.swing.angle);
	});

	it('are none where nothing is known anew, and none at all of nobody’s shots', async () => {
		const work = new CallChanges(directPool().pool);
		await work.compare(before, before);
		expect([work.changed, work.of]).toEqual([[], 1]);
		const nobody = pupilFile({ id: 'pupil-3' });
		await work.compare(nobody, nobody);
		expect([work.changed, work.of]).toEqual([[], 0]);
	});

	it('stay unknown where it is stopped', async () => {
		const work = new CallChanges(directPool().pool);
		const comparing = work.compare(onlyWedge, measured);
		work.cancel();
		await comparing;
		expect([work.changed, work.status]).toEqual([null, 'stopped']);
	});
});
