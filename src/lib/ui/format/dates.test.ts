import { expect, it } from 'vitest';
import { dayWords, longDayWords, noonOf, whenWords } from './dates';

it('writes a day and an instant with what a reader needs, and breaks on nothing', () => {
	expect(dayWords('2026-11-21T12:00:00')).toMatch(/21.*2026/);
	expect(whenWords('2026-11-21T09:30:00')).toMatch(/21.*2026.*09:30/);
	expect(longDayWords('2026-11-21T12:00:00')).toMatch(/Saturday.*21.*2026/);
	expect(dayWords('yesterday')).toBe('at an unknown time');
});

it('keeps a date on its day whatever the zone', () => {
	expect(noonOf('2026-03-29').getDate()).toBe(29);
});
