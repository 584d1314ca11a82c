import { describe, expect, it } from 'vitest';
import { createRng } from '../math/random';
import { carryTable, type CarryFact } from './carryTable';
import { spreadWith } from './carryDays';

const PRIOR = 0.07;
const balls = (swing: string, carries: number[], over: Partial<CarryFact> = {}): CarryFact[] =>
	carries.map((carry) => ({
		club: 'sw',
		swing,
		flight: 'standard',
		carry,
		stated: false,
		...over
	}));
const table = (...facts: CarryFact[][]) => carryTable(facts.flat(), PRIOR);

describe('a cell of the carry table', () => {
	it('is worked out by hand for three balls', () => {
		const [cell] = table(balls('9', [14, 15, 13]));
		expect(cell).toMatchObject({ n: 3, wild: 0, stated: false, contradiction: null });
		// Three balls in a row hardly show whether arms tire.
		expect(cell!.mean).toBeCloseTo(14, 2);
		// Huber's scale of 13, 14, 15: the outer two lie inside 1.5 deviations, so 1/√0.778465.
		expect(cell!.spread).toBeCloseTo(1 / Math.sqrt(0.778465), 5);
		const posterior = Math.sqrt((8 * 3.92 ** 2 + (2 * 1) / 0.778465) / 10);
		expect(cell!.posterior).toBeCloseTo(posterior, 5);
		// A day of 6 % known by 12 days, the balls by 10: 13.4 degrees by Satterthwaite, whose t lies between those of 13 and 14.
		const error = Math.hypot(0.06 * 14, 0.07 * 14 * 0.1, posterior / Math.sqrt(3));
		const reach = (cell!.high - cell!.low) / 2;
		expect(reach).toBeLessThan(1.7709 * error);
		expect(reach).toBeGreaterThan(1.7613 * error);
		expect((cell!.high + cell!.low) / 2).toBeCloseTo(cell!.mean, 9);
	});

	it('takes a stated carry for one careful reading, with the spread of the skill', () => {
		const [cell] = table(balls('9', [14], { stated: true }));
		expect(cell).toMatchObject({ n: 1, stated: true, mean: 14, spread: null });
		expect(cell!.posterior).toBeCloseTo(4 * PRIOR * 14, 12);
		expect(table(balls('9', [14], { stated: true }), balls('9', [15]))[0]!.stated).toBe(false);
	});

	it('believes what a stated carry says of the balls behind it, as long as it stands alone', () => {
		const stated = balls('9', [14], { stated: true, behind: { spread: 1, n: 9 } });
		expect(table(stated)[0]).toMatchObject({ n: 9, spread: 1, mean: 14 });
		expect(table(stated)[0]!.posterior).toBeCloseTo(spreadWith(4 * PRIOR * 14, 1, 8), 12);
		expect(table(stated, balls('9', [15]))[0]).toMatchObject({ n: 2 });
	});

	it('keeps wild balls out of the mean and counts them', () => {
		const [cell] = table(balls('9', [14, 14.4, 13.7, 14.1, 3]));
		expect(cell).toMatchObject({ n: 4, wild: 1 });
		expect(cell!.mean).toBeCloseTo(14.05, 1);
	});

	it('never starts its interval below nothing', () => {
		expect(carryTable(balls('7', [0.4]), 0.5)[0]!.low).toBe(0);
	});
});

describe('the table', () => {
	it('keeps clubs, flights and lengths apart, and one length together in any words', () => {
		const cells = table(
			balls('9', [14]),
			balls('L', [15]),
			balls('8', [8]),
			balls('9', [11], { flight: 'high' }),
			balls('9', [17], { club: 'gw' })
		);
		expect(cells.map(({ club, flight, swing, n }) => [club, flight, swing, n])).toEqual([
			['sw', 'standard', '8', 1],
			['sw', 'standard', '9', 2],
			['sw', 'high', '9', 1],
			['gw', 'standard', '9', 1]
		]);
	});

	it('finds two swings of an honest player contradicting each other once in twenty at most, whatever few balls there are', () => {
		for (const n of [1, 3, 8]) {
			let flagged = 0;
			for (let seed = 1; seed <= 300; seed++) {
				const rng = createRng(seed);
				const hits = (carry: number) =>
					Array.from({ length: n }, () => Math.max(0.5, carry * (1 + 4 * PRIOR * rng.normal())));
				const cells = table(balls('8', hits(13.2)), balls('9', hits(14)));
				if (cells.some(({ contradiction }) => contradiction)) flagged++;
			}
			expect(flagged / 300, `${n} balls`).toBeLessThan(0.06);
		}
	});

	it('passes over what it cannot use', () => {
		expect(table(balls('elbow', [9]), balls('9', [0, -3, NaN]))).toEqual([]);
	});

	it('flags cells that run against their neighbours, with the likely reason', () => {
		const flags = (...facts: CarryFact[][]) => table(...facts).map((cell) => cell.contradiction);
		expect(flags(balls('8', [8]), balls('9', [14]))).toEqual([null, null]);
		const [twelve, twenty] = [
			[12, 12.2, 11.8, 12],
			[20, 20.2, 19.8, 20]
		];
		expect(flags(balls('8', twenty), balls('9', twelve))).toEqual(['exchanged', 'exchanged']);
		// What luck and few balls explain contradicts nothing.
		expect(flags(balls('8', [12.2]), balls('9', [12]))).toEqual([null, null]);
		expect(flags(balls('8', [15]), balls('9', [12]))).toEqual([null, null]);
		const close = [12, 13, 11, 12, 12.4];
		expect(flags(balls('8', close), balls('9', close))).toEqual([null, null]);
		// Exchanging the last two would put 9 before 20 but leave it short of the first.
		expect(
			flags(balls('7', [10, 10, 10, 10]), balls('8', twenty), balls('9', [9, 9, 9, 9]))
		).toEqual([null, 'uneven', 'uneven']);
	});
});

describe('the spread of a cell', () => {
	it('is the exact conjugate update', () => {
		expect(spreadWith(2, 1, 0)).toBe(2);
		expect(spreadWith(2, 1, 8)).toBeCloseTo(Math.sqrt((8 * 4 + 8) / 16), 12);
		expect(spreadWith(2, 1, 1e6)).toBeCloseTo(1, 4);
	});

	it('makes an interval that holds the truth as often as it says', () => {
		let held = 0;
		const TRIALS = 600;
		for (let seed = 1; seed <= TRIALS; seed++) {
			const rng = createRng(seed);
			// A player whose spread is the one presumed, and one whose is a little less.
			const sigma = 4 * PRIOR * 14 * (seed % 2 ? 1 : 0.8);
			const carries = Array.from({ length: 5 }, () => 14 + sigma * rng.normal());
			const [cell] = table(balls('9', carries));
			if (cell!.low <= 14 && 14 <= cell!.high) held++;
		}
		expect(held / TRIALS).toBeGreaterThan(0.87);
		expect(held / TRIALS).toBeLessThan(0.96);
	});
});
