import { dayLater, minuteOfDay, mondayOf, wallOf } from '$lib/io/lessons/wallTime';
import type { Appointed } from '$lib/io/lessons/schedule';

/** Where a lesson stands in its day's column. */
export interface Placed {
	appointed: Appointed;
	/** Minutes since midnight. */
	from: number;
	to: number;
	/** Which of so many columns side by side. */
	column: number;
	columns: number;
}

const MINUTE_MS = 60_000;
/** A lesson is drawn as long as this at least, so that it can be read and touched. */
const LEAST = 30;

/** Lessons of one day side by side where they overlap, by the clock of a zone. */
export function placedIn(day: readonly Appointed[], zone: string): Placed[] {
	const placed: Placed[] = [];
	let group: Placed[] = [];
	let ends: number[] = [];
	const close = () => {
		for (const one of group) one.columns = ends.length;
		placed.push(...group);
		[group, ends] = [[], []];
	};
	for (const appointed of day) {
		const from = minuteOfDay(wallOf(appointed.start, zone).time);
		const minutes = (appointed.end - appointed.start) / MINUTE_MS;
		const to = from + Math.max(LEAST, minutes);
		if (ends.length > 0 && ends.every((end) => end <= from)) close();
		const free = ends.findIndex((end) => end <= from);
		const column = free < 0 ? ends.length : free;
		ends[column] = to;
		group.push({ appointed, from, to, column, columns: 1 });
	}
	close();
	return placed;
}

/** The hours that a week is drawn with: the usual day, and what lies outside it. */
export function hoursOf(placed: readonly Placed[], usual = { first: 8, last: 18 }) {
	const first = Math.min(usual.first, ...placed.map(({ from }) => Math.floor(from / 60)));
	const last = Math.max(usual.last, ...placed.map(({ to }) => Math.ceil(to / 60)));
	return { first, last: Math.min(24, last) };
}

/** Days of a month's weeks, Monday first: whole weeks, so that a few of its neighbours are among them. */
export function weeksOfMonth(day: string): string[][] {
	const month = day.slice(0, 7);
	const weeks: string[][] = [];
	for (let at = mondayOf(`${month}-01`); at.slice(0, 7) <= month; at = dayLater(at, 7))
		weeks.push(Array.from({ length: 7 }, (_, i) => dayLater(at, i)));
	return weeks;
}
