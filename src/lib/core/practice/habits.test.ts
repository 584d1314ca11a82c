import { describe, expect, it } from 'vitest';
import { practisedBall } from '../../../../tests/support/practice';
import { DRILLS } from './drills';
import { habitsOf, missesBy, missOf, TREATED_BY, type MissedBall } from './habits';

const ball = (change: Partial<MissedBall> = {}): MissedBall => ({
	...practisedBall({ landed: [6, 0.1], finished: [9, 0.2], meant: 6 }),
	lie: 'fairway',
	day: '2026-10-01',
	flag: null,
	rules: { measure: 'roll-out', mark: 'box', tolerance: 1 },
	tagged: true,
	asMeant: false,
	...change
});

describe('what went wrong', () => {
	it.each([
		['nothing that counts as meant, whatever was said', { asMeant: true, tags: ['heavy'] }, null],
		['what was said first, though it landed short', { tags: ['heavy'], landed: [3, 0] }, 'heavy'],
		['a thin one', { tags: ['thin'] }, 'thin'],
		['short', { landed: [4.9, 0.3] }, 'short'],
		['long', { landed: [7.1, -0.3] }, 'long'],
		['left', { landed: [6.5, -1.1] }, 'left'],
		['right', { landed: [5.5, 1.1] }, 'right'],
		['nothing of a landing nobody saw', { inferred: true, landed: [3, 0] }, null],
		['a run that is too long', { flag: 8, landed: [6.4, 0], finished: [9.5, 0.4] }, 'runs-on'],
		['a run that is too short', { flag: 12, landed: [6, 0] }, 'checks'],
		[
			'a short landing where the end was meant',
			{ flag: 9, landed: [3, 0], finished: [5, 0] },
			'short'
		],
		['a flag missed to the side', { flag: 9, landed: [6, 0], finished: [9.5, 2] }, 'right'],
		[
			'nothing where only the strike was asked for, unless it was said',
			{ landed: [3, 2], rules: { measure: 'strike', mark: 'none', tolerance: 1 } },
			null
		],
		['nothing of an end nobody saw', { flag: 9, finished: null }, null]
	] as const)('is %s', (_, change, miss) => {
		expect(missOf(ball(change as Partial<MissedBall>))).toBe(miss);
	});

	it('is counted, the most frequent first, with what it may be and a drill there is', () => {
		const heavy = Array.from({ length: 5 }, () => ball({ tags: ['heavy'] }));
		const short = Array.from({ length: 2 }, () => ball({ landed: [4, 0] }));
		const fine = Array.from({ length: 3 }, () => ball({ asMeant: true }));
		const habits = habitsOf([...short, ...heavy, ...fine]);
		expect(habits.map(({ miss, share }) => [miss, share.hits, share.of])).toEqual([
			['heavy', 5, 10],
			['short', 2, 10]
		]);
		expect(habits[0]!.share.low).toBeGreaterThan(0.2);
		expect(habits[0]!.share.high).toBeLessThan(0.8);
		expect(Object.values(TREATED_BY).every((id) => id in DRILLS)).toBe(true);
	});

	it('stands out where the skill does not explain it, and then comes first', () => {
		const heavy = Array.from({ length: 5 }, () => ball({ tags: ['heavy'] }));
		const short = Array.from({ length: 3 }, () => ball({ landed: [4, 0] }));
		const habits = habitsOf(
			[...heavy, ...short],
			new Map([
				['heavy', { count: 4, luck: 0.4 }],
				['short', { count: 0.2, luck: 0.0025 }]
			])
		);
		expect(habits.map(({ miss, stands, expected }) => [miss, stands, expected])).toEqual([
			['short', true, 0.2],
			['heavy', false, 4]
		]);
		expect(habitsOf(heavy)[0]).toMatchObject({ stands: false, expected: null });
	});

	it('gathers by club, the worst first, and names what is most frequent there', () => {
		const balls = [
			ball({ club: 'SW', tags: ['heavy'] }),
			ball({ club: 'SW', asMeant: true }),
			ball({ club: '9i', tags: ['thin'] }),
			ball({ club: 'PW', asMeant: true })
		];
		expect(
			missesBy(balls, ({ club }) => club).map(({ name, share, most }) => [name, share.hits, most])
		).toEqual([
			['9i', 1, 'thin'],
			['SW', 1, 'heavy'],
			['PW', 0, null]
		]);
	});
});
