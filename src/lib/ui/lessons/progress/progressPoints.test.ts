import { describe, expect, it } from 'vitest';
import { demo, demoFiles } from '../../../../../tests/support/archives';
import type { Session } from '$lib/io/practice/session';
import { carriesOf } from '$lib/io/work/pupil';
import { knownPoints, knownWords, placesAmong, scoreCourses } from './progressPoints';

const sessions = demo().sessions as unknown as Session[];
const ida = demoFiles().find(({ pupil }) => pupil.id === 'pupil-ida')!;

describe('progress', () => {
	it('follows each drill that was done more than once, and says what luck could do', () => {
		const courses = scoreCourses(sessions, ida);
		expect(courses.map(({ drillId }) => drillId)).toEqual(['landing-box']);
		const [box] = courses;
		expect(box!.points.map(({ at }) => at.slice(0, 10))).toEqual([
			'2026-09-22',
			'2026-10-06',
			'2026-10-19'
		]);
		// Only the pupil's own balls of a session of three count.
		const own = ida.balls.filter(({ sessionId }) => sessionId === 'session-6').length;
		expect(box!.points[2]!.share.of).toBe(own);
		expect(box!.words).not.toBe('');
		expect(scoreCourses(sessions, { ...ida, balls: [] })).toEqual([]);
	});

	it('counts the swings that enough balls tell of, month by month', () => {
		const points = knownPoints(ida);
		expect(points.map(({ month }) => month)).toEqual(
			[...new Set(ida.balls.map(({ at }) => at.slice(0, 7)))].sort()
		);
		const now = carriesOf(ida).filter(({ n, stated }) => !stated && n >= 5).length;
		expect(points.at(-1)!.known).toBe(now);
		expect(points.every(({ known }, i) => i === 0 || known >= points[i - 1]!.known)).toBe(true);
		expect(knownWords([])).toBe('No carry is known yet.');
		expect(knownWords([{ month: '2026-10', known: 1 }])).toBe('The carry of one swing is known.');
		expect(
			knownWords([
				{ month: '2026-09', known: 3 },
				{ month: '2026-10', known: 9 }
			])
		).toBe('The carry of 9 swings is known, 3 at the beginning.');
	});

	it('puts a lesson between the points that it lies between', () => {
		const points = ['2026-10-01', '2026-10-11', '2026-10-31'].map((day) => `${day}T00:00:00.000Z`);
		const places = ['2026-09-30', '2026-10-01', '2026-10-06', '2026-10-26', '2026-11-02'].map(
			(day) => `${day}T00:00:00.000Z`
		);
		expect(placesAmong(points, places)).toEqual([0, 0.5, 1.75]);
		expect(placesAmong([], places)).toEqual([]);
	});
});
