import { createEmptyCard, fsrs, Rating } from 'ts-fsrs';
import { describe, expect, it } from 'vitest';
import type { RuleRead, ShotReading } from '$lib/core/trainer/reading';
import type { Committed, WayRead } from '$lib/core/trainer/shotJudge';
import { READ_STEPS, type ReadStep } from '$lib/core/trainer/steps';
import { leftOf, madeItems, ownItems, resultsOf, type Exam } from './exam';
import { dueNow, dueOf, type Read } from './read';
import { SAY_METRIC } from '../words/say';
import { sittingWords } from './sitting';
import {
	classWords,
	costWords,
	lossWords,
	recordWords,
	ruleWords,
	speedFelt,
	swingBeside,
	teaching
} from './words';

const DAY = 86_400_000;
const START = Date.UTC(2026, 10, 1, 9);
const read = (day: number, step: ReadStep, right: boolean) => ({
	at: new Date(START + day * DAY).toISOString(),
	steps: [{ step, right, cost: 0 }]
});

describe('when a step comes again', () => {
	it('is as the library that schedules it says, from good and again', () => {
		const plain = fsrs({ enable_fuzz: false, enable_short_term: false });
		let card = createEmptyCard(new Date(START));
		for (const [day, right] of [
			[0, true],
			[3, true],
			[12, false]
		] as const)
			card = plain.next(card, new Date(START + day * DAY), right ? Rating.Good : Rating.Again).card;
		const due = dueOf([read(0, 'aim', true), read(3, 'aim', true), read(12, 'aim', false)]);
		expect(due.aim).toBe(card.due.toISOString());
		expect(due.lie).toBeNull();
	});

	it('is later the more often it was right, and soon after a miss', () => {
		const later = dueOf([read(0, 'club', true), read(4, 'club', true)]).club!;
		const sooner = dueOf([read(0, 'club', true), read(4, 'club', false)]).club!;
		expect(Date.parse(later)).toBeGreaterThan(Date.parse(sooner));
	});

	it('takes answers of a device whose clock runs behind', () => {
		expect(() => dueOf([read(5, 'aim', true), read(2, 'aim', true)])).not.toThrow();
	});

	it('has what was never asked first, then what waits longest', () => {
		const due = dueOf([
			...READ_STEPS.filter((step) => step !== 'swing').map((step) => read(0, step, true)),
			read(1, 'ratio', false)
		]);
		expect(dueNow(due, START)).toEqual(['swing']);
		const all = dueNow(due, START + 400 * DAY);
		expect(all[0]).toBe('swing');
		expect(all).toHaveLength(7);
		const times = all.slice(1).map((step) => Date.parse(due[step]!));
		expect(times).toEqual([...times].sort((a, b) => a - b));
	});
});

const way = (over: Partial<WayRead>): WayRead =>
	({
		height: 'middle',
		landing: 5,
		ratio: 1,
		club: 'pw',
		swing: 1,
		aside: 0,
		strokes: 2.7,
		...over
	}) as WayRead;
const committed: Committed = {
	lie: 'clean',
	height: 'low',
	landing: 3,
	ratio: 2,
	club: '7i',
	swing: 1,
	aside: 0
};
const words = {
	length: (metres: number) => `${metres.toFixed(1)} m`,
	club: (id: string) => id.toUpperCase(),
	swing: () => 'hip',
	ratio: (ratio: number) => `1 : ${ratio}`
};
const reading = (step: ReadStep, cost: number): ShotReading => ({
	lie: ['short'],
	steps: READ_STEPS.map((one) => ({
		step: one,
		cost: one === step ? cost : 0,
		right: one !== step
	})),
	loss: cost,
	theirs: way({ club: '7i', landing: 3.2, ratio: 3 }),
	best: way({ club: 'sw', landing: 5, aside: -0.6, height: 'high' }),
	rule: null
});

describe('what is said of a reading', () => {
	it('names the step and what would have been better, from the numbers', () => {
		const said = (step: ReadStep) => teaching(reading(step, 0.3), committed, words);
		expect(said('lie')).toContain('the grass takes speed');
		expect(said('height')).toBe('High it is: 5.0 m of air with the SW, then ground.');
		expect(said('landing')).toBe('Land it 2.0 m farther: 5.0 m from the ball.');
		expect(said('ratio')).toContain('1 : 3');
		expect(said('club')).toBe('The SW does 1 : 1 here, your 7I 1 : 3.');
		expect(said('swing')).toContain('hip would do');
		expect(said('aim')).toBe('Aim 0.6 m left of the hole: the ground brings it back.');
		const all = { ...reading('aim', 0), steps: [] };
		expect(teaching(all, committed, words)).toBe('');
	});

	it('says which of two swings of one name is longer', () => {
		const name = () => '7:30';
		expect(swingBeside(1.1, 1, name)).toBe('7:30, a little longer');
		expect(swingBeside(0.9, 1, name)).toBe('7:30, a little shorter');
		expect(swingBeside(1.01, 1, name)).toBe('7:30');
		expect(swingBeside(1.1, 1, (angle) => (angle > 1 ? 'hip' : 'knee'))).toBe('hip');
	});

	it('reckons as the pupil’s school does, and says what it costs here', () => {
		const call = {
			id: 'rule-of-twelve' as const,
			advice: {
				play: { club: { name: 'PW' }, flight: 'standard', shape: 'straight' },
				carry: 3.9,
				working: { by: 'units', carry: 4, roll: 8, units: 2, number: 10 },
				beyond: null
			},
			ratio: 1,
			missAtHole: 1.6,
			blocked: false,
			holdsAt: null
		} as RuleRead['call'];
		expect(ruleWords({ call, loss: 0.01 }, 3, SAY_METRIC)).toBe(
			'Rule of twelve: Carry 4 paces, roll 8: 2 units; 12 − 2 = 10. It says PW standard, land it 0.9 m on. That is as good as the best here.'
		);
		expect(ruleWords({ call, loss: 0.2 }, 3, SAY_METRIC)).toContain(
			'That costs 0.20 strokes more than the best here: it ends 1.6 m past.'
		);
		expect(ruleWords({ call: { ...call, blocked: true }, loss: 0.2 }, 3, SAY_METRIC)).toContain(
			'it is stopped on its way'
		);
	});

	it('sums up a sitting beside what was before', () => {
		const read = (at: string, right: boolean, loss: number, steps: ReadStep[]) =>
			({ at, loss, steps: steps.map((step) => ({ step, right, cost: loss })) }) as Read;
		const reads = [
			read('2026-05-01T10:00:00Z', false, 0.4, ['club', 'aim']),
			read('2026-05-02T10:00:00Z', true, 0.1, ['club', 'aim']),
			read('2026-05-02T10:02:00Z', true, 0, ['club'])
		];
		const began = Date.parse('2026-05-02T09:59:00Z');
		expect(sittingWords(reads, began)).toMatch(
			/^2 shots read: 3 of 3 steps right \(\d+ to \d+ %\), 0\.10 strokes lost a shot\. Before: 0 of 2 steps right .*, 0\.40 strokes lost a shot\.$/
		);
		expect(sittingWords([], began)).toContain('the step that is due');
	});

	it('says what it cost, and that a tie costs nothing', () => {
		expect(lossWords(reading('club', 0.31))).toBe(
			'It costs 0.31 strokes; most of it goes with the club.'
		);
		expect(lossWords({ loss: 0.01, steps: [] })).toContain('nothing lost');
		expect(lossWords(reading('club', 0.02))).toContain('as good as the best');
		expect(costWords({ step: 'club', cost: 0.31, right: false })).toBe('0.31 strokes');
		expect(costWords({ step: 'club', cost: 0.04, right: true })).toBe('right');
		expect(costWords({ step: 'lie', cost: 0, right: false })).toBe('not so');
	});

	it('says in a line which step loses most', () => {
		const share = { hits: 3, of: 9, low: 0.1, high: 0.6 };
		const of = (cost: number, weak: boolean) =>
			READ_STEPS.map((step) => ({
				step,
				right: share,
				cost: step === 'ratio' ? cost : 0.01,
				weak: step === 'ratio' && weak
			}));
		expect(classWords(of(0.2, false), 9)).toBe(
			'9 shots read; the ratio loses most, 0.20 strokes a shot, as far as so few can tell.'
		);
		expect(classWords(of(0.2, true), 1)).toContain('the ratio goes wrong more often');
		expect(
			classWords(
				of(0, false).map((one) => ({ ...one, cost: 0 })),
				2
			)
		).toContain('no step');
	});

	it('says how a step goes with how sure that is', () => {
		const share = { hits: 12, of: 15, low: 0.6, high: 0.92 };
		expect(recordWords({ step: 'aim', right: share, cost: 0.08, weak: true })).toBe(
			'12 of 15 right (60 to 92 %), 0.08 strokes a shot: less often than the rest, and not by luck'
		);
		const never = { hits: 0, of: 0, low: 0, high: 1 };
		expect(recordWords({ step: 'aim', right: never, cost: 0, weak: false })).toBe('not asked yet');
		expect([7, 10, 12].map(speedFelt)).toEqual(['slow', 'of middling speed', 'quick']);
	});
});

describe('an exam', () => {
	const exam: Exam = {
		id: 'e',
		name: 'Winter',
		pupilIds: ['ida', 'pell'],
		setAt: '2026-11-01T09:00:00.000Z',
		minutes: 15,
		items: madeItems(3, [2, 4], 500)
	};
	const answer = (pupilId: string, item: string, loss: number): Read => ({
		...(read(1, 'aim', loss === 0) as Read),
		id: `${pupilId}${item}`,
		pupilId,
		loss,
		exam: { id: 'e', item }
	});

	it('asks the same made-up shots of everybody, at its levels in turn', () => {
		expect(exam.items.map(({ id, seed, level }) => [id, seed, level])).toEqual([
			['1', 500, 2],
			['2', 501, 4],
			['3', 502, 2]
		]);
		expect(ownItems([], 5)).toEqual([]);
	});

	it('goes on where somebody left it, and is over for each by themselves', () => {
		const reads = [answer('ida', '1', 0.2), answer('ida', '3', 0), answer('pell', '2', 0.1)];
		expect(leftOf(exam, reads, 'ida').map(({ id }) => id)).toEqual(['2']);
		expect(leftOf(exam, reads, 'pell').map(({ id }) => id)).toEqual(['1', '3']);
		expect(leftOf({ ...exam, id: 'other' }, reads, 'ida')).toHaveLength(3);
	});

	it('says how everybody did, those who have not begun and whoever took it besides', () => {
		const reads = [answer('ida', '1', 0.2), answer('ida', '2', 0), answer('ruth', '1', 0)];
		expect(
			resultsOf(exam, reads).map(({ pupilId, answered, loss }) => [pupilId, answered, loss])
		).toEqual([
			['ida', 2, 0.1],
			['pell', 0, 0],
			['ruth', 1, 0]
		]);
	});
});
