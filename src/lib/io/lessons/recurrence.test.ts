import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
	daysOfRule,
	isRule,
	repeatsOf,
	ruleOf,
	ruleUntil,
	WEEKDAYS,
	type Repeats
} from './recurrence';
import { dayLater, daysBetween } from './wallTime';

const repeats: fc.Arbitrary<Repeats> = fc
	.record({
		weeks: fc.integer({ min: 1, max: 8 }),
		days: fc.subarray([...WEEKDAYS], { minLength: 1 }),
		end: fc.oneof(
			fc.constant({ until: null, times: null }),
			fc.record({ until: fc.constantFrom('2026-12-24', '2027-03-01'), times: fc.constant(null) }),
			fc.record({ until: fc.constant(null), times: fc.integer({ min: 1, max: 30 }) })
		),
		notIn: fc.subarray([1, 2, 6, 7, 8, 12])
	})
	.map(({ end, ...rest }) => ({ ...rest, ...end }));
const FIRST = { day: '2026-09-01', time: '16:00' };

describe('lessons that come again', () => {
	it('reads every rule it writes', () => {
		fc.assert(
			fc.property(repeats, (one) => {
				expect(repeatsOf(ruleOf(one))).toEqual(one);
			})
		);
	});

	it('keeps to its weeks, weekdays, months and end, checked day by day', () => {
		fc.assert(
			fc.property(repeats, (one) => {
				const days = daysOfRule(ruleOf(one), FIRST, FIRST.day, '2027-09-01');
				// The first Monday at or before: weeks are counted from it.
				const monday = '2026-08-31';
				const wanted = Array.from({ length: 366 }, (_, i) => dayLater(FIRST.day, i))
					.filter((day) => {
						const since = daysBetween(monday, day);
						return (
							Math.floor(since / 7) % one.weeks === 0 &&
							one.days.includes(WEEKDAYS[since % 7]!) &&
							!one.notIn.includes(Number(day.slice(5, 7))) &&
							(one.until === null || day <= one.until)
						);
					})
					.slice(0, one.times ?? Infinity);
				expect(days).toEqual(wanted);
			}),
			{ numRuns: 40 }
		);
	});

	it('has no lesson by a rule that makes no sense or comes too often', () => {
		for (const rule of ['FREQ=SECONDLY', 'FREQ=HOURLY', 'nonsense', '', 'FREQ=WEEKLY;BYDAY=XX']) {
			expect(isRule(rule)).toBe(false);
			expect(daysOfRule(rule, FIRST, FIRST.day, '2027-01-01')).toEqual([]);
		}
	});

	it('takes no rule that may never come again: it would be looked for without an end', () => {
		for (const rule of [
			'FREQ=DAILY;BYMONTH=2;BYMONTHDAY=30',
			'FREQ=DAILY;INTERVAL=7;BYDAY=MO',
			'FREQ=WEEKLY;BYDAY=MO;BYMONTHDAY=13',
			'FREQ=WEEKLY;BYMONTH=13',
			'FREQ=WEEKLY;INTERVAL=5000',
			'FREQ=MONTHLY;INTERVAL=12;BYMONTH=2',
			'FREQ=MONTHLY;BYMONTH=2;BYMONTHDAY=31',
			'FREQ=MONTHLY;INTERVAL=12;BYMONTHDAY=31',
			'FREQ=MONTHLY;BYDAY=TU;BYSETPOS=6',
			'FREQ=MONTHLY;BYDAY=SU;BYSETPOS=-4',
			'FREQ=MONTHLY;BYSETPOS=1',
			'FREQ=MONTHLY;BYDAY=5FR;BYMONTHDAY=1',
			'FREQ=MONTHLY;BYMONTH=2;BYDAY=5TU',
			'FREQ=YEARLY;BYMONTH=2;BYMONTHDAY=30'
		]) {
			expect(isRule(rule), rule).toBe(false);
			expect(daysOfRule(rule, FIRST, FIRST.day, '2028-01-01')).toEqual([]);
		}
	});

	it('finds days for every rule it takes, whatever a calendar says', () => {
		const part = (name: string, values: fc.Arbitrary<number | string>) =>
			fc
				.array(values, { minLength: 0, maxLength: 3 })
				.map((list) => (list.length > 0 ? `;${name}=${list.join()}` : ''));
		const rules = fc
			.tuple(
				fc.constantFrom('DAILY', 'WEEKLY', 'MONTHLY', 'YEARLY'),
				fc.integer({ min: 0, max: 3 }),
				part('BYDAY', fc.constantFrom('MO', 'TU', '1MO', '5TU', '-1FR', '-5SU')),
				part('BYMONTH', fc.integer({ min: 1, max: 12 })),
				part('BYMONTHDAY', fc.integer({ min: -31, max: 31 })),
				part('BYSETPOS', fc.integer({ min: -6, max: 6 }))
			)
			.map(([freq, interval, ...parts]) => `FREQ=${freq};INTERVAL=${interval}${parts.join('')}`);
		fc.assert(
			fc.property(rules, (rule) => {
				const days = daysOfRule(rule, FIRST, FIRST.day, '2060-01-01');
				expect(days.length > 0).toBe(isRule(rule));
				expect([...days].sort()).toEqual(days);
			}),
			{ numRuns: 500 }
		);
	});

	it('finds weekdays on certain dates like whoever goes through all days one by one', () => {
		const list = (values: fc.Arbitrary<string | number>) =>
			fc.uniqueArray(values, { minLength: 1, maxLength: 3 });
		const date = fc.oneof(fc.integer({ min: 1, max: 31 }), fc.integer({ min: -31, max: -1 }));
		fc.assert(
			fc.property(
				list(fc.constantFrom(...WEEKDAYS)),
				list(date),
				fc.integer({ min: 1, max: 5 }),
				fc.integer({ min: 1, max: 12 }),
				(weekdays, dates, count, month) => {
					const day = `2026-${String(month).padStart(2, '0')}-01`;
					const expected: string[] = [];
					for (
						const at = new Date(day);
						expected.length < count;
						at.setUTCDate(at.getUTCDate() + 1)
					) {
						const fromEnd = new Date(Date.UTC(at.getUTCFullYear(), at.getUTCMonth() + 1, 0));
						const onDate = [at.getUTCDate(), at.getUTCDate() - fromEnd.getUTCDate() - 1];
						const isDay = weekdays.includes(WEEKDAYS[(at.getUTCDay() + 6) % 7]!);
						if (isDay && dates.some((one) => onDate.includes(Number(one))))
							expected.push(at.toISOString().slice(0, 10));
					}
					const rule = `FREQ=MONTHLY;COUNT=${count};BYDAY=${weekdays.join()};BYMONTHDAY=${dates.join()}`;
					expect(daysOfRule(rule, { day, time: '16:00' }, day, '2060-01-01'), rule).toEqual(
						expected
					);
				}
			)
		);
	});

	it.each([
		['COUNT=2;BYDAY=MO;BYMONTHDAY=-31,-1,1', '2026-01-01', ['2026-06-01', '2026-08-31']],
		[
			'COUNT=3;BYDAY=SU;BYMONTH=10;BYSETPOS=-1',
			'2026-01-11',
			['2026-10-25', '2027-10-31', '2028-10-29']
		],
		['INTERVAL=3;COUNT=2;BYDAY=TU;BYSETPOS=-2', '2026-05-03', ['2026-05-19', '2026-08-18']],
		[
			'COUNT=3;BYMONTH=7,8;BYMONTHDAY=-15,-6',
			'2026-05-21',
			['2026-07-17', '2026-07-26', '2026-08-17']
		],
		['COUNT=2;BYDAY=2WE,MO;BYMONTH=11', '2026-10-12', ['2026-11-02', '2026-11-09']],
		['COUNT=2;BYMONTH=3', '2026-12-03', ['2027-03-03', '2028-03-03']]
	])(
		'begins where a monthly rule does, whatever the library leaves out there: %s',
		(rule, day, days) => {
			const found = daysOfRule(`FREQ=MONTHLY;${rule}`, { day, time: '16:00' }, day, '2040-01-01');
			expect(found).toEqual(days);
		}
	);

	it('calls a rule that only a calendar makes none of a coach’s', () => {
		expect(repeatsOf('FREQ=MONTHLY;BYDAY=2TU')).toBeNull();
		expect(repeatsOf('FREQ=WEEKLY;BYDAY=TU;BYSETPOS=1')).toBeNull();
		expect(repeatsOf('FREQ=WEEKLY;BYDAY=2TU')).toBeNull();
	});

	it('ends before a day and keeps everything until then', () => {
		const rule = ruleUntil('FREQ=WEEKLY;INTERVAL=2;BYDAY=TU;COUNT=20', '2026-10-13');
		expect(daysOfRule(rule, FIRST, FIRST.day, '2028-01-01')).toEqual([
			'2026-09-01',
			'2026-09-15',
			'2026-09-29'
		]);
		expect(ruleUntil('nonsense', '2026-10-13')).toBe('nonsense');
	});
});
