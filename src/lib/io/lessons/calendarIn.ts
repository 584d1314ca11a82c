import { soMany } from '../words/say';
import ICAL from 'ical.js';
import { contentKey } from '$lib/core/math/contentKey';
import { freshLesson, MOST_MINUTES, type Lesson, type Series } from './lesson';
import { isRule } from './recurrence';
import { lessonById, occurrenceId, type Schedule } from './schedule';
import { instantOf, isZone, ownZone, wallOf, type WallTime } from './wallTime';

/** An entry of a calendar file that can become a lesson. */
export interface CalendarEntry extends WallTime {
	uid: string;
	title: string;
	description: string;
	place: string;
	zone: string;
	minutes: number;
	sequence: number;
	cancelled: boolean;
	/** A recurrence rule, the days it leaves out, and those that were moved, by their day. */
	rule: string | null;
	without: string[];
	/** Which day of its series this stands for. */
	instead: string | null;
}

/** What a calendar file holds. */
export interface CalendarRead {
	entries: CalendarEntry[];
	/** What was left out, in words. */
	leftOut: string[];
}

/** A calendar of years. */
export const MOST_CALENDAR_BYTES = 2_000_000;
const MOST_ENTRIES = 2000;
const DAY_MINUTES = 1440;
/** What of an entry is taken. */
const TAKEN = new Set([
	'uid',
	'dtstamp',
	'dtstart',
	'dtend',
	'duration',
	'summary',
	'description',
	'location',
	'status',
	'sequence',
	'rrule',
	'exdate',
	'recurrence-id',
	'transp',
	'created',
	'last-modified'
]);

/** A zone by the name of a file, or the nearest that is known: some programs put a path before it. */
function zoneNamed(tzid: string | null): string | null {
	if (!tzid) return null;
	const parts = tzid.split('/').filter(Boolean);
	const names = parts.map((_, i) => parts.slice(i).join('/'));
	return names.find(isZone) ?? null;
}

/** A moment of a file by the clock it is kept in. */
function wallIn(property: ICAL.Property, value: ICAL.Time): { wall: WallTime; zone: string } {
	const tzid = property.getParameter('tzid');
	const named = zoneNamed(typeof tzid === 'string' ? tzid : null);
	const utc = value.zone === ICAL.Timezone.utcTimezone;
	const zone = named ?? ownZone();
	// A zone that only the file describes is taken at its word: its moment, by this device's clock.
	const foreign = !named && typeof tzid === 'string' && value.zone.tzid !== 'floating';
	if (utc || foreign) return { wall: wallOf(value.toUnixTime() * 1000, zone), zone };
	const text = value.toString();
	return { wall: { day: text.slice(0, 10), time: text.slice(11, 16) }, zone };
}

const textOf = (event: ICAL.Component, name: string, most: number): string => {
	const value = event.getFirstPropertyValue(name);
	return typeof value === 'string' ? value.trim().slice(0, most) : '';
};

/** Minutes that an entry takes. */
function minutesOf(event: ICAL.Component, start: ICAL.Time): number {
	const end = event.getFirstPropertyValue('dtend');
	const length = event.getFirstPropertyValue('duration');
	const seconds =
		end instanceof ICAL.Time
			? end.toUnixTime() - start.toUnixTime()
			: length instanceof ICAL.Duration
				? length.toSeconds()
				: 0;
	return Math.round(seconds / 60);
}

function exceptDays(event: ICAL.Component): string[] {
	return event.getAllProperties('exdate').flatMap((property) =>
		property
			.getValues()
			.filter((value) => value instanceof ICAL.Time)
			.map((value) => wallIn(property, value).wall.day)
	);
}

/** An entry as a lesson has it; a text says why it cannot be one. */
function entryOf(event: ICAL.Component): CalendarEntry | string {
	const title = textOf(event, 'summary', 200) || 'Without a title';
	const property = event.getFirstProperty('dtstart');
	const start = property?.getFirstValue();
	if (!property || !(start instanceof ICAL.Time)) return `“${title}” has no time.`;
	if (start.isDate) return `“${title}” is a whole day, not a lesson.`;
	const minutes = minutesOf(event, start);
	if (minutes < 1 || minutes > MOST_MINUTES || minutes >= DAY_MINUTES)
		return `“${title}” takes ${soMany(minutes, 'minute')}: a lesson takes 1 to ${MOST_MINUTES}.`;
	const rule = event.getFirstPropertyValue('rrule')?.toString() ?? null;
	if (rule !== null && !isRule(rule)) return `“${title}” comes again by a rule that is not known.`;
	const { wall, zone } = wallIn(property, start);
	const instead = event.getFirstProperty('recurrence-id');
	const replaced = instead?.getFirstValue();
	return {
		...wall,
		zone,
		minutes,
		uid: textOf(event, 'uid', 200) || `${title} ${wall.day} ${wall.time}`,
		title,
		description: textOf(event, 'description', 2000),
		place: textOf(event, 'location', 60),
		sequence: Number(event.getFirstPropertyValue('sequence') ?? 0) || 0,
		cancelled: textOf(event, 'status', 20).toUpperCase() === 'CANCELLED',
		rule,
		without: exceptDays(event),
		instead: instead && replaced instanceof ICAL.Time ? wallIn(instead, replaced).wall.day : null
	};
}

const partsOf = (event: ICAL.Component): string[] => [
	...event.getAllProperties().map(({ name }) => name),
	...event.getAllSubcomponents().map(({ name }) => name)
];

/**
 * Reads a calendar file (iCalendar, RFC 5545). Entries of a time become lessons; whole days, tasks and journals do not, and are named.
 *
 * @param text of the file
 * @returns a problem where it is no calendar
 */
export function readCalendar(text: string): CalendarRead | { problem: string } {
	let calendar: ICAL.Component;
	try {
		const parsed = ICAL.parse(text) as unknown[];
		const first = Array.isArray(parsed[0]) ? (parsed[0] as unknown[]) : parsed;
		calendar = new ICAL.Component(first as never);
	} catch {
		return { problem: 'This is no calendar file: it should begin with BEGIN:VCALENDAR.' };
	}
	if (calendar.name !== 'vcalendar')
		return { problem: 'This is no calendar file: it should begin with BEGIN:VCALENDAR.' };
	const events = calendar.getAllSubcomponents('vevent');
	if (events.length > MOST_ENTRIES)
		return { problem: `It holds ${events.length} entries; ${MOST_ENTRIES} at most are taken.` };
	const read = events.map(entryOf);
	const unknown = [...new Set(events.flatMap(partsOf).filter((name) => !TAKEN.has(name)))];
	const others = calendar
		.getAllSubcomponents()
		.filter(({ name }) => name !== 'vevent' && name !== 'vtimezone').length;
	return {
		entries: read.filter((entry) => typeof entry !== 'string'),
		leftOut: [
			...read.filter((entry) => typeof entry === 'string'),
			...(others > 0 ? [`${others} parts that are no appointments.`] : []),
			...(unknown.length > 0 ? [`Not taken over: ${unknown.sort().join(', ')}.`] : [])
		]
	};
}

/** An id for what a calendar names in letters of its own: the same for the same name. */
function idOfUid(uid: string): string {
	const own = /^([\w-]{1,64})@crisp-landing$/.exec(uid)?.[1];
	if (own) return own;
	const plain = uid.replace(/[^\w-]/g, '-').slice(0, 40);
	let sum = 0;
	for (const letter of uid) sum = (sum * 31 + letter.codePointAt(0)!) % 0xffffffff;
	return `cal-${plain}-${sum.toString(36)}`.slice(0, 52);
}

/** What taking entries in does: rows to keep, and how many entries change nothing. */
export interface TakenEntries {
	lessons: Lesson[];
	series: Series[];
	unchanged: number;
}

/** Who an entry is for, as far as its title says. */
type WhoIs = (entry: CalendarEntry) => { pupilIds: string[]; aim: string };

const timesOf = ({ day, time, zone, minutes, place }: CalendarEntry) => ({
	day,
	time,
	zone,
	minutes,
	place
});

/** When an entry is, by the clock of what is here: whoever reads the file elsewhere changes no hour. */
function timesFor(entry: CalendarEntry, here: Lesson | undefined): ReturnType<typeof timesOf> {
	const times = timesOf(entry);
	if (!here) return times;
	return { ...times, ...wallOf(instantOf(entry, entry.zone), here.zone), zone: here.zone };
}

/** A lesson as an entry has it; one that is here keeps everything that a calendar does not know, and is left alone by an older entry. */
function lessonOf(
	entry: CalendarEntry,
	id: string,
	here: Lesson | undefined,
	whoIs: WhoIs
): Lesson {
	const { cancelled, sequence } = entry;
	const times = timesFor(entry, here);
	if (here) return sequence < here.sequence ? here : { ...here, ...times, cancelled, sequence };
	const appointment = { ...whoIs(entry), ...times, coach: '', greenIds: [] };
	return { ...freshLesson(id, appointment), cancelled, sequence };
}

/** Entries as lessons and series of a schedule: the same file taken in twice changes nothing more. */
export function takeEntries(
	schedule: Schedule,
	entries: readonly CalendarEntry[],
	whoIs: WhoIs
): TakenEntries {
	const taken: TakenEntries = { lessons: [], series: [], unchanged: 0 };
	for (const entry of entries) {
		const uid = idOfUid(entry.uid);
		if (entry.rule !== null && entry.instead === null) {
			const here = schedule.series.find(({ id }) => id === uid);
			const series: Series = {
				...(here ?? { ...whoIs(entry), coach: '', greenIds: [] }),
				...timesOf(entry),
				id: uid,
				rule: entry.rule,
				without: [...entry.without].sort()
			};
			if (here && contentKey(here) === contentKey(series)) taken.unchanged++;
			else taken.series.push(series);
			continue;
		}
		const id = entry.instead ? occurrenceId(uid, entry.instead) : uid;
		const here = lessonById(schedule, id);
		const found = lessonOf(entry, id, here, whoIs);
		const lesson = entry.instead ? { ...found, seriesId: uid, occurrence: entry.instead } : found;
		if (here && contentKey(here) === contentKey(lesson)) taken.unchanged++;
		else taken.lessons.push(lesson);
	}
	return taken;
}
