import { describe, expect, it } from 'vitest';
import { block, lesson } from '../../../../tests/support/lessons';
import { demo, demoFiles } from '../../../../tests/support/archives';
import type { Session } from '../practice/session';
import { sessionsOf, summaryOf, usualNotes } from './summary';

const archive = demo();
const sessions = archive.sessions as unknown as Session[];
const ida = demoFiles().find(({ pupil }) => pupil.id === 'pupil-ida')!;
const given = (...ids: string[]) =>
	lesson('l', { blocks: ids.map((id, i) => block(`b${i}`, { sessionId: id })) });

describe('what came of a lesson', () => {
	it('counts the balls of its blocks, and holds scores against the last time before', () => {
		const summary = summaryOf(given('session-3'), sessions, ida);
		const own = ida.balls.filter(({ sessionId }) => sessionId === 'session-3');
		expect(summary.balls).toBe(own.length);
		expect(summary.scores).toHaveLength(1);
		expect(summary.scores[0]!.last?.startedAt).toBe('2026-09-22T16:10:00.000Z');
		expect(summary.scores[0]!.now.of).toBe(own.length);
		expect(summaryOf(given('session-1'), sessions, ida).scores[0]!.last).toBeNull();
	});

	it('tells better from luck', () => {
		const [session] = sessions.filter(({ id }) => id === 'session-3');
		const hits = (id: string, count: number, right: boolean) =>
			Array.from({ length: count }, (_, i) => ({
				...ida.balls[0]!,
				id: `${id}-${i}`,
				sessionId: id,
				landed: [session!.mark, right ? 0 : 9] as [number, number],
				meant: session!.mark,
				inferred: false,
				tags: []
			}));
		const file = (now: number, before: number) => ({
			...ida,
			balls: [
				...hits('session-3', now, true),
				...hits('session-3', 10 - now, false).map((b) => ({ ...b, id: `${b.id}x` })),
				...hits('session-1', before, true),
				...hits('session-1', 10 - before, false).map((b) => ({ ...b, id: `${b.id}x` }))
			]
		});
		const better = (now: number, before: number) =>
			summaryOf(given('session-3'), sessions, file(now, before)).scores[0]!.better;
		expect([better(9, 1), better(1, 9), better(6, 5)]).toEqual([1, -1, 0]);
	});

	it('counts strikes, says what the bag learns, and which balls are not in it', () => {
		const summary = summaryOf(given('session-2', 'session-6'), sessions, ida);
		const counts = summary.tags.map(([, count]) => count);
		expect(counts).toEqual([...counts].sort((a, b) => b - a));
		const all = ida.balls.filter(({ sessionId }) =>
			['session-2', 'session-6'].includes(sessionId ?? '')
		);
		const [tag, count] = summary.tags[0]!;
		expect(all.filter(({ tags }) => tags.includes(tag))).toHaveLength(count);
		const none = { ...ida, balls: ida.balls.map((ball) => ({ ...ball, counts: false })) };
		expect(summaryOf(given('session-3'), sessions, none).untaken.map(({ id }) => id)).toEqual([
			'session-3'
		]);
		const every = { ...ida, balls: ida.balls.map((ball) => ({ ...ball, counts: true })) };
		expect(summaryOf(given('session-3'), sessions, every).untaken).toEqual([]);
	});

	it('has nothing of sessions that others hit, or that are gone', () => {
		const summary = summaryOf(given('session-7', 'gone'), sessions, ida);
		expect(summary).toMatchObject({ balls: 0, scores: [], tags: [], changes: [], untaken: [] });
		expect(sessionsOf(given('gone', 'session-7'), sessions).map(({ id }) => id)).toEqual([
			'session-7'
		]);
		expect(sessionsOf(lesson('l', { blocks: [block('a')] }), sessions)).toEqual([]);
	});

	it('has at hand what was noted most often', () => {
		const noted = (...notes: string[]) =>
			lesson('l', { blocks: notes.map((note, i) => block(`${i}`, { note })) });
		expect(
			usualNotes([noted('Lifts. Looks up', 'Looks up'), noted('Looks up; hurried\nLifts ')], 2)
		).toEqual(['Looks up', 'Lifts']);
	});
});
