import { proposeFor, treatingGain, type Candidate, type Gain } from '$lib/core/lessons/proposal';
import type { MissExtra } from '$lib/core/lessons/missExtras';
import type { MeasuringGain } from '$lib/core/plan/studies/worthMeasuring';
import type { Share } from '$lib/core/math/share';
import type { StepRecord } from '$lib/core/trainer/diagnosis';
import type { DrillId } from '$lib/core/practice/drills';
import type { Habit } from '$lib/core/practice/habits';
import { SHIPPED_DRILLS } from '../practice/drill';
import {
	HOMEWORK_BALLS,
	stateOfHomework,
	type Homework,
	type HomeworkCell
} from '../practice/homework';
import { scoresOf, type Session } from '../practice/session';
import type { PupilFile } from '../work/pupil';
import { leftOver, type Block, type Lesson } from './lesson';
import { daysBetween } from './wallTime';

/** What is known of a pupil before a lesson. */
export interface Known {
	file: PupilFile;
	/** Of the pupil, any order. */
	sessions: readonly Session[];
	homework: readonly Homework[];
	/** The pupil's lessons that are over, the latest last. */
	lessons: readonly Lesson[];
	habits: readonly Habit[];
	/** What each of the pupil's shots would gain by measuring; null where a putter is called. */
	gains: readonly (MeasuringGain | null)[];
	/** How the steps of reading a shot go, where they were trained. */
	reading: readonly StepRecord[];
	/** What misses cost on each of them. */
	extras: readonly (readonly MissExtra[] | null)[];
	/** The day of the lesson, and of an instant. */
	day: string;
	dayOf: (at: string) => string;
}

/** What a proposed block is about, with the numbers it rests on. */
export type About =
	| { kind: 'left-over'; block: Block; from: string }
	| { kind: 'homework'; homework: Homework; state: 'open' | 'late' }
	| {
			kind: 'test';
			drillId: DrillId;
			last: { day: string; share: Share } | null;
			days: number | null;
	  }
	| { kind: 'habit'; habit: Habit; extra: number; gain: Gain; shots: number }
	| { kind: 'measure'; cell: HomeworkCell; gain: Gain; calls: number; shots: number }
	| { kind: 'reading'; record: StepRecord; gain: Gain }
	| { kind: 'basics'; drillId: DrillId }
	| { kind: 'spaced'; drillId: DrillId; days: number }
	| { kind: 'transfer'; habit: Habit | null }
	| { kind: 'end' };

/** A ball with its walk and its note, and what a drill takes to be laid out; minutes (assumption). */
const BALL_MINUTES = 0.6;
const LAYING_OUT = 3;
const TALK = 5;
const END = 3;
const TREATING = { least: 10, minutes: 20 } as const;
const TEST_MINUTES = 10;
const BASICS = { least: 10, minutes: 20 } as const;
const READING = { least: 8, minutes: 12 } as const;
/** So much of what a step of reading loses is put right by talking through shots (assumption). */
const READING_TREATED = 0.5;
const TRANSFER = { least: 8, minutes: 15 } as const;
/** The score that is taken again every four weeks (assumption). */
export const TEST = 'up-and-down' satisfies DrillId;
export const TEST_EVERY = 28;
/** A gain under this is nothing to spend a lesson on. */
const WORTH = 0.005;
/** With so few balls and no shot nothing is known of somebody. */
const FEW_BALLS = 12;

const mean = (values: readonly number[]): number =>
	values.reduce((sum, value) => sum + value, 0) / values.length;

/** A mean over shots with its standard error; of a single shot the error is as large as the mean. */
function over(values: readonly number[]): Gain {
	const strokes = values.length > 0 ? mean(values) : 0;
	if (values.length < 2) return { strokes, error: strokes };
	const variance =
		values.reduce((sum, value) => sum + (value - strokes) ** 2, 0) / (values.length - 1);
	return { strokes, error: Math.sqrt(variance / values.length) };
}

/** Whether nothing is known of somebody yet. */
export const isUnknown = ({ file, gains }: Pick<Known, 'file' | 'gains'>): boolean =>
	file.balls.length < FEW_BALLS && gains.length === 0;

const daysSince = (known: Known, drillId: string): number | null => {
	const days = known.sessions
		.filter((session) => session.drillId === drillId)
		.map(({ startedAt }) => daysBetween(known.dayOf(startedAt), known.day));
	return days.length > 0 ? Math.max(0, Math.min(...days)) : null;
};

function habitsFor(known: Known): Candidate<About>[] {
	const asked = known.extras.filter((extras) => extras !== null);
	return known.habits
		.filter(({ stands }) => stands)
		.flatMap((habit): Candidate<About>[] => {
			const costs = asked.flatMap(
				(extras) => extras.find(({ miss }) => miss === habit.miss)?.strokes ?? []
			);
			const extra = costs.length > 0 ? mean(costs) : 0;
			const { share, expected } = habit;
			const gain = treatingGain({ ...share, expected: expected ?? share.hits }, extra);
			return [
				{
					about: { kind: 'habit', habit, extra, gain, shots: asked.length },
					first: false,
					...TREATING,
					// A habit that is there is treated, also where no shot of this pupil tells what it costs.
					gain: costs.length > 0 && gain.strokes > 0 ? gain : null,
					since: daysSince(known, habit.treatedBy)
				}
			];
		});
}

function measuringFor(known: Known): Candidate<About>[] {
	const asked = known.gains.length;
	const keys = [
		...new Set(known.gains.flatMap((one) => (one ? `${one.club}/${one.swing}/${one.flight}` : [])))
	];
	return keys.flatMap((key): Candidate<About>[] => {
		const of = known.gains.map((one) =>
			one && `${one.club}/${one.swing}/${one.flight}` === key ? one : null
		);
		const { club, swing, flight } = of.find((one) => one !== null)!;
		const gain = over(of.map((one) => one?.strokes ?? 0));
		if (flight === 'putt' || gain.strokes < WORTH) return [];
		const cell = { clubId: club, swing, flight, balls: HOMEWORK_BALLS };
		const minutes = Math.round(LAYING_OUT + HOMEWORK_BALLS * BALL_MINUTES);
		const calls = of.filter((one) => one !== null).length;
		const about = { kind: 'measure', cell, gain, calls, shots: asked } as const;
		return [{ about, first: false, least: minutes, minutes, gain, since: null }];
	});
}

/** The step of reading that goes wrong more often than the rest, where one does. */
function readingFor({ reading }: Known): Candidate<About>[] {
	const record = reading.find(({ weak }) => weak);
	if (!record) return [];
	const strokes = READING_TREATED * record.cost;
	// Half of it is a guess: it may be nothing, or all of it.
	const gain = { strokes, error: strokes };
	return [
		{ about: { kind: 'reading', record, gain }, first: false, ...READING, gain, since: null }
	];
}

function firstThings(known: Known): Candidate<About>[] {
	const last = known.lessons.at(-1);
	const must = (about: About, minutes: number): Candidate<About> => ({
		about,
		first: true,
		least: minutes,
		minutes,
		gain: null,
		since: null
	});
	const left = last
		? leftOver(last).map((block) =>
				must({ kind: 'left-over', block, from: last.day }, block.minutes)
			)
		: [];
	const homework = known.homework.flatMap((one) => {
		const state = stateOfHomework(one, known.file.balls, known.sessions, known.day);
		return state === 'done' ? [] : must({ kind: 'homework', homework: one, state }, TALK);
	});
	return [...homework, ...left];
}

/** The test, where it is due: never done, or done too long ago. */
function testFor(known: Known): Candidate<About>[] {
	const days = daysSince(known, TEST);
	if (days !== null && days < TEST_EVERY) return [];
	const tests = known.sessions.filter(({ drillId }) => drillId === TEST);
	const newest = scoresOf(tests, known.file.balls).at(-1);
	const last = newest ? { day: known.dayOf(newest.session.startedAt), share: newest.share } : null;
	const about = { kind: 'test', drillId: TEST, last, days } as const;
	const minutes = TEST_MINUTES;
	return [{ about, first: true, least: minutes, minutes, gain: null, since: days }];
}

/** What to do where nothing is known: what tells most of somebody. */
const BEGIN_WITH: readonly DrillId[] = ['landing-box', 'swing-matrix'];

/** Drills that were done before, the longest ago first. */
function spacedFor(known: Known): Candidate<About>[] {
	return SHIPPED_DRILLS.flatMap(({ id }): Candidate<About>[] => {
		const days = daysSince(known, id);
		if (days === null || id === TEST) return [];
		const about = { kind: 'spaced', drillId: id as DrillId, days } as const;
		return [{ about, first: false, ...TREATING, gain: null, since: days }];
	}).sort((a, b) => (b.since ?? 0) - (a.since ?? 0));
}

/** What a lesson of so many minutes should be about, in order. */
export function proposedFor(known: Known, minutes: number): { about: About; minutes: number }[] {
	const unknown = isUnknown(known);
	const habits = habitsFor(known);
	const measuring = measuringFor(known);
	const basics = BEGIN_WITH.filter((id) => daysSince(known, id) === null).map(
		(drillId): Candidate<About> => ({
			about: { kind: 'basics', drillId },
			first: unknown,
			...BASICS,
			gain: null,
			since: null
		})
	);
	const top = known.habits.find(({ stands }) => stands) ?? null;
	const transfer: Candidate<About> = {
		about: { kind: 'transfer', habit: top },
		first: false,
		...TRANSFER,
		gain: null,
		since: null
	};
	// One thing is treated a lesson, and one measured: the best of each kind.
	const best = (some: Candidate<About>[]) =>
		some.reduce<Candidate<About>[]>(
			([kept], one) =>
				kept && (kept.gain?.strokes ?? 0) >= (one.gain?.strokes ?? 0) ? [kept] : [one],
			[]
		);
	const chosen = proposeFor(
		[
			...firstThings(known),
			...testFor(known),
			...best(habits),
			...best(measuring),
			...readingFor(known),
			...basics,
			...spacedFor(known).slice(0, 1),
			transfer
		],
		Math.max(0, minutes - END)
	);
	return [
		...chosen.map(({ candidate, minutes: given }) => ({
			about: candidate.about,
			minutes: given
		})),
		{ about: { kind: 'end' }, minutes: Math.min(END, minutes) }
	];
}
