import * as z from 'zod/mini';
import { blockKindField, groupingField } from '../fields/fields';
import { homeworkCellsRow } from './homework';
import {
	clockField,
	dayField,
	instantField,
	keptCount,
	keptNumber,
	keptTally
} from '../fields/kept';

/** One part of a lesson. */
export const blockRow = z.object({
	id: z.string(),
	kind: blockKindField,
	title: z.string(),
	/** Planned. */
	minutes: keptCount,
	balls: z.optional(keptCount),
	/** Of a drill or a test, and of a shot. */
	drillId: z.optional(z.string()),
	shotId: z.optional(z.string()),
	/** The swings it measures, where it is about some and not about the drill's own. */
	cells: z.optional(homeworkCellsRow),
	/** The one thing to say. */
	cue: z._default(z.string(), ''),
	/** What came of it. */
	note: z._default(z.string(), ''),
	/** Why it was proposed, in a sentence. */
	why: z._default(z.string(), ''),
	state: z._default(z.enum(['open', 'done', 'skipped']), 'open'),
	/** Taken so far, without the time since it was begun. */
	seconds: z._default(keptNumber, 0),
	/** The practice that was noted in it. */
	sessionId: z.optional(z.string())
});

/** Where a block of a clinic is hit, on the map of a green. */
const stationRow = z.object({
	/** Of the block. */
	id: z.string(),
	greenId: z.string(),
	ball: z.tuple([keptNumber, keptNumber]),
	/** A place that it is hit towards. */
	toward: z.tuple([keptNumber, keptNumber])
});

/** What was counted of one pupil at one station. */
const tallyRow = z.object({
	id: z.string(),
	blockId: z.string(),
	pupilId: z.string(),
	balls: keptTally,
	/** As they were meant. */
	good: keptTally,
	note: z._default(z.string(), '')
});

/** When and where somebody comes, and for what: the same in a lesson and in a series of them. */
const appointment = {
	pupilIds: z.array(z.string()),
	/** In free words. */
	coach: z._default(z.string(), ''),
	/** By the clock of the place: 2026-10-25, 16:30, and the name of its time zone. */
	day: dayField,
	time: clockField,
	zone: z.string(),
	minutes: keptCount,
	/** Where, in free words, and which greens. */
	place: z._default(z.string(), ''),
	greenIds: z._default(z.array(z.string()), []),
	aim: z._default(z.string(), '')
};

/** A lesson as a browser keeps it. */
export const lessonRow = z.object({
	...appointment,
	id: z.string().check(z.minLength(1)),
	blocks: z._default(z.array(blockRow), []),
	/** Of which series, and which day of it: also where it was moved. */
	seriesId: z.optional(z.string()),
	occurrence: z.optional(dayField),
	cancelled: z._default(z.boolean(), false),
	/** How often its time has been changed: calendars ask for it. */
	sequence: z._default(keptNumber, 0),
	startedAt: z._default(z.nullable(instantField), null),
	endedAt: z._default(z.nullable(instantField), null),
	/** The block at hand and since when its clock runs; null while it stands. */
	running: z._default(z.nullable(z.object({ blockId: z.string(), since: instantField })), null),
	/** Groups that go round the stations together, where several come; ids of pupils. */
	rounds: z.optional(
		z.object({
			grouping: groupingField,
			/** Minutes from station to station. */
			walk: keptNumber,
			groups: z.array(z.array(z.string())),
			/** The round under way, counted from 0, and since when; null before the first and after the last. */
			round: z._default(z.nullable(z.object({ index: keptTally, since: instantField })), null)
		})
	),
	/** Where its stations are. */
	layout: z._default(z.array(stationRow), []),
	tallies: z._default(z.array(tallyRow), []),
	/** The coach's own, never given away. */
	notes: z._default(z.string(), ''),
	/** What the pupil is told. */
	told: z._default(z.string(), '')
});

/** Lessons that come again and again. Those that were touched have a row of their own. */
export const seriesRow = z.object({
	...appointment,
	id: z.string().check(z.minLength(1)),
	/** A recurrence rule of iCalendar. */
	rule: z.string(),
	/** Days on which it does not take place. */
	without: z._default(z.array(dayField), [])
});

/** The blocks of a lesson, to be used again. */
export const lessonPlanRow = z.object({
	id: z.string().check(z.minLength(1)),
	name: z.string(),
	aim: z._default(z.string(), ''),
	blocks: z.array(blockRow)
});

/** Lessons that a pupil has agreed on: so many from a day on. */
export const packageRow = z.object({
	id: z.string().check(z.minLength(1)),
	pupilId: z.string(),
	from: dayField,
	lessons: keptCount
});
