import { grouped } from '$lib/core/math/grouped';
import { appointmentOf, freshLesson, type Lesson, type Package, type Series } from './lesson';
import { daysOfRule } from './recurrence';
import { dayLater, instantOf, wallOf, type WallTime } from './wallTime';

/** Everything that is on the calendar. */
export interface Schedule {
	lessons: readonly Lesson[];
	series: readonly Series[];
}

/** A lesson with the moments it takes. */
export interface Appointed {
	lesson: Lesson;
	start: number;
	end: number;
}

const MINUTE_MS = 60_000;

/** Id of one lesson of a series: the same on every device. */
export const occurrenceId = (seriesId: string, day: string): string => `${seriesId}_${day}`;

/** The series and the day that such an id names; null for an id of another kind. */
export function occurrenceOf(id: string): { seriesId: string; day: string } | null {
	const found = /^(.+)_(\d{4}-\d\d-\d\d)$/.exec(id);
	return found ? { seriesId: found[1]!, day: found[2]! } : null;
}

/** One lesson of a series before it was touched. */
export function lessonOfSeries(series: Series, day: string): Lesson {
	return {
		...freshLesson(occurrenceId(series.id, day), { ...appointmentOf(series), day }),
		seriesId: series.id,
		occurrence: day
	};
}

export const startOf = (lesson: Pick<Lesson, 'day' | 'time' | 'zone'>): number =>
	instantOf(lesson, lesson.zone);

/** A lesson with the moments it takes. */
export const appointed = (lesson: Lesson): Appointed => {
	const start = startOf(lesson);
	return { lesson, start, end: start + lesson.minutes * MINUTE_MS };
};

/** A place's clock may say another day than the device's: a day more is looked at on either side. */
const MARGIN_DAYS = 1;

/** Days of series, as far as somebody looked; a row is never changed in place. */
const known = new WeakMap<Series, { to: string; days: readonly string[] }>();
/** Whoever looks goes on a little. */
const AHEAD_DAYS = 400;

/** Days of a series in a time, without those that it leaves out. */
function daysOfSeries(series: Series, from: string, to: string): string[] {
	let found = known.get(series);
	if (!found || found.to < to) {
		const until = dayLater(to, AHEAD_DAYS);
		const days = daysOfRule(series.rule, series, series.day, until);
		found = { to: until, days: days.filter((day) => !series.without.includes(day)) };
		known.set(series, found);
	}
	return found.days.filter((day) => day >= from && day <= to);
}

/**
 * Lessons that take place in a time, those of series among them; cancelled ones, too.
 *
 * @param from moment, and `to` the first after it
 * @returns in the order they begin
 */
export function lessonsBetween(
	{ lessons, series }: Schedule,
	from: number,
	to: number
): Appointed[] {
	const kept = new Set(lessons.map(({ id }) => id));
	const first = dayLater(new Date(from).toISOString().slice(0, 10), -MARGIN_DAYS);
	const last = dayLater(new Date(to).toISOString().slice(0, 10), MARGIN_DAYS);
	const recurring = series.flatMap((one) =>
		daysOfSeries(one, first, last)
			.filter((day) => !kept.has(occurrenceId(one.id, day)))
			.map((day) => lessonOfSeries(one, day))
	);
	const single = lessons.filter(({ day }) => day >= first && day <= last);
	return [...single, ...recurring]
		.map(appointed)
		.filter(({ start, end }) => start < to && end > from)
		.sort((a, b) => a.start - b.start || a.lesson.id.localeCompare(b.lesson.id));
}

/** What one coach gives: a lesson of a series that somebody else took over is neither theirs nor there. */
export function ofCoach(
	{ lessons, series }: Schedule,
	coach: string
): { lessons: Lesson[]; series: Series[] } {
	const others = lessons.filter((lesson) => lesson.coach !== coach);
	return {
		lessons: lessons.filter((lesson) => lesson.coach === coach),
		series: series
			.filter((one) => one.coach === coach)
			.map((one) => ({
				...one,
				without: [
					...one.without,
					...others.flatMap(({ seriesId, occurrence }) =>
						seriesId === one.id && occurrence !== undefined ? [occurrence] : []
					)
				]
			}))
	};
}

/** A lesson by its id, kept or of a series; undefined where there is none. */
export function lessonById({ lessons, series }: Schedule, id: string): Lesson | undefined {
	const found = lessons.find((lesson) => lesson.id === id);
	if (found) return found;
	const named = occurrenceOf(id);
	const one = named && series.find((other) => other.id === named.seriesId);
	if (!named || !one || daysOfSeries(one, named.day, named.day).length === 0) return undefined;
	return lessonOfSeries(one, named.day);
}

/** What two lessons want at once. */
export interface Clash {
	one: Lesson;
	other: Lesson;
	coach: boolean;
	pupilIds: string[];
	greenIds: string[];
}

const common = (a: readonly string[], b: readonly string[]): string[] =>
	a.filter((id) => b.includes(id));

/** Lessons that want the same coach, pupil or green at once; cancelled ones want nothing. */
export function clashesOf(all: readonly Appointed[]): Clash[] {
	const taking = all.filter(({ lesson }) => !lesson.cancelled).sort((a, b) => a.start - b.start);
	return taking.flatMap((a, i) => {
		// In their order only the next ones can begin before this one ends.
		const after = taking.findIndex((b, at) => at > i && b.start >= a.end);
		const beside = taking.slice(i + 1, after < 0 ? undefined : after);
		return beside.flatMap(({ lesson: other }): Clash[] => {
			const one = a.lesson;
			const coach = one.coach !== '' && one.coach === other.coach;
			const pupilIds = common(one.pupilIds, other.pupilIds);
			const greenIds = common(one.greenIds, other.greenIds);
			const clash = coach || pupilIds.length > 0 || greenIds.length > 0;
			return clash ? [{ one, other, coach, pupilIds, greenIds }] : [];
		});
	});
}

/** A lesson at another time; calendars are told that it moved. */
export function movedTo(lesson: Lesson, { day, time }: WallTime): Lesson {
	if (day === lesson.day && time === lesson.time) return lesson;
	return { ...lesson, day, time, sequence: lesson.sequence + 1 };
}

/** A lesson that is cancelled, or takes place after all. */
export const cancelledAs = (lesson: Lesson, cancelled: boolean): Lesson => ({
	...lesson,
	cancelled,
	sequence: lesson.sequence + 1
});

/** So far ahead a next lesson is looked for. */
const SEASON_DAYS = 120;

/** The next lesson that somebody comes to; undefined where none is arranged. */
export const nextLesson = (
	schedule: Schedule,
	pupilId: string,
	now: number
): Appointed | undefined =>
	lessonsBetween(schedule, now, now + SEASON_DAYS * 24 * 60 * MINUTE_MS).find(
		({ lesson, start }) => !lesson.cancelled && start > now && lesson.pupilIds.includes(pupilId)
	);

/** Lessons that a pupil had: those that took place and are over. */
export const lessonsHad = (all: readonly Appointed[], pupilId: string, now: number): Appointed[] =>
	all.filter(
		({ lesson, end }) => !lesson.cancelled && end <= now && lesson.pupilIds.includes(pupilId)
	);

/** How far a pupil's package is. */
export interface PackageState {
	had: number;
	of: number;
}

/** How many lessons of the newest package a pupil had; null without one. */
export function packageState(
	packages: readonly Package[],
	all: readonly Appointed[],
	pupilId: string,
	now: number
): PackageState | null {
	const newest = packages
		.filter((one) => one.pupilId === pupilId)
		.reduce<Package | null>((last, one) => (last && last.from > one.from ? last : one), null);
	if (!newest) return null;
	const had = lessonsHad(all, pupilId, now).filter(({ lesson }) => lesson.day >= newest.from);
	return { had: had.length, of: newest.lessons };
}

/** Pupils who had no lesson for so long, and have none before them; the longest away first. */
export function awayFor(
	all: readonly Appointed[],
	pupilIds: readonly string[],
	now: number
): { pupilId: string; last: number }[] {
	return pupilIds
		.flatMap((pupilId) => {
			const coming = all.some(
				({ lesson, end }) => end > now && !lesson.cancelled && lesson.pupilIds.includes(pupilId)
			);
			const last = lessonsHad(all, pupilId, now).at(-1);
			return last && !coming ? [{ pupilId, last: last.start }] : [];
		})
		.sort((a, b) => a.last - b.last);
}

/** Lessons by the day they begin on, by the clock of a zone. */
export const byDay = (
	all: readonly Appointed[],
	zone: string
): ReadonlyMap<string, readonly Appointed[]> =>
	grouped(all, ({ start }) => wallOf(start, zone).day);

/** The moments of a day by this device's clock: its first, and the first of the day so many later. */
export const daySpan = (day: string, zone: string, days = 1): [from: number, to: number] => [
	instantOf({ day, time: '00:00' }, zone),
	instantOf({ day: dayLater(day, days), time: '00:00' }, zone)
];

/** A lesson by the clock of this device. */
export const shownAt = ({ start }: Pick<Appointed, 'start'>, zone: string): WallTime =>
	wallOf(start, zone);
