import { DRILL_WORDS } from '../words/drill';
import type { Homework } from '../practice/homework';
import type { Session } from '../practice/session';
import { TEST, TEST_EVERY } from './proposal';
import { dayLater } from './wallTime';

/** Something that is due on a day. */
export interface Due {
	id: string;
	/** Homework, or a score that is to be taken again. */
	kind: 'homework' | 'test';
	name: string;
	pupilId: string;
	due: string;
}

/**
 * What is due when: homework, and the score that is taken again every few weeks by those who have one.
 *
 * @param dayOf of an instant
 */
export function dueThings(
	homework: readonly Pick<Homework, 'id' | 'name' | 'pupilId' | 'due'>[],
	sessions: readonly Pick<Session, 'drillId' | 'startedAt' | 'turns'>[],
	dayOf: (at: string) => string
): Due[] {
	const last = new Map<string, string>();
	for (const { drillId, startedAt, turns } of sessions) {
		if (drillId !== TEST) continue;
		const day = dayOf(startedAt);
		for (const { pupilId } of turns) if (day > (last.get(pupilId) ?? '')) last.set(pupilId, day);
	}
	return [
		...homework.map(({ id, name, pupilId, due }): Due => ({
			id,
			kind: 'homework',
			name,
			pupilId,
			due
		})),
		...[...last].map(([pupilId, day]): Due => ({
			id: `${TEST} ${pupilId}`,
			kind: 'test',
			name: DRILL_WORDS[TEST].name,
			pupilId,
			due: dayLater(day, TEST_EVERY)
		}))
	];
}

/** What is due on a day. */
export const dueOn = (things: readonly Due[], day: string): Due[] =>
	things.filter(({ due }) => due === day);
