import {
	freshBlock,
	freshLesson,
	type Appointment,
	type Block,
	type Lesson,
	type Series
} from '$lib/io/lessons/lesson';

export const appointment = (over: Partial<Appointment> = {}): Appointment => ({
	pupilIds: ['ida'],
	coach: 'Henrike',
	day: '2026-12-01',
	time: '16:30',
	zone: 'Europe/Berlin',
	minutes: 45,
	place: '',
	greenIds: ['ledge'],
	aim: '',
	...over
});

export const block = (id: string, over: Partial<Block> = {}): Block =>
	freshBlock(id, { kind: 'drill', title: id, minutes: 10, ...over });

export const lesson = (id: string, over: Partial<Lesson> = {}): Lesson => ({
	...freshLesson(id, appointment()),
	...over
});

/** Every Tuesday from 1 September 2026 on. */
export const series = (over: Partial<Series> = {}): Series => ({
	...appointment({ day: '2026-09-01' }),
	id: 'tuesdays',
	rule: 'FREQ=WEEKLY;BYDAY=TU',
	without: [],
	...over
});
