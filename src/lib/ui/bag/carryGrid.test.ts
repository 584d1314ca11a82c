import { describe, expect, it } from 'vitest';
import { bagClub, carryCells } from '../../../../tests/support/bag';
import { carryColumns, cellAt, stateOf } from './carryGrid';
import { carryCurves, tickMarks } from './carryCurves';

describe('the carry table on the screen', () => {
	it('has the marks of the pupil’s words, and those of others under which carries are kept', () => {
		const columns = carryColumns('clock', carryCells(['SW', 'hip', 14], ['SW', '9', 20]));
		expect(columns.map(({ name, foreign }) => (foreign ? `(${name})` : name))).toEqual([
			'6:15',
			'6:30',
			'6:45',
			'7',
			'8',
			'(hip)',
			'9',
			'10'
		]);
		// V and thigh are one swing, as are L, ribs and 9.
		expect(
			carryColumns('body', carryCells(['SW', 'V', 9], ['SW', 'L', 20])).some((c) => c.foreign)
		).toBe(false);
	});

	it('finds a cell by its swing in any words, and says how much is known of it', () => {
		const known = carryCells(['SW', 'L', 20], ['SW', '9', 21]);
		const nine = carryColumns('clock', known).find(({ name }) => name === '9')!;
		const cell = cellAt(known, { id: 'SW' }, nine, 'standard')!;
		expect(cell.n).toBe(2);
		expect(cellAt(known, { id: 'SW' }, nine, 'low')).toBeUndefined();
		expect(cellAt(known, { id: 'GW' }, nine, 'standard')).toBeUndefined();
		expect([undefined, { n: 3 }, { n: 4 }].map(stateOf)).toEqual(['missing', 'thin', 'good']);
	});

	it('draws a curve a club through its means, with names that do not touch', () => {
		const clubs = [bagClub('SW', 56), bagClub('GW', 51), bagClub('PW', 46)];
		const curves = carryCurves(
			carryCells(['SW', '8', 10], ['SW', '9', 20], ['GW', '8', 12], ['GW', '9', 20.4]),
			clubs,
			'standard'
		);
		expect(curves.map(({ name }) => name)).toEqual(['SW', 'GW']);
		expect(curves[0]!.points[0]!.carry).toBe(10);
		expect(curves[0]!.points.at(-1)!.carry).toBe(20);
		expect(curves[1]!.label - curves[0]!.label).toBeGreaterThan(1);
		expect(carryCurves([], clubs, 'standard')).toEqual([]);
	});

	it('labels the axis with marks that have room', () => {
		for (const vocabulary of ['clock', 'body', 'shape'] as const) {
			const angles = tickMarks(vocabulary).map(({ angle }) => angle);
			for (let i = 1; i < angles.length; i++)
				expect(angles[i]! - angles[i - 1]!).toBeGreaterThan(0.23);
		}
	});
});
