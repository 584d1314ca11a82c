import { describe, expect, it } from 'vitest';
import { lesson, series } from '../../../../tests/support/lessons';
import { weekdayOf } from './recurrence';
import { lessonById, lessonsBetween, daySpan } from './schedule';
import { endedBefore, seriesOf, splitSeries } from './series';

const days = (...all: ReturnType<typeof series>[]) =>
	lessonsBetween({ lessons: [], series: all }, ...daySpan('2026-11-24', 'Europe/Berlin', 28)).map(
		({ lesson: one }) => `${one.day} ${one.time}`
	);

describe('a series', () => {
	it('is made of a lesson and how it repeats', () => {
		const repeats = { weeks: 2, days: ['TU' as const], until: null, times: null, notIn: [] };
		const made = seriesOf(lesson('x', { aim: 'Roll' }), 'new', repeats);
		expect(made).toMatchObject({ id: 'new', day: '2026-12-01', aim: 'Roll', without: [] });
		expect(made).not.toHaveProperty('blocks');
		expect(days(made)).toEqual(['2026-12-01 16:30', '2026-12-15 16:30']);
		expect(weekdayOf('2026-12-06')).toBe('SU');
	});

	it('is as a changed lesson from that one on, and stays as it was before', () => {
		const whole = series({ without: ['2026-09-08', '2026-12-15'] });
		const touched = { ...lessonById({ lessons: [], series: [whole] }, 'tuesdays_2026-12-08')! };
		const later = { ...touched, day: '2026-12-10', time: '09:00', pupilIds: ['pell'] };
		const [before, after] = splitSeries(whole, later, 'thursdays');
		expect(days(before, after)).toEqual([
			'2026-11-24 16:30',
			'2026-12-01 16:30',
			'2026-12-10 09:00',
			'2026-12-17 09:00'
		]);
		expect(after).toMatchObject({ id: 'thursdays', pupilIds: ['pell'], without: ['2026-12-15'] });
		expect(before.id).toBe('tuesdays');
	});

	it('keeps several weekdays, and a calendar’s own rule, when it is cut', () => {
		const both = series({ rule: 'FREQ=WEEKLY;BYDAY=TU,TH' });
		const later = { ...lesson('x'), day: '2026-12-02', occurrence: '2026-12-01' };
		expect(splitSeries(both, later, 'y')[1].rule).toContain('BYDAY=TU,TH');
		const own = series({ rule: 'FREQ=MONTHLY;BYDAY=1TU' });
		expect(splitSeries(own, later, 'y')[1].rule).toBe('FREQ=MONTHLY;BYDAY=1TU');
	});

	it('ends before a day', () => {
		expect(days(endedBefore(series(), '2026-12-08'))).toEqual([
			'2026-11-24 16:30',
			'2026-12-01 16:30'
		]);
	});
});
