import { describe, expect, it } from 'vitest';
import { rotationOf, roundMinutes, withLateComer, type Grouping } from './rotation';

const skills = (n: number) => Array.from({ length: n }, (_, i) => (i * 7) % n);

describe('the rounds of a clinic', () => {
	const all: [number, number, Grouping][] = [];
	for (let pupils = 4; pupils <= 16; pupils++)
		for (let stations = 2; stations <= 6; stations++)
			all.push([pupils, stations, 'alike'], [pupils, stations, 'mixed']);

	it.each(all)('lets each of %i see each of %i stations once, %s', (pupils, stations, grouping) => {
		const { groups, rounds } = rotationOf(skills(pupils), stations, grouping);
		expect(groups.flat().sort((a, b) => a - b)).toEqual(
			Array.from({ length: pupils }, (_, i) => i)
		);
		const sizes = groups.map(({ length }) => length);
		expect(Math.max(...sizes) - Math.min(...sizes)).toBeLessThanOrEqual(1);
		expect(rounds).toHaveLength(stations);
		groups.forEach((_, group) => {
			const seen = rounds.map((round) => round.indexOf(group));
			expect([...seen].sort((a, b) => a - b)).toEqual(
				Array.from({ length: stations }, (__, i) => i)
			);
		});
		for (const round of rounds) {
			const there = round.filter((group) => group !== null);
			expect(new Set(there).size).toBe(there.length);
		}
	});

	it('puts like beside like, or mixes them', () => {
		const ranks = [0, 1, 2, 3, 4, 5, 6, 7];
		expect(rotationOf(ranks, 2, 'alike').groups).toEqual([
			[0, 1, 2, 3],
			[4, 5, 6, 7]
		]);
		const sums = rotationOf(ranks, 2, 'mixed').groups.map((group) =>
			group.reduce((sum, pupil) => sum + ranks[pupil]!, 0)
		);
		expect(sums[0]).toBe(sums[1]);
	});

	it('deals in a late-comer without moving anybody else', () => {
		const before = rotationOf([0, 0, 9, 9, 9], 2, 'alike');
		const after = withLateComer(before, [0, 0, 9, 9, 9, 8]);
		const home = after.groups.findIndex((group) => group.includes(5));
		expect(before.groups[home]!.length).toBe(Math.min(...before.groups.map((g) => g.length)));
		expect(after.groups.map((group) => group.filter((pupil) => pupil !== 5))).toEqual(
			before.groups
		);
		expect(after.rounds).toBe(before.rounds);
		const even = rotationOf([0, 0, 9, 9], 2, 'alike');
		expect(withLateComer(even, [0, 0, 9, 9, 8]).groups[1]).toContain(4);
	});

	it('fits rounds and walks into the time', () => {
		expect(roundMinutes(60, 4, 2)).toBe(13);
		expect(roundMinutes(5, 6, 2)).toBe(1);
	});
});
