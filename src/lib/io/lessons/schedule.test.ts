import { describe, expect, it } from 'vitest';
import { lesson, series } from '../../../../tests/support/lessons';
import {
	awayFor,
	cancelledAs,
	clashesOf,
	daySpan,
	lessonById,
	lessonsBetween,
	lessonsHad,
	movedTo,
	nextLesson,
	ofCoach,
	packageState,
	shownAt
} from './schedule';
import { dueOn, dueThings } from './due';

const ZONE = 'Europe/Berlin';
const between = (book: Parameters<typeof lessonsBetween>[0], day: string, days: number) =>
	lessonsBetween(book, ...daySpan(day, ZONE, days));
const ids = (all: ReturnType<typeof lessonsBetween>) => all.map(({ lesson: { id } }) => id);

describe('the schedule', () => {
	it('shows lessons of series beside single ones, in the order they begin', () => {
		const book = { lessons: [lesson('early', { time: '08:00' })], series: [series()] };
		expect(ids(between(book, '2026-12-01', 8))).toEqual([
			'early',
			'tuesdays_2026-12-01',
			'tuesdays_2026-12-08'
		]);
		const [first] = between(book, '2026-12-08', 1);
		expect(first!.lesson).toMatchObject({ seriesId: 'tuesdays', occurrence: '2026-12-08' });
		expect(first!.end - first!.start).toBe(45 * 60_000);
	});

	it('knows when somebody comes next, which is not now and not where it was cancelled', () => {
		const off = cancelledAs(
			lesson('tuesdays_2026-12-01', {
				day: '2026-12-01',
				time: '15:30',
				seriesId: 'tuesdays',
				occurrence: '2026-12-01'
			}),
			true
		);
		const book = { lessons: [off], series: [series()] };
		const [who] = series().pupilIds;
		const at = (instant: string, pupil = who!) =>
			nextLesson(book, pupil, Date.parse(instant))?.lesson.day;
		expect(at('2026-11-30T08:00:00Z')).toBe('2026-12-08');
		expect(at('2026-12-08T14:29:00Z')).toBe('2026-12-08');
		expect(at('2026-12-08T15:30:00Z')).toBe('2026-12-15');
		expect(at('2026-11-30T08:00:00Z', 'nobody')).toBeUndefined();
	});

	it('keeps the hour of a series through summer time', () => {
		const hours = between({ lessons: [], series: [series()] }, '2026-10-20', 8).map(({ start }) =>
			new Date(start).toISOString()
		);
		expect(hours).toEqual(['2026-10-20T14:30:00.000Z', '2026-10-27T15:30:00.000Z']);
	});

	it('takes the row of a lesson that was touched in place of the series’ own, also where it was moved or cancelled', () => {
		const moved = lesson('tuesdays_2026-12-01', {
			day: '2026-12-03',
			seriesId: 'tuesdays',
			occurrence: '2026-12-01'
		});
		const book = { lessons: [moved], series: [series({ without: ['2026-12-08'] })] };
		expect(ids(between(book, '2026-12-01', 1))).toEqual([]);
		expect(ids(between(book, '2026-12-03', 1))).toEqual(['tuesdays_2026-12-01']);
		expect(ids(between(book, '2026-12-08', 1))).toEqual([]);
		expect(lessonById(book, 'tuesdays_2026-12-15')?.day).toBe('2026-12-15');
		expect(lessonById(book, 'tuesdays_2026-12-01')).toBe(moved);
		for (const id of ['tuesdays_2026-12-08', 'tuesdays_2026-12-16', 'gone_2026-12-15', 'x'])
			expect(lessonById(book, id)).toBeUndefined();
	});

	it('shows of one coach neither what another took over nor a lesson in its place', () => {
		const taken = lesson('tuesdays_2026-12-08', {
			day: '2026-12-08',
			coach: 'Milo',
			seriesId: 'tuesdays',
			occurrence: '2026-12-08'
		});
		const book = { lessons: [taken], series: [series()] };
		const days = (coach: string) =>
			between(ofCoach(book, coach), '2026-12-01', 15).map(({ lesson: one }) => one.day);
		expect(days('Henrike')).toEqual(['2026-12-01', '2026-12-15']);
		expect(days('Milo')).toEqual(['2026-12-08']);
	});

	it('shows a lesson of another zone at this place’s hour', () => {
		const far = lesson('far', { zone: 'America/New_York', time: '20:00' });
		const all = between({ lessons: [far], series: [] }, '2026-12-02', 1);
		expect(ids(all)).toEqual(['far']);
		expect(shownAt(all[0]!, ZONE)).toEqual({ day: '2026-12-02', time: '02:00' });
	});

	it('names what two lessons want at once, and nothing else', () => {
		const all = (...lessons: ReturnType<typeof lesson>[]) =>
			clashesOf(between({ lessons, series: [] }, '2026-12-01', 1));
		const a = lesson('a');
		const b = lesson('b', { time: '17:00', coach: 'Milo', pupilIds: ['pell'], greenIds: ['kiln'] });
		expect(all(a, b)).toEqual([]);
		expect(all(a, { ...b, coach: 'Henrike' })).toMatchObject([
			{ coach: true, pupilIds: [], greenIds: [] }
		]);
		expect(all({ ...a, coach: '' }, { ...b, coach: '' })).toEqual([]);
		expect(all(a, { ...b, pupilIds: ['x', 'ida'] })).toMatchObject([{ pupilIds: ['ida'] }]);
		expect(all(a, { ...b, greenIds: ['ledge'] })).toMatchObject([{ greenIds: ['ledge'] }]);
		expect(all(a, { ...b, greenIds: ['ledge'], cancelled: true })).toEqual([]);
		// One begins as the other ends.
		expect(all(a, { ...b, greenIds: ['ledge'], time: '17:15' })).toEqual([]);
	});

	it('counts what was moved and cancelled, for calendars', () => {
		const one = lesson('a');
		expect(movedTo(one, one)).toBe(one);
		expect(movedTo(one, { day: one.day, time: '17:00' })).toMatchObject({
			time: '17:00',
			sequence: 1
		});
		expect(cancelledAs(cancelledAs(one, true), false)).toMatchObject({
			cancelled: false,
			sequence: 2
		});
	});
});

describe('who was here', () => {
	const NOW = Date.parse('2026-12-10T12:00:00Z');
	const all = between(
		{
			lessons: [lesson('m', { pupilIds: ['marta'], day: '2026-11-01' })],
			series: [series({ rule: 'FREQ=WEEKLY;BYDAY=TU;UNTIL=20261208' })]
		},
		'2026-09-01',
		200
	);

	it('counts lessons that are over, those of a package from its day on', () => {
		expect(lessonsHad(all, 'ida', NOW)).toHaveLength(15);
		expect(lessonsHad(all, 'pell', NOW)).toEqual([]);
		const packages = [
			{ id: 'p', pupilId: 'ida', from: '2026-09-01', lessons: 10 },
			{ id: 'q', pupilId: 'ida', from: '2026-11-24', lessons: 5 }
		];
		expect(packageState(packages, all, 'ida', NOW)).toEqual({ had: 3, of: 5 });
		expect(packageState(packages, all, 'marta', NOW)).toBeNull();
	});

	it('names who has been away and has no date, the longest away first', () => {
		expect(awayFor(all, ['ida', 'marta', 'pell'], NOW).map(({ pupilId }) => pupilId)).toEqual([
			'marta',
			'ida'
		]);
		const earlier = Date.parse('2026-12-01T12:00:00Z');
		expect(awayFor(all, ['ida', 'marta'], earlier).map(({ pupilId }) => pupilId)).toEqual([
			'marta'
		]);
	});

	it('has homework on its day, and a score four weeks after it was taken last', () => {
		const session = (drillId: string, day: string, ...pupils: string[]) => ({
			drillId,
			startedAt: `${day}T10:00:00.000Z`,
			turns: pupils.map((pupilId) => ({ pupilId, tasks: [] }))
		});
		const things = dueThings(
			[{ id: 'h', name: 'Ten a day', pupilId: 'ida', due: '2026-12-02' }],
			[
				session('up-and-down', '2026-11-01', 'ida', 'pell'),
				session('up-and-down', '2026-11-04', 'ida'),
				session('landing-box', '2026-11-20', 'ida')
			],
			(at) => at.slice(0, 10)
		);
		expect(dueOn(things, '2026-12-02').map(({ kind, pupilId }) => [kind, pupilId])).toEqual([
			['homework', 'ida'],
			['test', 'ida']
		]);
		expect(dueOn(things, '2026-11-29').map(({ pupilId }) => pupilId)).toEqual(['pell']);
		expect(things).toHaveLength(3);
	});
});
