import { describe, expect, it } from 'vitest';
import { requestOf } from '../../../../tests/support/training';
import { LIES } from '../lie/lies';
import { exercise, LEVELS, TWISTS } from './situations';
import { judgeReading, TIE, type Committed, type ShotReading } from './reading';
import { READ_STEPS } from './steps';

const committedTo = (one: ShotReading['best'], lie: Committed['lie'] = 'clean'): Committed => ({
	lie,
	height: one.height,
	landing: one.landing,
	ratio: one.ratio,
	club: one.club,
	swing: one.swing,
	aside: one.aside
});
const ANY: Committed = {
	lie: 'clean',
	height: 'middle',
	landing: 5,
	ratio: 1,
	club: 'SW',
	swing: 0.8,
	aside: 0
};

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

describe('a reading', () => {
	it('charges each step, and the steps add up to the whole', async () => {
		for (const seed of [3, 14, 25]) {
			const { situation } = exercise(seed, 3);
			const reading = await judgeReading(requestOf(situation, seed), ANY);
			expect(reading.steps.map(({ step }) => step)).toEqual([...READ_STEPS]);
			const sum = reading.steps.reduce((all, { cost }) => all + cost, 0);
			expect(sum).toBeCloseTo(reading.loss, 9);
			expect(reading.loss).toBeCloseTo(reading.theirs.strokes - reading.best.strokes, 9);
			expect(reading.loss).toBeGreaterThanOrEqual(0);
		}
	});

	it('finds no loss in the best choice', async () => {
		for (const seed of [1, 2, 5, 8, 13, 21]) {
			const request = requestOf(exercise(seed, 1 + (seed % 5)).situation, seed);
			const { best, lie } = await judgeReading(request, ANY);
			const again = await judgeReading(request, committedTo(best, lie[0]));
			expect(again.loss, `seed ${seed}`).toBeLessThan(TIE);
			expect(again.steps.filter(({ right }) => !right)).toEqual([]);
		}
	});

	it('charges the step that went wrong, and no other', async () => {
		const request = requestOf(exercise(11, 1).situation, 4);
		const { best, lie } = await judgeReading(request, ANY);
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

	it('knows how a ball comes out of its lie', async () => {
		const { situation } = exercise(11, 1);
		const of = async (lie: typeof situation.lie) =>
			(await judgeReading(requestOf({ ...situation, lie }, 2), ANY)).lie;
		expect(await of('fairway')).toEqual(['clean']);
		expect(await of('sand')).toEqual(['sand']);
		expect(await of('deep-rough')).toContain('short');
	});
});
