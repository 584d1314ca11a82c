import { createEvents, type EventAttributes } from 'ics';
import type { Appointed } from './schedule';

/** How a lesson is told in somebody's calendar. */
export interface EventWords {
	title: string;
	description: string;
}

/**
 * Lessons as a calendar file (RFC 5545), each an entry of its own at its moment: a program that reads it shows the hour of wherever it is.
 * The same lesson has the same UID whenever it is written, and a SEQUENCE that grows as it is moved or cancelled.
 *
 * @param words of a lesson; nothing private belongs into them
 * @throws Error where a lesson has no time
 */
export function lessonCalendar(
	lessons: readonly Appointed[],
	words: (lesson: Appointed['lesson']) => EventWords
): string {
	const events = lessons.map(({ lesson, start, end }): EventAttributes => ({
		uid: `${lesson.id}@crisp-landing`,
		productId: 'crisp-landing',
		...words(lesson),
		...(lesson.place && { location: lesson.place }),
		start,
		startInputType: 'utc',
		startOutputType: 'utc',
		end,
		endInputType: 'utc',
		endOutputType: 'utc',
		sequence: lesson.sequence,
		status: lesson.cancelled ? 'CANCELLED' : 'CONFIRMED',
		transp: lesson.cancelled ? 'TRANSPARENT' : 'OPAQUE'
	}));
	const { value, error } = createEvents(events);
	if (error || !value) throw new Error('A lesson has no time that a calendar knows.');
	return value;
}
