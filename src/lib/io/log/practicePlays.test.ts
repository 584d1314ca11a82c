import { describe, expect, it } from 'vitest';
import { pupilFile } from '../../../../tests/support/pupils';
import { practisedSession, sessionBall } from '../../../../tests/support/sessions';
import { playRow } from '../rows/play';
import { ballsOfText, leaveOf, strokesOf } from './play';
import { practicePlays } from './practicePlays';
import { scoredPlay } from './scored';

const NOW = new Date('2026-11-01T10:00:00.000Z');
const session = practisedSession();
const file = pupilFile();
const middle = (values: number[]) => values.sort((a, b) => a - b)[Math.floor(values.length / 2)]!;

describe('balls of a practice as played shots', () => {
	const balls = [
		sessionBall(),
		sessionBall({ id: 'ball-2', clubId: 'pupil-1-PW', finished: [20, -1] }),
		sessionBall({ id: 'ball-3', inferred: true }),
		sessionBall({ id: 'unseen', finished: undefined })
	];
	const plays = practicePlays(session, balls, file, NOW);

	it('have the id of their ball, and are what the log keeps', () => {
		expect(plays.map(({ id }) => id).sort()).toEqual(['ball-1', 'ball-2', 'ball-3']);
		for (const play of plays) expect(playRow.parse(play)).toEqual(play);
		expect(plays[0]).toMatchObject({
			at: '2026-10-10T09:01:00.000Z',
			roundId: null,
			sessionId: 'session-1',
			landed: [14, 0],
			finished: [18, 0.2],
			lie: 'fairway',
			played: { words: 'SW standard', swing: '9' }
		});
		expect(plays.find(({ id }) => id === 'ball-3')!.landed).toBeUndefined();
	});

	it('are left so far from where they were to stop, on the ground of the practice', () => {
		expect(plays.map(leaveOf)).toEqual([
			expect.closeTo(0.2, 9),
			expect.closeTo(0.2, 9),
			expect.closeTo(Math.hypot(2, 1), 9)
		]);
		const { situation } = plays[0]!.shot;
		expect([situation.toEdge, situation.edgeToPin]).toEqual([2, 16]);
	});

	it('are held against balls that land where it was meant', () => {
		const [play] = plays;
		const landings = ballsOfText(play!.forecast!.balls)!.map(({ landed }) => landed[0]);
		expect(landings).toHaveLength(64);
		expect(middle(landings)).toBeGreaterThan(12.5);
		expect(middle(landings)).toBeLessThan(15);
		expect(play!.forecast!.strokes).toBeGreaterThan(2);
		expect(play!.forecast!.strokes).toBeLessThan(3.2);
		expect(play!.forecast!.chances.holed).toBe(0);
		expect(scoredPlay(play!)).toMatchObject({ rank: expect.any(Number) as number });
	});

	it('know nothing of what the practice itself taught, and all that was known before', () => {
		const taught = {
			...file,
			balls: balls.map((ball) => ({ ...ball, counts: true, swingFrom: 'noted' as const, carry: 8 }))
		};
		expect(practicePlays(session, balls, taught, NOW)).toEqual(plays);
		const steady = (at: string) =>
			pupilFile(
				{},
				Array.from({ length: 30 }, (_, i) => ({ carry: 14 + (i % 2 ? 0.1 : -0.1), at }))
			);
		const after = steady('2026-10-20T00:00:00.000Z');
		expect(practicePlays(session, balls, after, NOW)).toEqual(plays);
		const widthOf = (some: typeof plays) => {
			const landed = ballsOfText(some[0]!.forecast!.balls)!
				.map((ball) => ball.landed[0])
				.sort((a, b) => a - b);
			return landed[48]! - landed[16]!;
		};
		const known = practicePlays(session, balls, steady('2026-10-01T00:00:00.000Z'), NOW);
		expect(widthOf(known)).toBeLessThan(widthOf(plays));
		expect(known[0]!.forecast!.prior).toBeDefined();
		expect(plays[0]!.forecast!.prior).toBeUndefined();
	});

	it('are of the turn of whoever hit them', () => {
		const [own] = session.turns;
		const other = { ...own!, pupilId: 'somebody else', tasks: [] };
		const shared = { ...session, turns: [other, own!] };
		expect(practicePlays(shared, balls, file, NOW)).toEqual(plays);
		expect(practicePlays({ ...session, turns: [other] }, balls, file, NOW)).toEqual([]);
	});

	it('count strokes to the flag where that is what was counted', () => {
		const holing = practisedSession({
			rules: { ...session.rules, measure: 'strokes', mark: 'flag', format: 'up-and-down' },
			mark: 12
		});
		const counted = [
			sessionBall({ finished: undefined, inferred: true, strokes: 1 }),
			sessionBall({ id: 'ball-2', finished: undefined, inferred: true, strokes: 3 })
		];
		const [one, three] = practicePlays(holing, counted, file, NOW);
		expect([one!.holed, strokesOf(one!), strokesOf(three!)]).toEqual([true, 1, 3]);
		expect(one!.shot.situation.toEdge + one!.shot.situation.edgeToPin).toBe(12);
	});

	it('are none where the club is gone or carries nowhere near', () => {
		expect(practicePlays(session, balls, { ...file, clubs: [] }, NOW)).toEqual([]);
		const far = practisedSession();
		for (const task of far.turns[0]!.tasks) task.landing = 149;
		expect(practicePlays(far, balls, file, NOW)).toEqual([]);
	});
});
