import { dayWords, longDayWords, noonOf } from '$lib/ui/format/dates';
import { describe, expect, it } from 'vitest';
import { practisedSession } from '../../../../tests/support/sessions';
import { pupilFile } from '../../../../tests/support/pupils';
import { clubName, drawingWords, taskWords } from './practiceWords';
import { cellWords, homeworkMessage, homeworkWords } from '$lib/ui/practice/homework/homeworkWords';
import { drillOf } from '$lib/ui/practice/state/practiceState.svelte';
import { SHIPPED_DRILLS } from '$lib/io/practice/drill';

describe('words of practice', () => {
	const { clubs } = pupilFile();

	it('name club, swing, flight and path', () => {
		expect(clubName(clubs, 'pupil-1-SW')).toBe('SW');
		expect(clubName(clubs, 'gone')).toBe('a club that is gone');
		const task = { swing: '9', flight: 'standard', shape: 'straight' } as const;
		expect(taskWords(task, 'clock')).toBe('9 o’clock');
		expect(taskWords({ ...task, flight: 'low', shape: 'inside' }, 'clock')).toBe(
			'9 o’clock, low, from inside'
		);
		expect(
			cellWords(
				{ clubId: 'pupil-1-SW', swing: 'hip', flight: 'high', balls: 8 },
				pupilFile({ vocabulary: 'body' })
			)
		).toBe('SW hip, high');
	});

	it('say where a homework stands', () => {
		const homework = {
			id: 'h',
			pupilId: 'pupil-1',
			name: 'Wedges',
			givenAt: '2026-10-01T00:00:00.000Z',
			due: '2026-10-20',
			cells: [{ clubId: 'pupil-1-SW', swing: '9', flight: 'standard' as const, balls: 2 }],
			drills: [],
			note: ''
		};
		const words = (balls: number, day: string) =>
			homeworkWords(
				homework,
				pupilFile(
					{},
					Array.from({ length: balls }, () => ({ at: '2026-10-02T00:00:00.000Z' }))
				).balls,
				[],
				new Date(`${day}T12:00`)
			);
		const due = dayWords(noonOf('2026-10-20'));
		expect(words(1, '2026-10-20')).toBe(`open until ${due}, 1 of 2 balls`);
		expect(words(1, '2026-10-21')).toBe(`overdue since ${due}, 1 of 2 balls`);
		expect(words(5, '2026-10-21')).toBe('done, 2 of 2 balls');
	});

	it('hand a homework over in a message', () => {
		const homework = {
			id: 'h',
			pupilId: 'pupil-1',
			name: 'Wedges',
			givenAt: '2026-10-01T00:00:00.000Z',
			due: '2026-10-20',
			cells: [{ clubId: 'pupil-1-SW', swing: '9', flight: 'standard' as const, balls: 8 }],
			drills: [{ drillId: 'up-and-down', name: 'One ball', times: 2 }],
			note: 'Same rhythm.'
		};
		const text = homeworkMessage(homework, pupilFile({ units: 'paces', minding: 'sore back' }));
		for (const part of [
			longDayWords(noonOf('2026-10-20')),
			'– SW 9 o’clock: 8 balls',
			'– One ball: twice',
			'in your paces',
			'Same rhythm.',
			'Mind: sore back'
		])
			expect(text).toContain(part);
	});

	it('say what is drawn', () => {
		const say = (metres: number) => `${metres.toFixed(1)} m`;
		expect(drawingWords(undefined, say)).toBe('The line of practice.');
		const [task] = practisedSession().turns[0]!.tasks;
		const state = { task: task!, balls: [], group: null, wild: [], meantRoll: null, landing: null };
		expect(drawingWords(state, say)).toContain('no ball of this kind yet');
	});

	it('find a drill, one’s own before the shipped one', () => {
		const own = { ...SHIPPED_DRILLS[0]!, name: 'Mine' };
		expect(drillOf([own], own.id)!.name).toBe('Mine');
		expect(drillOf([], own.id)!.name).toBe(SHIPPED_DRILLS[0]!.name);
		expect(drillOf([], 'gone')).toBeUndefined();
	});
});
