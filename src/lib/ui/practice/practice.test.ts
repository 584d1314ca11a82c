import { dayWords, longDayWords, noonOf } from '$lib/ui/format/dates';
import { describe, expect, it } from 'vitest';
import { practisedSession, sessionBall } from '../../../../tests/support/sessions';
import { pupilFile } from '../../../../tests/support/pupils';
import { tasksFrom } from './importedSession';
import { farthest, mapProject, practiceScale } from './practiceScale';
import { clubName, drawingWords, taskWords } from './practiceWords';
import { cellWords, homeworkMessage, homeworkWords } from './homeworkWords';
import { drillOf } from './practiceState.svelte';
import { SHIPPED_DRILLS } from '$lib/io/drill';

describe('a line of practice on the paper', () => {
	const scale = practiceScale(390, 420, 16);

	it('is true to scale, the ball below, and finds the place under a finger', () => {
		const [x0, y0] = scale.at(0, 0);
		const [x1, y1] = scale.at(4, 2);
		expect(y0 - y1).toBeCloseTo(4 * scale.factor, 9);
		expect(x1 - x0).toBeCloseTo(2 * scale.factor, 9);
		const [along, right] = scale.spotAt(x1, y1);
		expect([along, right]).toEqual([expect.closeTo(4, 9), expect.closeTo(2, 9)]);
		expect(scale.at(16, 0)[1]).toBeGreaterThan(0);
	});

	it('reaches past everything that is to be seen', () => {
		expect(farthest(practisedSession())).toBe(20);
		expect(farthest(practisedSession({ mark: 30 }))).toBe(32);
		expect(farthest(practisedSession({ turns: [], mark: 2 }))).toBe(6);
	});

	it('turns a map so that the line runs up', () => {
		const project = mapProject({ ball: [10, 5], heading: 90 }, scale)!;
		expect(project(10, 5)).toEqual(scale.at(0, 0));
		const [x, y] = project(12, 11);
		const [onX, onY] = scale.at(6, 2);
		expect([x, y]).toEqual([expect.closeTo(onX, 6), expect.closeTo(onY, 6)]);
		expect(mapProject(undefined, scale)).toBeNull();
	});
});

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

describe('a session made of a file', () => {
	it('has a task for every kind of ball, meant where they landed in the middle', () => {
		const balls = [
			sessionBall({ id: '1', carry: 12 }),
			sessionBall({ id: '2', carry: 14, finished: [19, 0] }),
			sessionBall({ id: '3', carry: 13, finished: undefined }),
			sessionBall({ id: '4', clubId: 'pupil-1-PW', carry: 30, finished: undefined })
		];
		expect(tasksFrom(balls)).toMatchObject([
			{ clubId: 'pupil-1-SW', balls: 3, landing: 13, finish: 18.5 },
			{ clubId: 'pupil-1-PW', balls: 1, landing: 30, finish: 30 }
		]);
	});
});
