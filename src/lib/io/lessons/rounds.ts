import {
	groupsOf,
	roundMinutes,
	stationAt,
	withLateComer,
	type Grouping
} from '$lib/core/lessons/rotation';
import type { Block, Lesson } from './lesson';
import { beginsAt } from './lesson';
import { laterByClock } from './wallTime';

/** So few pupils need no rounds. */
export const ROUNDS_FROM = 4;
/** From station to station, minutes (assumption). */
const WALK = 2;

/** Blocks that pupils go round: everything that is hit. */
export const stationsOf = ({ blocks }: Pick<Lesson, 'blocks'>): Block[] =>
	blocks.filter(({ kind, state }) => state !== 'skipped' && (kind === 'drill' || kind === 'test'));

/** Whether a lesson is one for rounds: several pupils and several stations. */
export const hasRounds = (lesson: Pick<Lesson, 'pupilIds' | 'blocks'>): boolean =>
	lesson.pupilIds.length >= ROUNDS_FROM && stationsOf(lesson).length > 1;

/** Groups of a lesson, dealt anew. */
export function dealt(
	lesson: Pick<Lesson, 'pupilIds' | 'blocks'>,
	skillOf: (pupilId: string) => number,
	grouping: Grouping
): NonNullable<Lesson['rounds']> {
	const { pupilIds } = lesson;
	const groups = groupsOf(pupilIds.map(skillOf), stationsOf(lesson).length, grouping);
	return {
		grouping,
		walk: WALK,
		groups: groups.map((group) => group.map((pupil) => pupilIds[pupil]!)),
		round: null
	};
}

/** Pupils who are in no group yet. */
export const withoutGroup = ({ pupilIds, rounds }: Pick<Lesson, 'pupilIds' | 'rounds'>): string[] =>
	pupilIds.filter((id) => !rounds?.groups.some((group) => group.includes(id)));

/** Deals a late-comer into the groups there are; nobody else changes theirs. */
export function dealIn(
	rounds: NonNullable<Lesson['rounds']>,
	pupilId: string,
	skillOf: (pupilId: string) => number
): NonNullable<Lesson['rounds']> {
	const all = [...rounds.groups.flat(), pupilId];
	const groups = rounds.groups.map((group) => group.map((id) => all.indexOf(id)));
	const after = withLateComer(groups, all.map(skillOf));
	return { ...rounds, groups: after.map((group) => group.map((at) => all[at]!)) };
}

/** One round: from when to when, and who is at each station. */
export interface Round {
	from: string;
	to: string;
	/** By station; empty where it waits. */
	at: string[][];
}

/** The rounds of a lesson: everybody is at each station once. */
export function roundsOf(lesson: Pick<Lesson, 'blocks' | 'pupilIds' | 'rounds' | 'day' | 'time'>): {
	stations: Block[];
	minutes: number;
	rounds: Round[];
} {
	const stations = stationsOf(lesson);
	const { rounds } = lesson;
	if (!rounds || stations.length === 0) return { stations, minutes: 0, rounds: [] };
	const present = rounds.groups.map((group) => group.filter((id) => lesson.pupilIds.includes(id)));
	const time = stations.reduce((sum, { minutes }) => sum + minutes, 0);
	const minutes = roundMinutes(time, stations.length, rounds.walk);
	const first = beginsAt(lesson)[lesson.blocks.indexOf(stations[0]!)] ?? 0;
	// Groups beyond the stations share with others; fewer leave stations waiting.
	const count = stations.length;
	return {
		stations,
		minutes,
		rounds: stations.map((_, round) => {
			const begins = first + round * (minutes + rounds.walk);
			return {
				from: laterByClock(lesson, begins).time,
				to: laterByClock(lesson, begins + minutes).time,
				at: stations.map((__, station) =>
					present.flatMap((group, i) => (stationAt(i, round, count) === station ? group : []))
				)
			};
		})
	};
}
