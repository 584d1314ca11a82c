import { describe, expect, it } from 'vitest';
import { ANY_CHOICE, committedTo, requestOf } from '../../../../tests/support/training';
import { LIES } from '../lie/lies';
import { fromPercent } from '../units';
import { exerciseOn } from './placedExercise';
import { exercise, levelOf, LEVELS, TWISTS, twistsOf } from './situations';
import { judgeReading, TIE } from './reading';
import type { Committed } from './shotJudge';
import { READ_STEPS } from './steps';

describe('exercises', () => {
	it('are the same for a seed, and harder by what is to be minded', () => {
		expect(exercise(7, 4)).toEqual(exercise(7, 4));
		expect(exercise(7, 1).twists).toEqual([]);
		expect(exercise(7, 99).twists).toHaveLength(LEVELS.most - 1);
		for (let seed = 0; seed < 60; seed++) {
			const { situation, twists } = exercise(seed, 4);
			expect(new Set(twists).size).toBe(3);
			const hard = !['fairway', 'fringe'].includes(situation.lie);
			expect(hard).toBe(twists.includes('lie'));
			expect(situation.hazards.length).toBe(twists.includes('hazard') ? 1 : 0);
			for (const { from, to } of situation.hazards) {
				expect(from).toBeLessThan(to);
				expect(to).toBeLessThanOrEqual(situation.toEdge);
			}
			const steep = Math.abs(situation.segments[0]!.slopeAcross) > 0.01;
			expect(steep).toBe(twists.includes('across'));
		}
	});

	it('cover lies, twists and distances evenly', () => {
		const many = Array.from({ length: 1400 }, (_, seed) => exercise(seed, 2));
		const counts = TWISTS.map((twist) => many.filter(({ twists }) => twists[0] === twist).length);
		// 200 each: four standard deviations of a fair draw are 52.
		for (const count of counts) expect(Math.abs(count - 200)).toBeLessThan(53);
		const short = many.filter(({ situation }) => situation.toEdge < 6.75).length;
		expect(Math.abs(short / many.length - 0.5)).toBeLessThan(0.12);
		const lies = new Set(many.map(({ situation }) => situation.lie));
		expect(lies.size).toBeGreaterThan(6);
		for (const lie of lies) expect(LIES[lie]).toBeDefined();
	});
});

describe('how hard a situation is', () => {
	it('is told from what is to be minded in it: an exercise holds what it was made with', () => {
		for (let seed = 0; seed < 200; seed++) {
			const { situation, twists } = exercise(seed, 1 + (seed % LEVELS.most));
			// A rise that was drawn may be too small to be minded.
			const told = twistsOf(situation).filter((twist) => twist !== 'rise');
			expect(told).toEqual(TWISTS.filter((twist) => twist !== 'rise' && twists.includes(twist)));
		}
		expect(levelOf(exercise(3, 1).situation)).toBe(1);
	});
});

describe('a shot on a green', () => {
	const [low, high] = [-9, 9];
	const green = {
		outline: [
			[low, low],
			[high, low],
			[high, high],
			[low, high]
		] as const,
		collar: 1,
		fringe: 'smooth' as const,
		areas: [
			{
				kind: 'water' as const,
				outline: [
					[high + 2, low],
					[high + 40, low],
					[high + 40, high],
					[high + 2, high]
				] as const,
				lip: 0
			}
		],
		spots: [],
		tilts: [{ u: 0, v: 0, slope: fromPercent(2), fallsTowards: 0, leftOut: false }],
		grid: null
	};

	it('lies off it and never in water, all round, the hole on it and at times at a place with a name', () => {
		const named = [[3, 4]] as const;
		const shots = Array.from({ length: 150 }, (_, seed) => exerciseOn(green, named, seed)!);
		const inside = ([u, v]: readonly [number, number]) =>
			u > low && u < high && v > low && v < high;
		for (const { ball, pin } of shots) {
			expect(inside(ball)).toBe(false);
			expect(ball[0] > high + 2 && Math.abs(ball[1]) < high).toBe(false);
			expect(inside(pin)).toBe(true);
		}
		const withName = shots.filter(({ pin }) => pin[0] === 3 && pin[1] === 4).length;
		expect(withName).toBeGreaterThan(30);
		expect(withName).toBeLessThan(120);
		for (const side of [
			({ ball }: (typeof shots)[0]) => ball[0] < low,
			({ ball }: (typeof shots)[0]) => ball[1] < low,
			({ ball }: (typeof shots)[0]) => ball[1] > high
		])
			expect(shots.filter(side).length).toBeGreaterThan(15);
		expect(exerciseOn(green, named, 5)).toEqual(exerciseOn(green, named, 5));
	});

	it('is none where there is no room for one', () => {
		const small = {
			...green,
			outline: [
				[0, 0],
				[1, 0],
				[1, 1]
			] as const,
			areas: [],
			tilts: []
		};
		expect(exerciseOn(small, [], 1)).toBeNull();
	});
});

describe('a reading', () => {
	it('charges each step, and the steps add up to the whole', async () => {
		for (const seed of [25]) {
			const { situation } = exercise(seed, 3);
			const reading = await judgeReading(requestOf(situation, seed), ANY_CHOICE);
			expect(reading.steps.map(({ step }) => step)).toEqual([...READ_STEPS]);
			const sum = reading.steps.reduce((all, { cost }) => all + cost, 0);
			expect(sum).toBeCloseTo(reading.loss, 9);
			expect(reading.loss).toBeCloseTo(reading.theirs.strokes - reading.best.strokes, 9);
			expect(reading.loss).toBeGreaterThanOrEqual(0);
		}
	});

	it('finds no loss in the best choice', async () => {
		// 57 has two plays of one height and club: the swing belongs to one of them. A thousand others: `npm run readings`.
		for (const seed of [57]) {
			const request = requestOf(
				exercise(seed, 1 + (seed % LEVELS.most)).situation,
				seed,
				seed === 57 ? 'middle' : 'high'
			);
			const { best, lie } = await judgeReading(request, ANY_CHOICE);
			const again = await judgeReading(request, committedTo(best, lie[0]));
			expect(again.loss, `seed ${seed}`).toBeLessThan(TIE);
			expect(again.steps.filter(({ right }) => !right)).toEqual([]);
		}
	});

	it('charges the step that went wrong, and no other', async () => {
		const request = requestOf(exercise(11, 1).situation, 4);
		const { best, lie } = await judgeReading(request, ANY_CHOICE);
		const good = committedTo(best, lie[0]);
		const wrong = async (change: Partial<Committed>) => {
			const { steps } = await judgeReading(request, { ...good, ...change });
			return steps.filter(({ right }) => !right).map(({ step }) => step);
		};
		expect(await wrong({ aside: good.aside + 5 })).toEqual(['aim']);
		expect(await wrong({ swing: good.swing * 1.8 })).toEqual(['swing']);
		expect(await wrong({ lie: 'sand' })).toEqual(['lie']);
		// From too near a spot nothing gets to the hole.
		expect((await wrong({ landing: 0.5 }))[0]).toBe('landing');
	});

	it('looks at the rule of a school beside it, which changes no step', async () => {
		const request = requestOf(exercise(3, 2).situation, 3);
		const plain = await judgeReading(request, ANY_CHOICE);
		const { rule, steps } = await judgeReading(request, ANY_CHOICE, 'rule-of-twelve');
		expect(plain.rule).toBeNull();
		expect(rule!.call.id).toBe('rule-of-twelve');
		expect(rule!.loss).toBeGreaterThanOrEqual(0);
		expect(steps.slice(1).map(({ step }) => step)).toEqual(
			plain.steps.slice(1).map(({ step }) => step)
		);
	});

	it('knows how a ball comes out of its lie', async () => {
		const { situation } = exercise(11, 1);
		const of = async (lie: typeof situation.lie) =>
			(await judgeReading(requestOf({ ...situation, lie }, 2), ANY_CHOICE)).lie;
		expect(await of('fairway')).toEqual(['clean']);
		expect(await of('sand')).toEqual(['sand']);
		expect(await of('deep-rough')).toContain('short');
	});
});
