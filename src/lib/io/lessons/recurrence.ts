import ICAL from 'ical.js';
import { dayLater, daysBetween, mondayOf } from './wallTime';

/** Days of the week as iCalendar writes them, Monday first. */
export const WEEKDAYS = ['MO', 'TU', 'WE', 'TH', 'FR', 'SA', 'SU'] as const;
export type Weekday = (typeof WEEKDAYS)[number];

/** The weekday of a day. */
export const weekdayOf = (day: string): Weekday => WEEKDAYS[daysBetween(mondayOf(day), day)]!;

/** How a lesson comes again, as a coach says it. */
export interface Repeats {
	/** Every so many weeks, 1 and up. */
	weeks: number;
	days: Weekday[];
	/** The last day there is one; null for no end. */
	until: string | null;
	/** So many times; null for no end. */
	times: number | null;
	/** Months without any, 1 to 12. */
	notIn: number[];
}

const MONTHS = Array.from({ length: 12 }, (_, i) => i + 1);
/** A lesson comes once a day at most, and more often than once a year. */
const FREQUENCIES = ['DAILY', 'WEEKLY', 'MONTHLY'];
const MOST_INTERVAL = 104;
/** Every month has so many of each weekday, and so many days. */
const OF_EACH_WEEKDAY = 4;
const DAYS_OF_EACH_MONTH = 28;
const MONTH_DAYS = 31;
/** Nobody looks farther than so many times on. */
const MOST_TIMES = 20_000;

const dateText = (day: string): string => day.replaceAll('-', '');

/** A rule of iCalendar. */
export function ruleOf({ weeks, days, until, times, notIn }: Repeats): string {
	const ordered = WEEKDAYS.filter((day) => days.includes(day));
	const parts = [
		'FREQ=WEEKLY',
		...(weeks > 1 ? [`INTERVAL=${weeks}`] : []),
		...(ordered.length > 0 ? [`BYDAY=${ordered.join(',')}`] : []),
		...(notIn.length > 0
			? [`BYMONTH=${MONTHS.filter((month) => !notIn.includes(month)).join(',')}`]
			: []),
		...(until ? [`UNTIL=${dateText(until)}`] : times ? [`COUNT=${times}`] : [])
	];
	return parts.join(';');
}

const numbersOf = (value: readonly (number | string)[] | undefined): number[] =>
	(value ?? []).map(Number);
const isWeekday = (day: unknown): day is Weekday => WEEKDAYS.includes(day as Weekday);
/** The number before a weekday: the second Tuesday, the last Friday; 0 for every one. */
const ordinalOf = (day: string): number => Number.parseInt(day, 10) || 0;

/**
 * Whether a rule surely comes again. The library looks for the next day until it finds one: a rule that has none, such as the thirtieth of
 * February, would be looked for without an end. So only what has a day in every stretch is taken.
 */
function surelyComes({ freq, interval, parts }: ICAL.Recur): boolean {
	const { BYDAY, BYMONTH, BYMONTHDAY, BYSETPOS, ...others } = parts;
	const [days, months] = [(BYDAY ?? []).map(String), numbersOf(BYMONTH)];
	const [dates, places] = [numbersOf(BYMONTHDAY), numbersOf(BYSETPOS)];
	const plain = days.every(isWeekday) && dates.length + places.length === 0;
	const sensible =
		FREQUENCIES.includes(freq) &&
		Object.keys(others).length === 0 &&
		interval >= 1 &&
		interval <= MOST_INTERVAL &&
		months.every((month) => MONTHS.includes(month));
	if (!sensible) return false;
	if (freq === 'WEEKLY') return plain;
	if (freq === 'DAILY') return plain && (interval === 1 || days.length + months.length === 0);
	if (months.length > 0 && interval > 1) return false;
	const ordinals = days.map(ordinalOf);
	const often = interval === 1 && months.length === 0;
	const least = (value: number, most: number): boolean => value !== 0 && Math.abs(value) <= most;
	if (dates.length > 0)
		return (
			places.length === 0 &&
			days.every(isWeekday) &&
			(often || days.length === 0) &&
			dates.every((date) => least(date, often ? MONTH_DAYS : DAYS_OF_EACH_MONTH))
		);
	if (places.length > 0)
		return (
			days.length > 0 &&
			days.every(isWeekday) &&
			// The library passes over what may be the first day of a month, counted from its end.
			places.every((place) => least(place, OF_EACH_WEEKDAY * days.length - (place < 0 ? 1 : 0)))
		);
	return ordinals.every((n) => n === 0 || least(n, often ? OF_EACH_WEEKDAY + 1 : OF_EACH_WEEKDAY));
}

/** A rule as the library reads it; null for one that makes no sense, comes more often than daily, or may never come again. */
function read(rule: string): ICAL.Recur | null {
	try {
		const recur = ICAL.Recur.fromString(rule);
		// The library goes through months as they are written.
		recur.parts.BYMONTH?.sort((a, b) => Number(a) - Number(b));
		return surelyComes(recur) ? recur : null;
	} catch {
		return null;
	}
}

/** Whether a rule makes sense. */
export const isRule = (rule: string): boolean => read(rule) !== null;

/** A rule as a coach says it; null for one that only a calendar could have made. */
export function repeatsOf(rule: string): Repeats | null {
	const recur = read(rule);
	if (recur?.freq !== 'WEEKLY') return null;
	const { BYDAY, BYMONTH, ...others } = recur.parts;
	const days = BYDAY ?? [];
	if (!days.every(isWeekday) || Object.keys(others).length > 0) return null;
	const months = BYMONTH;
	return {
		weeks: recur.interval,
		days,
		until: recur.until ? dayOf(recur.until) : null,
		times: recur.count,
		notIn: months ? MONTHS.filter((month) => !months.includes(month)) : []
	};
}

const dayOf = ({ year, month, day }: { year: number; month: number; day: number }): string =>
	[year, String(month).padStart(2, '0'), String(day).padStart(2, '0')].join('-');

/** A day and a time of day without any zone. */
function floating(day: string, time: string): ICAL.Time {
	const [year, month, date] = day.split('-').map(Number);
	const [hour, minute] = time.split(':').map(Number);
	return new ICAL.Time(
		{ year, month, day: date, hour, minute, second: 0, isDate: false },
		ICAL.Timezone.localTimezone
	);
}

/**
 * Whether a monthly rule says more than its interval: the library begins such a one wrong, leaves days out, says some that do not
 * belong, or gives up.
 */
const beginsWrong = ({
	freq,
	parts: { BYDAY, BYMONTH, BYMONTHDAY, BYSETPOS }
}: ICAL.Recur): boolean =>
	freq === 'MONTHLY' && [BYDAY, BYMONTH, BYMONTHDAY, BYSETPOS].some((part) => part !== undefined);

/** Takes the weekdays out of a rule that names dates, too: with both the library leaves days out, or gives up at its very beginning. */
function withoutWeekdays({ parts }: ICAL.Recur): Weekday[] | null {
	if (!parts.BYDAY || !parts.BYMONTHDAY) return null;
	const weekdays = parts.BYDAY.filter(isWeekday);
	delete parts.BYDAY;
	return weekdays;
}

/** A day a year or more before, in step with the rule: what the library says from the first day on is then past its beginning. */
function earlier(first: string, { interval, parts: { BYDAY, BYMONTHDAY } }: ICAL.Recur): string {
	const [year, month, day] = first.split('-');
	// Every month is in step with a rule of each month, and January has all dates.
	const begins = interval === 1 ? '01' : month;
	return `${Number(year) - interval}-${begins}-${(BYDAY ?? BYMONTHDAY) ? '01' : day}`;
}

/**
 * The days of a rule, by the clock of its place: summer time moves none of them.
 *
 * @param rule of iCalendar (RFC 5545, 3.3.10)
 * @param first day and time of the first
 * @param from first day that is asked for
 * @param to last day that is asked for
 * @returns none for a rule that makes no sense
 */
export function daysOfRule(
	rule: string,
	first: { day: string; time: string },
	from: string,
	to: string
): string[] {
	const recur = read(rule);
	if (!recur) return [];
	// An end given as a day holds for the whole of it, and one given as a moment for the day it names.
	if (recur.until) recur.until = floating(dayOf(recur.until), '23:59');
	const { count } = recur;
	const weekdays = withoutWeekdays(recur);
	const start = beginsWrong(recur) ? earlier(first.day, recur) : first.day;
	if (start < first.day) recur.count = null;
	// Within a month the library may say days out of their order, and one of them twice.
	const found = new Set<string>();
	const last = dayLater(to, MONTH_DAYS);
	try {
		const iterator = recur.iterator(floating(start, first.time));
		for (let times = 0; times < MOST_TIMES; times++) {
			const next = iterator.next() as ICAL.Time | null;
			if (!next) break;
			const day = dayOf(next);
			if (day > last) break;
			if (day >= first.day && (weekdays?.includes(weekdayOf(day)) ?? true)) found.add(day);
		}
	} catch {
		// Where the library gives up nothing more is known to come.
	}
	const days = [...found].sort();
	return (count ? days.slice(0, count) : days).filter((day) => day >= from && day <= to);
}

/** The rule cut off before a day: what comes from then on is another's. */
export function ruleUntil(rule: string, before: string): string {
	const recur = read(rule);
	if (!recur) return rule;
	recur.count = null;
	recur.until = ICAL.Time.fromDateString(dayLater(before, -1));
	return recur.toString();
}
