import { createEvent, type DateArray } from 'ics';
import type { Homework } from '../practice/homework';

const DAY_MS = 86_400_000;

const dateArray = (day: string): DateArray => {
	const [year, month, date] = day.split('-').map(Number);
	return [year!, month!, date!];
};

/** The day after a day. */
const dayAfter = (day: string): string =>
	new Date(Date.parse(`${day}T00:00:00Z`) + DAY_MS).toISOString().slice(0, 10);

/**
 * A homework as a calendar entry (iCalendar, RFC 5545): a whole day, with a reminder on its morning.
 *
 * @param asked each swing in words
 * @throws Error where the day is none
 */
export function homeworkCalendar(homework: Homework, asked: readonly string[]): string {
	const { id, name, due, note, givenAt } = homework;
	const { value, error } = createEvent({
		uid: `${id}@crisp-landing`,
		productId: 'crisp-landing',
		title: `Golf practice: ${name}`,
		start: dateArray(due),
		end: dateArray(dayAfter(due)),
		startInputType: 'local',
		description: [...asked, ...(note ? [note] : [])].join('\n'),
		created: Date.parse(givenAt),
		status: 'CONFIRMED',
		busyStatus: 'FREE',
		alarms: [{ action: 'display', description: name, trigger: { hours: 9, before: false } }]
	});
	if (error || !value) throw new Error(`This day is none: ${due}`);
	return value;
}
