import { describe, expect, it } from 'vitest';
import { demo } from '../../../../tests/support/archives';
import { lessonById, lessonsBetween, daySpan } from '../lessons/schedule';
import { aroundToday } from './aroundToday';

const DAY = 86_400_000;
const archive = demo();
const BASE = Date.parse(archive.exportedAt);
const at = (weeks: number, days = 0) =>
	aroundToday(archive, BASE + (7 * weeks + days) * DAY, 'Europe/Berlin');

describe('the demo around today', () => {
	it('lies whole weeks later, every date of it and nothing else', () => {
		const later = at(5, 3);
		const shift = (text: string) => new Date(Date.parse(text) + 35 * DAY).toISOString();
		expect(later.balls[0]!.at).toBe(shift(archive.balls[0]!.at));
		expect(later.rounds[0]!.day).toBe(shift(archive.rounds[0]!.day).slice(0, 10));
		expect(later.pupils[0]!.updatedAt).toMatch(/^2026-11-05T09:00:00\.000Z-0000-none$/);
		const texts = (value: unknown) =>
			JSON.stringify(value).replace(/\d{4}-\d\d-\d\d(T[\d:.]+Z)?/g, 'date');
		expect(texts(later.plays)).toBe(texts(archive.plays));
		expect(at(0, 2).balls).toEqual(archive.balls);
		expect(aroundToday(archive, BASE - DAY, 'Europe/Berlin').balls).toEqual(archive.balls);
	});

	it.each([0, 1, 2, 3, 4, 5, 6])('has lessons before and behind the day, %i days on', (days) => {
		const now = BASE + (35 + days) * DAY;
		const later = at(5, days);
		const lessons = later.lessons as Parameters<typeof lessonsBetween>[0]['lessons'];
		const book = { lessons, series: later.series as never };
		for (const { id, seriesId, occurrence, endedAt, zone } of lessons) {
			expect(zone).toBe('Europe/Berlin');
			if (seriesId)
				expect(lessonById({ lessons: [], series: book.series }, id)?.day).toBe(occurrence);
			if (endedAt) expect(Date.parse(endedAt)).toBeLessThanOrEqual(now + DAY);
		}
		const today = new Date(now).toISOString().slice(0, 10);
		const week = lessonsBetween(book, ...daySpan(today, 'Europe/Berlin', 7));
		expect(week.length).toBeGreaterThan(4);
		expect(week.some(({ lesson }) => lesson.blocks.length > 0)).toBe(true);
		const past = lessonsBetween(book, now - 8 * DAY, now - 2 * DAY);
		expect(past.some(({ lesson }) => lesson.endedAt !== null && lesson.told !== '')).toBe(true);
	});
});
