import { describe, expect, it } from 'vitest';
import {
	dayLater,
	daysBetween,
	instantOf,
	isZone,
	laterByClock,
	minuteOfDay,
	mondayOf,
	wallOf
} from './wallTime';

const at = (day: string, time: string, zone: string) =>
	new Date(instantOf({ day, time }, zone)).toISOString();

describe('times by the clock of a place', () => {
	it.each([
		// The last Sundays of March and October, in Berlin.
		['2026-03-28', '16:30', 'Europe/Berlin', '2026-03-28T15:30:00.000Z'],
		['2026-03-29', '16:30', 'Europe/Berlin', '2026-03-29T14:30:00.000Z'],
		['2026-10-24', '16:30', 'Europe/Berlin', '2026-10-24T14:30:00.000Z'],
		['2026-10-25', '16:30', 'Europe/Berlin', '2026-10-25T15:30:00.000Z'],
		// South of the equator, and by half an hour.
		['2026-04-05', '16:30', 'Australia/Lord_Howe', '2026-04-05T06:00:00.000Z'],
		['2026-12-05', '16:30', 'Australia/Lord_Howe', '2026-12-05T05:30:00.000Z'],
		['2026-12-05', '16:30', 'Asia/Kathmandu', '2026-12-05T10:45:00.000Z']
	])('%s %s in %s is %s', (day, time, zone, instant) => {
		expect(at(day, time, zone)).toBe(instant);
		expect(wallOf(Date.parse(instant), zone)).toEqual({ day, time });
	});

	it('takes the first of two and passes over what the clock skips', () => {
		expect(at('2026-10-25', '02:30', 'Europe/Berlin')).toBe('2026-10-25T00:30:00.000Z');
		expect(at('2026-04-05', '01:45', 'Australia/Lord_Howe')).toBe('2026-04-04T14:45:00.000Z');
		expect(at('2026-03-29', '02:30', 'Europe/Berlin')).toBe('2026-03-29T01:30:00.000Z');
	});

	it('knows which zones there are, and takes the device’s for others', () => {
		expect(isZone('Europe/Berlin')).toBe(true);
		expect(isZone('Middle/Earth')).toBe(false);
		expect(isZone('')).toBe(false);
		const own = new Date(2026, 4, 1, 9, 0).getTime();
		expect(instantOf({ day: '2026-05-01', time: '09:00' }, 'Middle/Earth')).toBe(own);
	});

	it('counts days and minutes by the clock, over months and summer time', () => {
		expect(laterByClock({ day: '2026-10-24', time: '23:30' }, 45)).toEqual({
			day: '2026-10-25',
			time: '00:15'
		});
		expect(laterByClock({ day: '2026-03-29', time: '01:30' }, 60, 1)).toEqual({
			day: '2026-03-30',
			time: '02:30'
		});
		expect(dayLater('2026-12-31', 1)).toBe('2027-01-01');
		expect(dayLater('2028-03-01', -1)).toBe('2028-02-29');
		expect(daysBetween('2026-03-28', '2026-03-30')).toBe(2);
		expect(minuteOfDay('16:30')).toBe(990);
		expect(['2026-11-30', '2026-12-06', '2026-12-07'].map(mondayOf)).toEqual([
			'2026-11-30',
			'2026-11-30',
			'2026-12-07'
		]);
	});
});
