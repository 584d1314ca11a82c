import { describe, expect, it } from 'vitest';
import { practisedSession, sessionBall } from '../../../../tests/support/sessions';
import { inTable } from '../work/pupil';
import { ballsAtAMark, hitsOf, inFormat, isHit, offBy, scoresOf, type Session } from './session';

const withRules = (rules: Partial<Session['rules']>) =>
	practisedSession({ rules: { ...practisedSession().rules, ...rules } });

describe('what a ball was meant to do', () => {
	it.each([
		['a strike by what was said', { measure: 'strike' }, { tags: ['good'] }, true],
		['a strike nobody praised', { measure: 'strike' }, {}, false],
		['strokes', { measure: 'strokes' }, { strokes: 2 }, true],
		['three strokes', { measure: 'strokes' }, { strokes: 3 }, false],
		['an end at the flag', { measure: 'finish', mark: 'flag' }, { finished: [14.5, 0.2] }, true],
		['an end far from it', { measure: 'finish', mark: 'flag' }, { finished: [17, 0] }, false],
		['a landing in the box', { measure: 'roll-out' }, { landed: [14.3, 0.3] }, true],
		['a landing off the line', { measure: 'carry' }, { landed: [14, 1.2] }, false],
		['a landing nobody saw', { measure: 'carry' }, { inferred: true }, false],
		['a wild one in the box', { measure: 'carry' }, { tags: ['wild'] }, false]
	] as const)('judges %s', (_, rules, ball, hit) => {
		const given = sessionBall(ball as Parameters<typeof sessionBall>[0]);
		expect(isHit(withRules(rules), given)).toBe(hit);
		expect(hitsOf(withRules(rules), [given, given]).hits).toBe(hit ? 2 : 0);
	});

	it('is missed by the way to the flag, or to the mark where it landed', () => {
		const ball = sessionBall({ landed: [14.3, 0.4], finished: [17, 4] });
		expect(offBy(withRules({ mark: 'flag' }), ball)).toBeCloseTo(5, 9);
		expect(offBy(withRules({ mark: 'box' }), ball)).toBeCloseTo(0.5, 9);
		expect(offBy(withRules({ mark: 'flag' }), { ...ball, finished: undefined })).toBeNull();
	});
});

describe('a drill in another format', () => {
	it('counts strokes when it is holed out, and where balls end when it no longer is', () => {
		const { rules } = practisedSession();
		expect(inFormat(rules, 'up-and-down')).toMatchObject({ measure: 'strokes' });
		expect(inFormat(rules, 'random')).toMatchObject({ measure: 'roll-out', format: 'random' });
		const strokes = { ...rules, measure: 'strokes' } as const;
		expect(inFormat(strokes, 'block')).toMatchObject({ measure: 'finish' });
	});
});

describe('balls aimed at a mark', () => {
	const ball = (change: Parameters<typeof sessionBall>[0]) =>
		sessionBall({ counts: true, ...change });

	it('are found where they count as carries of a swing nobody asked for', () => {
		const found = ballsAtAMark(
			[
				ball({ id: 'old' }),
				ball({ id: 'said', swingFrom: 'noted' }),
				ball({ id: 'out', swingFrom: 'assumed' }),
				ball({ id: 'left', counts: false }),
				ball({ id: 'typed', sessionId: undefined }),
				ball({ id: 'matrix', sessionId: 'session-2' })
			],
			[
				practisedSession(),
				practisedSession({
					id: 'session-2',
					...{ rules: { ...practisedSession().rules, swings: { kind: 'lengths', angles: [90] } } }
				})
			]
		);
		expect(found.map(({ id }) => id)).toEqual(['old']);
	});

	it('carry what the mark asks, so that no table rests on them', () => {
		for (const [swingFrom, rests] of [
			['assumed', false],
			['noted', true],
			['prescribed', true],
			[undefined, true]
		] as const)
			expect(inTable(ball({ swingFrom }))).toBe(rests);
	});
});

it('scores sessions in the order they were begun, each by its own balls', () => {
	const [late, empty, early] = (['c', 'b', 'a'] as const).map((id) =>
		practisedSession({ id, startedAt: `2026-10-0${{ a: 1, b: 2, c: 3 }[id]}T09:00:00.000Z` })
	);
	const balls = [
		sessionBall({ id: '1', sessionId: 'c' }),
		sessionBall({ id: '2', sessionId: 'a' }),
		sessionBall({ id: '3', sessionId: 'a', tags: ['wild'] })
	];
	const scores = scoresOf([late!, empty!, early!], balls);
	expect(scores.map(({ session, share }) => [session.id, share.hits, share.of])).toEqual([
		['a', 1, 2],
		['c', 1, 1]
	]);
});
