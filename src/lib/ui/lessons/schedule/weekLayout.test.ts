import { describe, expect, it } from 'vitest';
import { lesson } from '../../../../../tests/support/lessons';
import { daySpan, lessonsBetween } from '$lib/io/lessons/schedule';
import { hoursOf, placedIn, weeksOfMonth } from './weekLayout';

const ZONE = 'Europe/Berlin';
const placed = (...at: [id: string, time: string, minutes: number][]) =>
	placedIn(
		lessonsBetween(
			{ lessons: at.map(([id, time, minutes]) => lesson(id, { time, minutes })), series: [] },
			...daySpan('2026-12-01', ZONE)
		),
		ZONE
	);
const columns = (all: ReturnType<typeof placed>) =>
	all.map(({ appointed, column, columns: of }) => [appointed.lesson.id, column, of]);

describe('a day of the week', () => {
	it('puts what overlaps side by side, and gives what does not the whole width', () => {
		expect(
			columns(
				placed(['a', '09:00', 60], ['b', '09:30', 60], ['c', '10:00', 30], ['d', '11:00', 60])
			)
		).toEqual([
			['a', 0, 2],
			['b', 1, 2],
			['c', 0, 2],
			['d', 0, 1]
		]);
	});

	it('draws no lesson too short to be touched', () => {
		const [short] = placed(['a', '09:00', 10]);
		expect(short).toMatchObject({ from: 540, to: 570 });
	});

	it('shows the usual hours and what lies outside them', () => {
		expect(hoursOf(placed())).toEqual({ first: 8, last: 18 });
		expect(hoursOf(placed(['a', '06:45', 60], ['b', '20:10', 60]))).toEqual({ first: 6, last: 22 });
		expect(hoursOf(placed(['a', '23:00', 90]))).toEqual({ first: 8, last: 24 });
	});
});

describe('a month', () => {
	it('is whole weeks from Monday to Sunday', () => {
		const weeks = weeksOfMonth('2026-11-15');
		expect(weeks).toHaveLength(6);
		expect([weeks[0]![0], weeks[0]![6], weeks[5]![0], weeks[5]![6]]).toEqual([
			'2026-10-26',
			'2026-11-01',
			'2026-11-30',
			'2026-12-06'
		]);
		expect(weeksOfMonth('2027-02-28')).toHaveLength(4);
	});
});
