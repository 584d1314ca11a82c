import { describe, expect, it } from 'vitest';
import { groupsOf, roundMinutes, stationAt, withLateComer, type Grouping } from './rotation';

const skills = (n: number) => Array.from({ length: n }, (_, i) => (i * 7) % n);

describe('the rounds of a clinic', () => {
	const all: [number, number, Grouping][] = [];
	for (let pupils = 4; pupils <= 16; pupils++)
		for (let stations = 2; stations <= 6; stations++)
			all.push([pupils, stations, 'alike'], [pupils, stations, 'mixed']);

	it.each(all)('lets each of %i see each of %i stations once, %s', (pupils, stations, grouping) => {
		const groups = groupsOf(skills(pupils), stations, grouping);
		expect(groups.flat().sort((a, b) => a - b)).toEqual(
			Array.from({ length: pupils }, (_, i) => i)
		);
		const sizes = groups.map(({ length }) => length);
		expect(Math.min(...sizes)).toBeGreaterThan(0);
		expect(Math.max(...sizes) - Math.min(...sizes)).toBeLessThanOrEqual(1);
		const all = Array.from({ length: stations }, (_, i) => i);
		for (const [group] of groups.entries()) {
			const seen = all.map((round) => stationAt(group, round, stations));
			expect(seen.sort((a, b) => a - b)).toEqual(all);
		}
		for (const round of all) {
			const there = groups.map((_, group) => stationAt(group, round, stations));
			expect(new Set(there).size).toBe(groups.length);
		}
	});

	it('puts like beside like, or mixes them', () => {
		const ranks = [0, 1, 2, 3, 4, 5, 6, 7];
		expect(groupsOf(ranks, 2, 'alike')).toEqual([
			[0, 1, 2, 3],
			[4, 5, 6, 7]
		]);
		const sums = groupsOf(ranks, 2, 'mixed').map((group) =>
			group.reduce((sum, pupil) => sum + ranks[pupil]!, 0)
		);
		expect(sums[0]).toBe(sums[1]);
	});

	it('deals in a late-comer without moving anybody else', () => {
		const before = groupsOf([0, 0, 9, 9, 9], 2, 'alike');
		const after = withLateComer(before, [0, 0, 9, 9, 9, 8]);
		const home = after.findIndex((group) => group.includes(5));
		expect(before[home]!.length).toBe(Math.min(...before.map((group) => group.length)));
		expect(after.map((group) => group.filter((pupil) => pupil !== 5))).toEqual(before);
		const even = groupsOf([0, 0, 9, 9], 2, 'alike');
		expect(withLateComer(even, [0, 0, 9, 9, 8])[1]).toContain(4);
	});

	it('fits rounds and walks into the time', () => {
		expect(roundMinutes(60, 4, 2)).toBe(13);
		expect(roundMinutes(5, 6, 2)).toBe(1);
	});
});
