import { describe, expect, it } from 'vitest';
import { createRng } from '$lib/core/math/random';
import { mergeThree, sameData, putAt } from './merge';

const base = {
	name: 'Kiln',
	notes: '',
	fringe: 'smooth',
	pins: [
		{ id: 'a', name: 'Front', at: [1, 2] },
		{ id: 'b', name: 'Back', at: [3, 4] }
	],
	spots: [
		{ u: 0, v: 0, height: 0 },
		{ u: 1, v: 0, height: 0.1 }
	]
};
type Green = typeof base;
const changed = (change: (green: Green) => void): Green => {
	const copy = structuredClone(base);
	change(copy);
	return copy;
};

describe('two changes of one record', () => {
	it('are both kept where they touch different parts', () => {
		const mine = changed((g) => (g.name = 'Kiln green'));
		const theirs = changed((g) => {
			g.notes = 'wet';
			g.pins[1]!.at = [5, 6];
		});
		const { merged, clashes } = mergeThree(base, mine, theirs);
		expect(clashes).toEqual([]);
		expect(merged).toEqual({ ...theirs, name: 'Kiln green' });
	});

	it('take mine where both touch the same part, and tell', () => {
		const { merged, clashes } = mergeThree(
			base,
			changed((g) => (g.name = 'Mine')),
			changed((g) => (g.name = 'Theirs'))
		);
		expect(merged.name).toBe('Mine');
		expect(clashes).toEqual([{ path: ['name'], mine: 'Mine', theirs: 'Theirs' }]);
	});

	it('agree without a clash where both did the same', () => {
		const same = changed((g) => (g.notes = 'dry'));
		expect(mergeThree(base, same, structuredClone(same))).toEqual({ merged: same, clashes: [] });
	});

	it('add and remove items with ids side by side', () => {
		const mine = changed((g) => g.pins.splice(0, 1));
		const theirs = changed((g) => g.pins.push({ id: 'c', name: 'New', at: [7, 8] }));
		expect(mergeThree(base, mine, theirs).merged.pins.map(({ id }) => id)).toEqual(['b', 'c']);
	});

	it('keep an item that one side removed and the other changed', () => {
		const mine = changed((g) => g.pins.splice(0, 1));
		const theirs = changed((g) => (g.pins[0]!.name = 'Moved'));
		const { merged, clashes } = mergeThree(base, mine, theirs);
		expect(clashes.map(({ path }) => path)).toEqual([['pins', 'a']]);
		expect(merged.pins.map(({ id, name }) => [id, name])).toEqual([
			['a', 'Moved'],
			['b', 'Back']
		]);
	});

	it('add and remove items without ids side by side', () => {
		const mine = changed((g) => g.spots.push({ u: 2, v: 2, height: 0.2 }));
		const theirs = changed((g) => {
			g.spots.splice(0, 1);
			g.spots.push({ u: 9, v: 9, height: 0.9 });
		});
		expect(mergeThree(base, mine, theirs).merged.spots.map(({ u }) => u)).toEqual([1, 2, 9]);
	});

	it('merge lists of one length place by place', () => {
		const mine = changed((g) => (g.spots[0]!.height = 0.5));
		const theirs = changed((g) => (g.spots[1]!.height = 0.7));
		expect(mergeThree(base, mine, theirs).merged.spots.map(({ height }) => height)).toEqual([
			0.5, 0.7
		]);
	});

	it('lose no field that either side changed alone, whatever they change', () => {
		const keys = ['a', 'b', 'c', 'd', 'e'];
		for (let seed = 0; seed < 200; seed++) {
			const rng = createRng(seed);
			const start = Object.fromEntries(keys.map((key) => [key, 0]));
			const side = (mark: number) =>
				Object.fromEntries(
					keys.map((key) => [key, rng.uniform() < 0.5 ? mark + Math.floor(rng.uniform() * 3) : 0])
				);
			const [mine, theirs] = [side(10), side(20)];
			const { merged, clashes } = mergeThree(start, mine, theirs);
			for (const key of keys) {
				const wanted = mine[key] !== 0 ? mine[key] : theirs[key];
				expect(merged[key], `seed ${seed}, ${key}`).toBe(wanted);
				const both = mine[key] !== 0 && theirs[key] !== 0;
				expect(clashes.some(({ path }) => path[0] === key)).toBe(both);
			}
		}
	});
});

it('compares plain data by what it says', () => {
	expect(sameData({ a: [1, { b: 2 }] }, { a: [1, { b: 2 }] })).toBe(true);
	expect(sameData({ a: 1 }, { a: 1, b: undefined })).toBe(true);
	expect(sameData([1, 2], [2, 1])).toBe(false);
	expect(sameData({ a: null }, { a: {} })).toBe(false);
});

it('puts one value at its place, takes it out, and leaves alone what has no such place', () => {
	const record = { a: { b: [1, 2], c: 'x' } as Record<string, unknown> };
	putAt(record, ['a', 'b', '1'], 5);
	putAt(record, ['a', 'c'], undefined);
	putAt(record, ['a', 'd'], 'new');
	putAt(record, ['gone', 'b'], 1);
	putAt(record, [], 1);
	expect(record).toEqual({ a: { b: [1, 5], d: 'new' } });
	const pins = {
		pins: [
			{ id: 'a', name: 'Front' },
			{ id: 'b', name: 'Back' }
		]
	};
	putAt(pins, ['pins', 'b', 'name'], 'Rear');
	putAt(pins, ['pins', 'a'], undefined);
	putAt(pins, ['pins', 'c'], { id: 'c', name: 'New' });
	expect(pins.pins).toEqual([
		{ id: 'b', name: 'Rear' },
		{ id: 'c', name: 'New' }
	]);
});
