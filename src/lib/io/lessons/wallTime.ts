import { TZDate } from '@date-fns/tz';

/** A time by the clock of a place. */
export interface WallTime {
	/** 2026-10-25. */
	day: string;
	/** 16:30. */
	time: string;
}

const MINUTE_MS = 60_000;
const two = (n: number): string => String(n).padStart(2, '0');

/** The time zone of this device. */
export const ownZone = (): string => new Intl.DateTimeFormat().resolvedOptions().timeZone;

const known = new Map<string, boolean>();

/** Whether this device knows a time zone by that name. */
export function isZone(zone: string): boolean {
	const found = known.get(zone);
	if (found !== undefined) return found;
	let is = zone !== '';
	try {
		new Intl.DateTimeFormat('en', { timeZone: zone || 'none' });
	} catch {
		is = false;
	}
	known.set(zone, is);
	return is;
}

/** The zone itself, or this device's where it knows none of that name. */
const usable = (zone: string): string => (isZone(zone) ? zone : ownZone());

/** Clocks go back by so many minutes when summer time ends, somewhere. */
const TWICE = [60, 30];

const numbers = (text: string): number[] => text.split(/[-:]/).map(Number);

/** Moments that were asked for: a schedule asks for the same ones again and again. */
const moments = new Map<string, number>();
const MOST_MOMENTS = 20_000;

/**
 * The moment of a time by the clock of a place. A time that the clock skips when summer time begins is as much later as it skips; of one that
 * comes twice when it ends, the first is meant (RFC 5545, 3.3.5).
 *
 * @param zone IANA name; of an unknown one the device's own counts
 * @returns milliseconds since 1970
 */
export function instantOf({ day, time }: WallTime, zone: string): number {
	const key = `${day} ${time} ${zone}`;
	const known = moments.get(key);
	if (known !== undefined) return known;
	if (moments.size >= MOST_MOMENTS) moments.clear();
	const found = momentOf({ day, time }, usable(zone));
	moments.set(key, found);
	return found;
}

function momentOf({ day, time }: WallTime, zone: string): number {
	const [year, month, date] = numbers(day) as [number, number, number];
	const [hour, minute] = numbers(time) as [number, number];
	const at = new TZDate(year, month - 1, date, hour, minute, zone).getTime();
	const earlier = TWICE.map((minutes) => at - minutes * MINUTE_MS).find((before) => {
		const wall = wallOf(before, zone);
		return wall.day === day && wall.time === time;
	});
	return earlier ?? at;
}

/** What the clock of a place says at a moment. */
export function wallOf(instant: number, zone: string): WallTime {
	const at = new TZDate(instant, usable(zone));
	return {
		day: `${at.getFullYear()}-${two(at.getMonth() + 1)}-${two(at.getDate())}`,
		time: `${two(at.getHours())}:${two(at.getMinutes())}`
	};
}

const asUtc = ({ day, time }: WallTime): number => Date.parse(`${day}T${time}:00Z`);

/** A time by the clock so many minutes and days later, by the clock: a day has 1440 minutes whatever summer time does. */
export function laterByClock(wall: WallTime, minutes: number, days = 0): WallTime {
	const at = new Date(asUtc(wall) + minutes * MINUTE_MS);
	at.setUTCDate(at.getUTCDate() + days);
	const text = at.toISOString();
	return { day: text.slice(0, 10), time: text.slice(11, 16) };
}

/** A day so many days later. */
export const dayLater = (day: string, days: number): string =>
	laterByClock({ day, time: '12:00' }, 0, days).day;

/** Minutes since midnight. */
export function minuteOfDay(time: string): number {
	const [hour, minute] = numbers(time) as [number, number];
	return hour * 60 + minute;
}

/** Whole days from one day to another. */
export const daysBetween = (from: string, to: string): number =>
	Math.round((Date.parse(`${to}T00:00Z`) - Date.parse(`${from}T00:00Z`)) / (1440 * MINUTE_MS));

/** The Monday of a day's week. */
export const mondayOf = (day: string): string =>
	dayLater(day, -((new Date(`${day}T12:00Z`).getUTCDay() + 6) % 7));
