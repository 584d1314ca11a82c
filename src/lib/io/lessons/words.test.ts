import { describe, expect, it } from 'vitest';
import { lesson } from '../../../../tests/support/lessons';
import { pupilFile } from '../../../../tests/support/pupils';
import {
	changeWords,
	clashWords,
	clockWords,
	hoursWords,
	listed,
	packageWords,
	repeatsWords,
	ruleWords,
	scoreWords,
	tagsWords,
	whoWords
} from './words';
import { SHIPPED_PLANS } from './plans';
import { SHIPPED_DRILLS } from '../practice/drill';
import { plannedMinutes } from './lesson';

const day = (text: string) => text;

describe('words of lessons', () => {
	it('says how lessons come again', () => {
		const once = { weeks: 2, days: ['TH', 'TU'] as const, until: null, times: null, notIn: [8] };
		expect(repeatsWords({ ...once, days: [...once.days] }, day)).toBe(
			'every second Tuesday and Thursday, not in August'
		);
		expect(ruleWords('FREQ=WEEKLY;BYDAY=MO;UNTIL=20261220', day)).toBe(
			'every Monday, until 2026-12-20'
		);
		expect(ruleWords('FREQ=WEEKLY;COUNT=6', day)).toBe('every week, 6 times');
		expect(ruleWords('FREQ=WEEKLY;INTERVAL=6;BYDAY=SU', day)).toBe('every 6th Sunday');
		expect(ruleWords('FREQ=MONTHLY;BYDAY=2TU', day)).toContain('calendar’s own rule');
	});

	it('names who comes, three at most', () => {
		expect(listed([])).toBe('');
		expect(whoWords(['a'])).toBe('a');
		expect(whoWords(['a', 'b', 'c'])).toBe('a, b and c');
		expect(whoWords(['a', 'b', 'c', 'd'])).toBe('a, b and 2 more');
	});

	it('says of a clash what the other one is', () => {
		const [one, other] = [lesson('a'), lesson('b', { pupilIds: ['x'], time: '17:00' })];
		const names = { pupil: (id: string) => id.toUpperCase(), green: (id: string) => `${id} green` };
		const clash = { one, other, coach: true, pupilIds: [], greenIds: ['ledge'] };
		expect(clashWords(clash, one, names)).toBe(
			'At the same time as X, 17:00: the same coach, Henrike and ledge green.'
		);
		expect(clashWords(clash, other, names)).toContain('as IDA, 16:30');
	});

	it('reads clocks, packages, scores, strikes and carries', () => {
		expect([0, 59.9, 60, 605, -5].map(clockWords)).toEqual([
			'0:00',
			'0:59',
			'1:00',
			'10:05',
			'0:00'
		]);
		const had = [45, 60, 30].map((minutes) => ({
			lesson: lesson('a', { minutes }),
			start: 0,
			end: 0
		}));
		expect([[], had.slice(0, 1), had.slice(1, 2), had].map(hoursWords)).toEqual([
			'',
			'1 lesson in a year, 0.8 hours',
			'1 lesson in a year, an hour',
			'3 lessons in a year, 2.3 hours'
		]);
		expect([4, 5, 7].map((had) => packageWords({ had, of: 5 }))).toEqual([
			'4 of 5 had',
			'all 5 had',
			'all 5 had, 2 more since'
		]);
		const now = { hits: 7, of: 12, low: 0.36, high: 0.78 };
		expect(scoreWords({ now, last: null, better: 0 }, day)).toBe(
			'7 of 12 (36 to 78 %), the first time.'
		);
		const last = { startedAt: '3 Oct', share: { ...now, hits: 4 } };
		expect([1, 0, -1].map((better) => scoreWords({ now, last, better: better as 0 }, day))).toEqual(
			[
				'7 of 12 (36 to 78 %); 4 of 12 on 3 Oct: better, more than luck explains.',
				'7 of 12 (36 to 78 %); 4 of 12 on 3 Oct: luck could make that much.',
				'7 of 12 (36 to 78 %); 4 of 12 on 3 Oct: worse, more than luck explains.'
			]
		);
		expect(tagsWords([])).toBe('');
		expect(
			tagsWords([
				['heavy', 3],
				['thin', 1]
			])
		).toBe('Strikes: heavy 3, thin 1.');
		const file = pupilFile();
		const club = file.clubs[0]!;
		const cell = { mean: 14.2, n: 8 };
		const change = {
			club: club.id,
			swing: '9',
			flight: 'standard',
			before: null,
			after: cell,
			counts: false
		};
		const length = (metres: number) => `${metres} m`;
		expect(changeWords(change as never, file, length)).toBe(
			`${club.name} 9 o’clock: 14.2 m, not known before; from 8 balls, not in the bag yet.`
		);
		expect(
			changeWords({ ...change, counts: true, before: { mean: 13 } } as never, file, length)
		).toBe(`${club.name} 9 o’clock: 14.2 m, before 13 m; from 8 balls.`);
	});
});

describe('the plans that ship', () => {
	it('are ten, fit an hour, and name drills there are', () => {
		expect(SHIPPED_PLANS).toHaveLength(10);
		for (const plan of SHIPPED_PLANS) {
			expect(plannedMinutes(plan)).toBeGreaterThanOrEqual(45);
			expect(plannedMinutes(plan)).toBeLessThanOrEqual(60);
			for (const { kind, drillId } of plan.blocks)
				expect(SHIPPED_DRILLS.some(({ id }) => id === drillId)).toBe(
					kind === 'drill' || kind === 'test'
				);
		}
		const ids = SHIPPED_PLANS.flatMap(({ blocks }) => blocks.map(({ id }) => id));
		expect(new Set(ids).size).toBe(ids.length);
	});
});
