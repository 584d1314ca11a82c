import { describe, expect, it } from 'vitest';
import { lesson, series } from '../../../../tests/support/lessons';
import { readCalendar, takeEntries, type CalendarEntry } from './calendarIn';
import { lessonCalendar } from './calendarOut';
import type { Lesson } from './lesson';
import { cancelledAs, daySpan, lessonsBetween, movedTo } from './schedule';

const words = (one: Lesson) => ({
	title: `Golf lesson: ${one.pupilIds.join()}`,
	description: one.aim
});
const whoIs = ({ title }: CalendarEntry) => ({
	pupilIds: title.includes('ida') ? ['ida'] : [],
	aim: ''
});
const empty = { lessons: [], series: [] };
const week = (lessons: Lesson[]) =>
	lessonsBetween({ lessons, series: [] }, ...daySpan('2026-10-20', 'Europe/Berlin', 60));
const read = (text: string) => {
	const found = readCalendar(text);
	if ('problem' in found) throw new Error(found.problem);
	return found;
};
const file = (...lines: string[]) =>
	['BEGIN:VCALENDAR', 'VERSION:2.0', 'PRODID:x', ...lines, 'END:VCALENDAR', ''].join('\r\n');
const event = (...lines: string[]) => ['BEGIN:VEVENT', 'UID:u1', ...lines, 'END:VEVENT'];

describe('a calendar file of lessons', () => {
	const plain = lesson('lesson-1', { place: 'Hut', aim: 'Roll, then; look', day: '2026-10-27' });

	it('says the same lesson by the same name, at its moment, and how often it was changed', () => {
		const moved = cancelledAs(movedTo(plain, { day: '2026-10-28', time: '09:00' }), true);
		const text = lessonCalendar(week([moved]), words);
		expect(text).toContain('UID:lesson-1@crisp-landing');
		expect(text).toContain('DTSTART:20261028T080000Z');
		expect(text).toContain('DTEND:20261028T084500Z');
		expect(text).toContain('SEQUENCE:2');
		expect(text).toContain('STATUS:CANCELLED');
		expect(text).toContain('LOCATION:Hut');
	});

	it('holds nothing private', () => {
		const secret = { ...plain, notes: 'SECRET', told: 'SECRET' };
		expect(lessonCalendar(week([secret]), words)).not.toContain('SECRET');
	});

	it('comes back into another book as it was, and once only', () => {
		const text = lessonCalendar(week([plain]), words);
		const { entries, leftOut } = read(text);
		expect(leftOut).toEqual([]);
		const { lessons } = takeEntries(empty, entries, whoIs);
		expect(lessons).toHaveLength(1);
		expect(lessons[0]).toMatchObject({
			id: 'lesson-1',
			minutes: 45,
			place: 'Hut',
			pupilIds: ['ida'],
			cancelled: false
		});
		expect(week(lessons)[0]!.start).toBe(week([plain])[0]!.start);
		const again = takeEntries({ lessons, series: [] }, entries, whoIs);
		expect(again).toEqual({ lessons: [], series: [], unchanged: 1 });
	});

	it('moves what is here and keeps all that a calendar does not know; an older file moves nothing', () => {
		const here = { ...plain, notes: 'mine', coach: 'Milo', sequence: 1 };
		const newer = movedTo(here, { day: '2026-10-29', time: '10:00' });
		const { entries } = read(lessonCalendar(week([newer]), words));
		const { lessons } = takeEntries({ lessons: [here], series: [] }, entries, whoIs);
		expect(lessons).toHaveLength(1);
		expect(lessons[0]).toMatchObject({ notes: 'mine', coach: 'Milo', sequence: 2 });
		expect(week(lessons)[0]!.start).toBe(week([newer])[0]!.start);
		// A program that moves it without counting is believed, too.
		const uncounted = { ...newer, time: '12:00' };
		const again = read(lessonCalendar(week([uncounted]), words)).entries;
		expect(takeEntries({ lessons, series: [] }, again, whoIs).lessons).toHaveLength(1);
		const old = read(lessonCalendar(week([{ ...plain, sequence: 0 }]), words)).entries;
		expect(takeEntries({ lessons, series: [] }, old, whoIs)).toMatchObject({
			lessons: [],
			unchanged: 1
		});
	});
});

describe('a calendar file that nobody wrote for this', () => {
	it('takes a series with its zone, its days without, and the one that was moved', () => {
		const { entries } = read(
			file(
				...event(
					'SUMMARY:Lesson ida',
					'DTSTART;TZID=Europe/Berlin:20260901T163000',
					'DURATION:PT45M',
					'RRULE:FREQ=WEEKLY;BYDAY=TU',
					'EXDATE;TZID=Europe/Berlin:20260908T163000,20260922T163000'
				),
				...event(
					'SUMMARY:Lesson ida',
					'RECURRENCE-ID;TZID=Europe/Berlin:20260915T163000',
					'DTSTART;TZID=Europe/Berlin:20260916T100000',
					'DTEND;TZID=Europe/Berlin:20260916T104500',
					'SEQUENCE:3'
				)
			)
		);
		const { lessons, series: found } = takeEntries(empty, entries, whoIs);
		expect(found).toMatchObject([
			{ day: '2026-09-01', time: '16:30', zone: 'Europe/Berlin', minutes: 45 }
		]);
		const book = { lessons, series: found };
		const days = lessonsBetween(book, ...daySpan('2026-09-01', 'Europe/Berlin', 29)).map(
			({ lesson: one }) => `${one.day} ${one.time}`
		);
		expect(days).toEqual(['2026-09-01 16:30', '2026-09-16 10:00', '2026-09-29 16:30']);
		expect(takeEntries(book, entries, whoIs)).toMatchObject({ lessons: [], series: [] });
	});

	it('says what it leaves out: whole days, lengths that are none, other parts, what is not known', () => {
		const { entries, leftOut } = read(
			file(
				...event('SUMMARY:Holiday', 'DTSTART;VALUE=DATE:20261224'),
				...event('SUMMARY:Camp', 'DTSTART:20261224T080000Z', 'DTEND:20261226T080000Z'),
				...event('SUMMARY:Blink', 'DTSTART:20261224T080000Z'),
				...event(
					'SUMMARY:Ticking',
					'DTSTART:20261224T080000Z',
					'DURATION:PT30M',
					'RRULE:FREQ=MINUTELY'
				),
				...event(
					'SUMMARY:Lesson',
					'DTSTART:20261224T080000Z',
					'DURATION:PT30M',
					'ATTENDEE:mailto:a@example.org',
					'X-SECRET:1'
				),
				'BEGIN:VTODO',
				'UID:t',
				'END:VTODO'
			)
		);
		expect(entries.map(({ title }) => title)).toEqual(['Lesson']);
		expect(leftOut).toEqual([
			'“Holiday” is a whole day, not a lesson.',
			'“Camp” takes 2880 minutes: a lesson takes 1 to 480.',
			'“Blink” takes 0 minutes: a lesson takes 1 to 480.',
			'“Ticking” comes again by a rule that is not known.',
			'1 parts that are no appointments.',
			'Not taken over: attendee, x-secret.'
		]);
	});

	it('reads a zone behind a path, and a floating time by this device’s clock', () => {
		const { entries } = read(
			file(
				...event(
					'SUMMARY:A',
					'DTSTART;TZID=/example.org/20260101/America/New_York:20261224T090000',
					'DURATION:PT30M'
				),
				...event('SUMMARY:B', 'DTSTART:20261224T090000', 'DURATION:PT30M')
			)
		);
		expect(entries[0]).toMatchObject({ zone: 'America/New_York', time: '09:00' });
		expect(entries[1]).toMatchObject({ day: '2026-12-24', time: '09:00' });
	});

	it.each(['', 'hello', '{"a":1}', 'BEGIN:VCARD\r\nEND:VCARD', 'BEGIN:VCALENDAR'])(
		'is refused where it is none: %j',
		(text) => {
			expect(readCalendar(text)).toHaveProperty('problem');
		}
	);

	it('gives a foreign name an id that fits an address, the same each time', () => {
		const odd = file(
			...event('SUMMARY:A', 'DTSTART:20261224T090000Z', 'DURATION:PT30M').map((line) =>
				line.replace('UID:u1', 'UID:ümlaut/../ weird@example.org')
			)
		);
		const [one, other] = [odd, odd].map(
			(text) => takeEntries(empty, read(text).entries, whoIs).lessons[0]!.id
		);
		expect(one).toMatch(/^[\w-]{1,64}$/);
		expect(one).toBe(other);
	});

	it('keeps a series of this app by its own id', () => {
		const own = file(
			...event('SUMMARY:A', 'DTSTART:20260901T143000Z', 'DURATION:PT45M', 'RRULE:FREQ=WEEKLY').map(
				(line) => line.replace('UID:u1', 'UID:tuesdays@crisp-landing')
			)
		);
		const { series: found } = takeEntries(
			{ lessons: [], series: [series({ coach: 'Milo' })] },
			read(own).entries,
			whoIs
		);
		expect(found[0]).toMatchObject({ id: 'tuesdays', coach: 'Milo', rule: 'FREQ=WEEKLY' });
	});
});
