import { expect, it } from 'vitest';
import { NEVER, stampField, stampFrom, timeOf } from '$lib/io/fields/stamp';
import { observe, stamp } from './clock';

const NOON = Date.parse('2026-05-01T12:00:00.000Z');

it('rises whatever the clock on the wall does', () => {
	const times = [NOON, NOON, NOON - 86_400_000, NOON + 1, NOON + 1, NOON - 5];
	const stamps = times.map((time) => stamp(time));
	expect([...stamps].sort()).toEqual(stamps);
	expect(new Set(stamps).size).toBe(stamps.length);
	expect(timeOf(stamps[0]!)).toBe(NOON);
	expect(timeOf(stamps[5]!)).toBe(NOON + 1);
	for (const given of stamps) expect(stampField.parse(given)).toBe(given);
});

it('comes after every stamp that was seen, from whatever device', () => {
	const ahead = stampFrom(NOON + 3_600_000, 35, 'other');
	observe(ahead, NOON);
	observe(stampFrom(NOON, 0, 'old'), NOON);
	expect(stamp(NOON + 10) > ahead).toBe(true);
	expect(timeOf(stamp(NOON + 7_200_000))).toBe(NOON + 7_200_000);
});

it('goes on past a full counter', () => {
	const full = stampFrom(NOON + 9_000_000, 36 ** 4 - 1, 'zzzzzzzz');
	observe(full, NOON);
	const next = stamp(NOON);
	expect(next > full).toBe(true);
	expect(timeOf(next)).toBe(NOON + 9_000_001);
});

it('passes over what no clock can have given, and never fails', () => {
	const now = NOON + 3 * 86_400_000;
	const before = stamp(now);
	for (const odd of [
		'9999-99-99T99:99:99.999Z-zzzz-x',
		'9999-12-31T23:59:59.999Z-zzzz-x',
		'2026-02-30T12:00:00.000Z-0000-x',
		stampFrom(now + 86_400_001, 0, 'x'),
		'x',
		12,
		null
	])
		observe(odd, now);
	const next = stamp(now);
	expect([timeOf(next), next > before]).toEqual([now, true]);
});

it('begins anew where the clock was ahead by more than clocks differ, and can name no year past 9999', () => {
	const wrong = NOON + 400 * 86_400_000;
	expect(timeOf(stamp(wrong))).toBe(wrong);
	expect(timeOf(stamp(NOON))).toBe(NOON);
	const end = stamp(8.64e15);
	expect(stampField.parse(end)).toBe(end);
	expect(timeOf(stamp(NOON))).toBe(NOON);
});

it('is never for what is no stamp', () => {
	expect(stampField.parse('yesterday')).toBe(NEVER);
	expect(stampField.parse(undefined)).toBe(NEVER);
});
