import 'fake-indexeddb/auto';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { clear } from '../../../../tests/support/archives';
import { block, lesson, series } from '../../../../tests/support/lessons';
import { SmallStorage } from '../../../../tests/support/smallStorage';
import { database } from '../base/database';
import {
	changeLesson,
	keepLesson,
	keepLessonPlan,
	keepLessons,
	keepPackage,
	lessonShelf,
	noteLesson,
	readLessons,
	removeLesson,
	removeLessonPlan,
	removeSeries
} from './lessons';
import { notesMade } from '../base/journal';

beforeEach(clear);

describe('lessons that are kept', () => {
	it('are read in the order they begin, with series, plans and packages', async () => {
		await keepLessons({
			lessons: [lesson('late', { time: '18:00' }), lesson('early', { time: '09:00' })],
			series: [series()]
		});
		await keepLessonPlan({ id: 'p', name: 'Rain', aim: '', blocks: [block('a')] });
		await keepPackage({ id: 'k', pupilId: 'ida', from: '2026-12-01', lessons: 10 });
		const book = await readLessons();
		expect(book.lessons.map(({ id }) => id)).toEqual(['early', 'late']);
		expect(book.series).toHaveLength(1);
		expect(book.lessonPlans[0]!.blocks).toEqual([block('a')]);
		expect(book.packages[0]!.lessons).toBe(10);
		expect(book.broken).toEqual([]);
	});

	it('that cannot be read are named and break nothing', async () => {
		await keepLessons({ lessons: [lesson('a')] });
		await database.lessons.put({ id: 'bad', day: 'soon' } as never);
		const { lessons, broken } = await readLessons();
		expect(lessons.map(({ id }) => id)).toEqual(['a']);
		expect(broken.map(({ table, keyText }) => [table, keyText])).toEqual([['lessons', 'bad']]);
	});

	it('keep what two tabs changed of one: blocks, notes, and where the clock runs', async () => {
		const before = lesson('a', { blocks: [block('x'), block('y')] });
		await keepLesson(null, before);
		await keepLesson(before, {
			...before,
			running: { blockId: 'x', since: '2026-12-01T15:30:00.000Z' },
			blocks: [{ ...block('x'), note: 'phone' }, block('y')]
		});
		const { merged, clashes } = await keepLesson(before, {
			...before,
			notes: 'tablet',
			blocks: [block('x'), { ...block('y'), note: 'tablet' }, block('z')]
		});
		expect(merged).toMatchObject({ notes: 'tablet', running: { blockId: 'x' } });
		expect(merged.blocks.map(({ id, note }) => [id, note])).toEqual([
			['x', 'phone'],
			['y', 'tablet'],
			['z', '']
		]);
		expect(clashes).toEqual([]);
	});

	it('keep what two phones counted at two stations of a clinic', async () => {
		const tally = (blockId: string, balls: number) => ({
			id: `${blockId} ida`,
			blockId,
			pupilId: 'ida',
			balls,
			good: 1,
			note: ''
		});
		const before = lesson('clinic', { tallies: [tally('box', 2)] });
		await keepLesson(null, before);
		await keepLesson(before, { ...before, tallies: [tally('box', 3)] });
		const { merged, clashes } = await keepLesson(before, {
			...before,
			tallies: [tally('box', 2), tally('ladder', 4)]
		});
		expect(merged.tallies.map(({ blockId, balls }) => [blockId, balls])).toEqual([
			['box', 3],
			['ladder', 4]
		]);
		expect(clashes).toEqual([]);
	});

	it('go back to what they were, also where they had no row of their own', async () => {
		const undoNew = await changeLesson(lesson('tuesdays_2026-12-01', { time: '10:00' }));
		await undoNew();
		expect(await lessonShelf.get('tuesdays_2026-12-01')).toBeUndefined();
		await keepLesson(null, lesson('a'));
		const undo = await changeLesson(lesson('a', { time: '10:00' }));
		expect((await lessonShelf.get('a'))!.time).toBe('10:00');
		await undo();
		expect((await lessonShelf.get('a'))!.time).toBe('16:30');
		const undoAll = await keepLessons({
			lessons: [lesson('a', { time: '11:00' }), lesson('b')],
			series: [series()]
		});
		await undoAll();
		const book = await readLessons();
		expect(book.lessons.map(({ id, time }) => [id, time])).toEqual([['a', '16:30']]);
		expect(book.series).toEqual([]);
	});

	it('are removed and brought back', async () => {
		await keepLessons({ lessons: [lesson('a')], series: [series()] });
		const undoPlan = await keepLessonPlan({ id: 'p', name: 'Rain', aim: '', blocks: [] });
		const undos = [
			await removeLesson('a'),
			await removeSeries('tuesdays'),
			await removeLessonPlan('p')
		];
		const gone = await readLessons();
		expect([gone.lessons, gone.series, gone.lessonPlans]).toEqual([[], [], []]);
		expect(await database.tombstones.count()).toBe(3);
		for (const undo of undos) await undo();
		const back = await readLessons();
		expect([back.lessons.length, back.series.length, back.lessonPlans.length]).toEqual([1, 1, 1]);
		await undoPlan();
		expect((await readLessons()).lessonPlans).toEqual([]);
		const undoPackage = await keepPackage({
			id: 'k',
			pupilId: 'x',
			from: '2026-12-01',
			lessons: 5
		});
		await undoPackage();
		expect((await readLessons()).packages).toEqual([]);
	});

	it('that are put in and cannot be kept are noted, those that are kept leave no note', async () => {
		const notes = new SmallStorage();
		vi.stubGlobal('localStorage', notes);
		await keepLessons({ lessons: [lesson('a')], series: [series()] });
		expect(Object.keys(notes)).toEqual([]);
		const full = vi.spyOn(database.lessons, 'bulkPut').mockRejectedValue(new Error('full'));
		await expect(keepLessons({ lessons: [lesson('b')], series: [series()] })).rejects.toThrow(
			'full'
		);
		full.mockRestore();
		expect(Object.keys(notes)).toHaveLength(2);
		vi.unstubAllGlobals();
	});

	it('are noted where a page cannot wait for them', () => {
		vi.stubGlobal('localStorage', new SmallStorage());
		const made = notesMade();
		expect(noteLesson(lesson('a'), lesson('a', { notes: 'x' }))).toBe(true);
		expect(notesMade()).toBe(made + 1);
		vi.unstubAllGlobals();
	});
});
