import { describe, expect, it } from 'vitest';
import { ballsAsked, nextTask, orderOf, scoreOf } from './formats';

describe('order of balls', () => {
	it('goes club by club in a block', () => {
		expect(orderOf('block', [2, 3, 1], 7)).toEqual([0, 0, 1, 1, 1, 2]);
	});

	it('asks for two balls where the worse one counts', () => {
		expect([ballsAsked('worst-ball', 3), ballsAsked('block', 3)]).toEqual([6, 3]);
	});

	it('mixes by seed and loses none', () => {
		const mixed = orderOf('random', [4, 4, 4], 7);
		expect(mixed).not.toEqual(orderOf('block', [4, 4, 4], 7));
		expect(mixed).toEqual(orderOf('random', [4, 4, 4], 7));
		expect(mixed).not.toEqual(orderOf('random', [4, 4, 4], 8));
		expect([...mixed].sort()).toEqual([0, 0, 0, 0, 1, 1, 1, 1, 2, 2, 2, 2]);
	});

	it('mixes without favour: each order of four comes as often as any other', () => {
		const counts = new Map<string, number>();
		for (let seed = 0; seed < 4800; seed++) {
			const order = orderOf('random', [1, 1, 1, 1], seed).join('');
			counts.set(order, (counts.get(order) ?? 0) + 1);
		}
		// 200 of each are expected; five standard deviations are 70.
		expect(counts.size).toBe(24);
		for (const [order, count] of counts) expect(Math.abs(count - 200), order).toBeLessThan(70);
	});

	it('goes on with what is left, whatever was taken back or hit out of turn', () => {
		const order = [1, 0, 1, 2, 0];
		expect(nextTask(order, [0, 0, 0])).toBe(1);
		expect(nextTask(order, [0, 1, 0])).toBe(0);
		expect(nextTask(order, [2, 1, 0])).toBe(1);
		expect(nextTask(order, [0, 2, 1])).toBe(0);
		expect(nextTask(order, [2, 2, 1])).toBeNull();
		expect(nextTask(order, [5, 2, 0])).toBe(2);
	});
});

const ball = (hit: boolean, off: number | null = null, strokes: number | null = null) => ({
	hit,
	off,
	strokes
});

describe('score', () => {
	it('counts what was as meant, against the last time', () => {
		const last = { hits: 3, of: 8, low: 0, high: 1 };
		const score = scoreOf('block', [ball(true), ball(false), ball(true)], last);
		expect(score).toMatchObject({ kind: 'hits', share: { hits: 2, of: 3 }, last: { hits: 3 } });
	});

	it('counts strokes, two or fewer as up and down, unknown ones as nothing', () => {
		const balls = [ball(true, null, 1), ball(true, null, 2), ball(false, null, 4), ball(false)];
		expect(scoreOf('up-and-down', balls, null)).toMatchObject({
			kind: 'strokes',
			total: 7,
			upAndDown: { hits: 2, of: 3 }
		});
	});

	it('lets the worse of two count, and no ball without its partner', () => {
		const balls = [1, 3, 0.5, 0.2, 2, 4, 9].map((metres) => ball(true, metres));
		expect(scoreOf('worst-ball', balls, null)).toEqual({ kind: 'worse', pairs: 3, median: 3 });
		expect(scoreOf('worst-ball', [ball(true, 1), ball(true, null)], null)).toEqual({
			kind: 'worse',
			pairs: 1,
			median: null
		});
	});
});
