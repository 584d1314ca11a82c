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
	observe(ahead);
	observe(stampFrom(NOON, 0, 'old'));
	expect(stamp(NOON + 10) > ahead).toBe(true);
	expect(timeOf(stamp(NOON + 7_200_000))).toBe(NOON + 7_200_000);
});

it('goes on past a full counter', () => {
	const full = stampFrom(NOON + 9_000_000, 36 ** 4 - 1, 'zzzzzzzz');
	observe(full);
	const next = stamp(NOON);
	expect(next > full).toBe(true);
	expect(timeOf(next)).toBe(NOON + 9_000_001);
});

it('is never for what is no stamp', () => {
	expect(stampField.parse('yesterday')).toBe(NEVER);
	expect(stampField.parse(undefined)).toBe(NEVER);
});
