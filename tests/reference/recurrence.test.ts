import { describe, expect, it } from 'vitest';
import { daysOfRule } from '$lib/io/lessons/recurrence';
import { instantOf } from '$lib/io/lessons/wallTime';

/**
 * B. Desruisseaux (ed.), Internet Calendaring and Scheduling Core Object Specification (iCalendar), RFC 5545 (2009), section 3.8.5.3: the
 * examples that begin in 1997 at 9:00 in New York, as far as a lesson can have such a rule. Dates from memory of that section.
 */
const FIRST = { day: '1997-09-02', time: '09:00' };
const days = (rule: string, to = '1998-12-31', first = FIRST) =>
	daysOfRule(rule, first, first.day, to);
const inMonth = (month: string, ...dates: number[]) =>
	dates.map((date) => `${month}-${String(date).padStart(2, '0')}`);

describe('recurrence rules of RFC 5545', () => {
	it.each<[string, string, string[]]>([
		[
			'daily for 10 occurrences',
			'FREQ=DAILY;COUNT=10',
			inMonth('1997-09', 2, 3, 4, 5, 6, 7, 8, 9, 10, 11)
		],
		[
			'every 10 days, 5 occurrences',
			'FREQ=DAILY;INTERVAL=10;COUNT=5',
			['1997-09-02', '1997-09-12', '1997-09-22', '1997-10-02', '1997-10-12']
		],
		[
			'weekly for 10 occurrences',
			'FREQ=WEEKLY;COUNT=10',
			[...inMonth('1997-09', 2, 9, 16, 23, 30), ...inMonth('1997-10', 7, 14, 21, 28), '1997-11-04']
		],
		[
			'weekly on Tuesday and Thursday for five weeks',
			'FREQ=WEEKLY;COUNT=10;WKST=SU;BYDAY=TU,TH',
			[...inMonth('1997-09', 2, 4, 9, 11, 16, 18, 23, 25, 30), '1997-10-02']
		],
		[
			'every other week on Tuesday and Thursday, for 8 occurrences',
			'FREQ=WEEKLY;INTERVAL=2;COUNT=8;WKST=SU;BYDAY=TU,TH',
			[...inMonth('1997-09', 2, 4, 16, 18, 30), ...inMonth('1997-10', 2, 14, 16)]
		],
		[
			'monthly on the second-to-last Monday for 6 months',
			'FREQ=MONTHLY;COUNT=6;BYDAY=-2MO',
			['1997-09-22', '1997-10-20', '1997-11-17', '1997-12-22', '1998-01-19', '1998-02-16']
		],
		[
			'monthly on the third-to-the-last day',
			'FREQ=MONTHLY;BYMONTHDAY=-3;COUNT=6',
			['1997-09-28', '1997-10-29', '1997-11-28', '1997-12-29', '1998-01-29', '1998-02-26']
		],
		[
			'every Friday the 13th',
			'FREQ=MONTHLY;BYDAY=FR;BYMONTHDAY=13',
			['1998-02-13', '1998-03-13', '1998-11-13']
		],
		[
			'the first Saturday that follows the first Sunday of the month',
			'FREQ=MONTHLY;BYDAY=SA;BYMONTHDAY=7,8,9,10,11,12,13;COUNT=5',
			['1997-09-13', '1997-10-11', '1997-11-08', '1997-12-13', '1998-01-10']
		],
		[
			'the third Tuesday, Wednesday or Thursday of the month, for three months',
			'FREQ=MONTHLY;COUNT=3;BYDAY=TU,WE,TH;BYSETPOS=3',
			['1997-09-04', '1997-10-07', '1997-11-06']
		],
		[
			'an invalid date is left out',
			'FREQ=MONTHLY;BYMONTHDAY=15,30;COUNT=5',
			['2007-01-15', '2007-01-30', '2007-02-15', '2007-03-15', '2007-03-30']
		]
	])('%s', (name, rule, expected) => {
		const begins = { 'an invalid': '2007-01-15', 'the third T': '1997-09-04' };
		const other = Object.entries(begins).find(([start]) => name.startsWith(start))?.[1];
		const first = other === undefined ? FIRST : { ...FIRST, day: other };
		expect(days(rule, '2008-12-31', first).slice(0, expected.length)).toEqual(expected);
	});

	it('daily until 24 December takes that day in', () => {
		expect(days('FREQ=DAILY;UNTIL=19971224T000000Z').at(-1)).toBe('1997-12-24');
		expect(days('FREQ=DAILY;UNTIL=19971224T000000Z')).toHaveLength(114);
	});

	it('begins another week with another first day: WKST changes the result', () => {
		const first = { day: '1997-08-05', time: '09:00' };
		const rule = (start: string) => `FREQ=WEEKLY;INTERVAL=2;COUNT=4;BYDAY=TU,SU;WKST=${start}`;
		expect(days(rule('MO'), '1998-01-01', first)).toEqual(inMonth('1997-08', 5, 10, 19, 24));
		expect(days(rule('SU'), '1998-01-01', first)).toEqual(inMonth('1997-08', 5, 17, 19, 31));
	});

	it('keeps nine o’clock in New York through the end of summer time', () => {
		const hours = ['1997-10-25', '1997-10-26'].map((day) =>
			new Date(instantOf({ day, time: '09:00' }, 'America/New_York')).toISOString()
		);
		// EDT, then EST.
		expect(hours).toEqual(['1997-10-25T13:00:00.000Z', '1997-10-26T14:00:00.000Z']);
	});
});
