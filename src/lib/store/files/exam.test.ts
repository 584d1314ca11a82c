import 'fake-indexeddb/auto';
import { beforeEach, describe, expect, it } from 'vitest';
import { clear, demo } from '../../../../tests/support/archives';
import { madeItems, type Exam } from '$lib/io/trainer/exam';
import type { Read } from '$lib/io/trainer/read';
import { asRead } from '$lib/io/archive/version1';
import { seedOnce } from './archive';
import { examFile, takeExam } from './exam';
import { examShelf, keepExam, keepRead, readShelf, removeExam } from '../shelves/reads';
import { everybody } from '../../../../tests/support/everybody';

beforeEach(clear);

const exam: Exam = {
	id: 'winter',
	name: 'Winter',
	pupilIds: ['pupil-ida'],
	setAt: '2026-11-01T09:00:00.000Z',
	minutes: 15,
	items: madeItems(2, [3], 7)
};

describe('an exam as a file', () => {
	it('goes to a device that has nothing, and its answers come back, once', async () => {
		await seedOnce(demo());
		await keepExam(exam);
		const out = await examFile(exam);
		expect(out).not.toContain('getting braver');

		await clear();
		expect(await takeExam(out)).toMatchObject({ answers: 0, exam: { id: 'winter' } });
		expect((await everybody()).map(({ pupil }) => pupil.id)).toEqual(['pupil-ida']);
		const [read] = asRead(demo()).reads;
		const answer: Read = { ...(read as Read), id: 'answer', exam: { id: 'winter', item: '1' } };
		await keepRead(answer);
		const back = await examFile(exam);

		await clear();
		await seedOnce(demo());
		await keepExam(exam);
		expect(await takeExam(back)).toMatchObject({ answers: 1 });
		expect(await takeExam(back)).toMatchObject({ answers: 0 });
		expect(await readShelf.get('answer')).toMatchObject({ exam: { item: '1' } });
		// The coach's own notes are not in the file, and stay.
		const ida = (await everybody()).find(({ pupil }) => pupil.id === 'pupil-ida')!;
		expect(ida.pupil.notes).toContain('braver');
	});

	it('is refused where it holds none, and comes back when its removal is undone', async () => {
		await keepExam(exam);
		const undo = await removeExam('winter');
		expect(await examShelf.get('winter')).toBeUndefined();
		await undo();
		expect(await examShelf.get('winter')).toMatchObject({ name: 'Winter' });
		const out = (await examFile(exam)).replace('"exams"', '"examz"');
		expect(await takeExam(out)).toHaveProperty('problems');
		expect(await takeExam('{')).toHaveProperty('problems');
	});
});
