import { endLesson, type Lesson } from '../lessons/lesson';
import { occurrenceId, startOf } from '../lessons/schedule';
import type { Archive } from './archive';

const WEEK = 7 * 86_400_000;
const MINUTE_MS = 60_000;
const SECONDS = 60;
/** A day, or a moment, at the beginning of a text; what follows it stays. */
const DATED = /^\d{4}-\d\d-\d\d(T\d\d:\d\d:\d\d\.\d{3}Z)?(?=$|-)/;

/** A date so many milliseconds later, as it was written. */
function later(text: string, by: number): string {
	const found = DATED.exec(text)?.[0];
	const at = found === undefined ? NaN : Date.parse(found);
	if (found === undefined || Number.isNaN(at)) return text;
	const moved = new Date(at + by).toISOString();
	return moved.slice(0, found.length) + text.slice(found.length);
}

/** The same value with every date in it so much later. */
function shifted(value: unknown, by: number): unknown {
	if (typeof value === 'string') return later(value, by);
	if (Array.isArray(value)) return value.map((item) => shifted(item, by));
	if (typeof value !== 'object' || value === null) return value;
	return Object.fromEntries(Object.entries(value).map(([key, item]) => [key, shifted(item, by)]));
}

/** A planned lesson that is over by now, as if it had been given as it was planned. */
function given(lesson: Lesson, now: number): Lesson {
	const start = startOf(lesson);
	const end = start + lesson.minutes * MINUTE_MS;
	if (lesson.cancelled || lesson.startedAt !== null || end > now) return lesson;
	const blocks = lesson.blocks.map((block) => ({ ...block, seconds: block.minutes * SECONDS }));
	return {
		...endLesson({ ...lesson, blocks, startedAt: new Date(start).toISOString() }, end),
		told: lesson.told || lesson.aim
	};
}

/**
 * An archive whose work goes on today: every date whole weeks later, so that days of the week stay what they were, lessons by the clock of
 * this place, and what was planned for before now given.
 *
 * @param now milliseconds since 1970
 * @param zone of this device
 */
export function aroundToday(archive: Archive, now: number, zone: string): Archive {
	const weeks = Math.max(0, Math.floor((now - Date.parse(archive.exportedAt)) / WEEK));
	const moved = shifted(archive, weeks * WEEK) as Archive;
	const here = <T extends { zone: string }>(row: T): T => ({ ...row, zone });
	return {
		...moved,
		series: moved.series.map(here),
		lessons: moved.lessons.map((lesson) => ({
			...lesson,
			...given(here(lesson as Lesson), now),
			...(lesson.seriesId !== undefined &&
				lesson.occurrence !== undefined && {
					id: occurrenceId(lesson.seriesId, lesson.occurrence)
				})
		}))
	};
}
