import { describe, expect, it } from 'vitest';
import { carryGaps, carryOverlaps } from './carryAdvice';
import { carryTable } from './carryTable';

/** Cells of tight balls: `[club, swing, carry]`. */
const cells = (...rows: [string, string, number][]) =>
	carryTable(
		rows.map(([club, swing, carry]) => ({ club, swing, flight: 'standard', carry, stated: true })),
		0.04
	);

describe('gaps', () => {
	it('are holes wider than the balls of both sides fill, the widest first', () => {
		const found = carryGaps(
			cells(['lw', '7', 4], ['lw', '8', 9], ['sw', '8', 10], ['sw', '9', 22], ['gw', '9', 27.5])
		);
		expect(found.map(({ from, to }) => [from, to])).toEqual([
			[10, 22],
			[22, 27.5],
			[4, 9]
		]);
		expect(found[0]!.below.club).toBe('sw');
		expect(found[0]!.above.swing).toBe('9');
	});

	it('are not seen where spread fills them, nor below three metres, nor in a table of one', () => {
		expect(carryGaps(cells(['sw', '9', 40], ['gw', '9', 43.5]))).toEqual([]);
		expect(carryGaps(cells(['sw', '7', 2], ['sw', '8', 4.9]))).toEqual([]);
		expect(carryGaps(cells(['sw', '7', 2], ['sw', '8', 5.1]))).toHaveLength(1);
		expect(carryGaps(cells(['sw', '7', 2]))).toEqual([]);
	});
});

describe('overlaps', () => {
	it('are swings of different clubs that go the same, the closest first', () => {
		const found = carryOverlaps(
			cells(['sw', '9', 14], ['gw', '8', 14.3], ['pw', '7', 14.1], ['sw', '10', 20])
		);
		expect(found.map(({ one, other }) => [one.club, other.club])).toEqual([
			['sw', 'pw'],
			['pw', 'gw'],
			['sw', 'gw']
		]);
	});

	it('are not said of so few balls that nobody can tell', () => {
		const balls = (club: string, swing: string, n: number) =>
			Array.from({ length: n }, (_, i) => ({
				club,
				swing,
				flight: 'standard',
				carry: 14 + 0.1 * (i % 2),
				stated: false
			}));
		const found = (n: number) =>
			carryOverlaps(carryTable([...balls('sw', '9', 4), ...balls('gw', '8', n)], 0.04));
		expect([found(3).length, found(4).length]).toEqual([0, 1]);
	});

	it('are not found within one club, nor where the spread tells them apart', () => {
		expect(carryOverlaps(cells(['sw', '8', 14], ['sw', '9', 14.1]))).toEqual([]);
		expect(carryOverlaps(cells(['sw', '8', 3], ['gw', '7', 3.2]))).toEqual([]);
		expect(carryOverlaps(cells(['sw', '9', 60], ['gw', '8', 60.7]))).toEqual([]);
	});
});
