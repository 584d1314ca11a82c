import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { mergeThree } from './merge';

/** A corner of an outline, or a thing with an id. */
type Item = [number, number] | { id: string; at: number };
type Op =
	| { kind: 'insert'; place: number; item: Item }
	| { kind: 'remove'; place: number }
	| { kind: 'move'; place: number; to: number }
	| { kind: 'edit'; place: number; by: number };

/** What one side does to a list, one thing after another; it marks what it makes, so that no two sides make the same. */
const ops = (side: number, withIds: boolean) =>
	fc.array(
		fc
			.oneof(
				fc.record({ kind: fc.constant('insert' as const), place: fc.nat(9), n: fc.nat(1e6) }),
				fc.record({ kind: fc.constant('remove' as const), place: fc.nat(9) }),
				fc.record({ kind: fc.constant('move' as const), place: fc.nat(9), to: fc.nat(9) }),
				fc.record({ kind: fc.constant('edit' as const), place: fc.nat(9), by: fc.nat(1e6) })
			)
			.map((op): Op => {
				if (op.kind !== 'insert') return op;
				const n = op.n + side * 1e7;
				return {
					kind: 'insert',
					place: op.place,
					item: withIds ? { id: `new ${n}`, at: 0 } : [n, n]
				};
			}),
		{ maxLength: 4 }
	);

/** One side's list, and what became of the items that both sides began with. */
class Side {
	readonly list: Item[];
	readonly touched = new Set<Item>();
	readonly removed = new Set<Item>();
	/** What was put in, as it is now. */
	inserted: Item[] = [];
	/** The item as it was to as it is. */
	readonly edited = new Map<Item, Item>();
	readonly #origin: Map<Item, Item>;

	constructor(
		base: readonly Item[],
		todo: readonly Op[],
		private readonly mark: number
	) {
		this.list = [...base];
		this.#origin = new Map(base.map((item) => [item, item]));
		for (const op of todo)
			if (op.kind === 'insert') this.#insert(op.item, op.place);
			else if (this.list.length > 0) this.#change(op, op.place % this.list.length);
	}

	#insert(item: Item, place: number): void {
		this.list.splice(place % (this.list.length + 1), 0, item);
		this.inserted.push(item);
	}

	#change(op: Exclude<Op, { kind: 'insert' }>, at: number): void {
		const item = this.list[at]!;
		const was = this.#origin.get(item);
		if (was) this.touched.add(was);
		if (op.kind === 'edit') return this.#edit(at, item, op.by);
		this.list.splice(at, 1);
		if (op.kind === 'move') this.list.splice(op.to % (this.list.length + 1), 0, item);
		else if (was) this.removed.add(was);
		else this.inserted = this.inserted.filter((other) => other !== item);
	}

	#edit(at: number, item: Item, by: number): void {
		const value = by + this.mark * 1e7;
		const now: Item = Array.isArray(item) ? [item[0], value] : { ...item, at: value };
		const was = this.#origin.get(item);
		this.list[at] = now;
		if (was) {
			this.#origin.set(now, was);
			this.edited.set(was, now);
		}
		this.inserted = this.inserted.map((other) => (other === item ? now : other));
	}
}

const nameOf = (item: Item): string => (Array.isArray(item) ? String(item[0]) : item.id);
const PROPERTY = { numRuns: 1500, seed: 5 };

describe.each([
	['with ids', true],
	['without ids', false]
])('two changes of one list %s', (_, withIds) => {
	const base = Array.from({ length: 7 }, (_, i): Item =>
		withIds ? { id: `${i}`, at: 0 } : [i, 0]
	);
	const both = (check: (mine: Side, theirs: Side, merged: Item[], told: unknown[]) => void) =>
		fc.assert(
			fc.property(ops(1, withIds), ops(2, withIds), (a, b) => {
				const [mine, theirs] = [new Side(base, a, 1), new Side(base, b, 2)];
				const { merged, clashes } = mergeThree(
					{ list: base },
					{ list: mine.list },
					{ list: theirs.list }
				);
				// Corners have no names: where one side moves and changes the same ones, what was there first is told.
				const told = withIds ? [] : clashes.map((clash) => clash.theirs);
				check(mine, theirs, merged.list, told);
			}),
			PROPERTY
		);

	it('have nothing twice, and everything that either put in', () => {
		both((mine, theirs, merged, told) => {
			const said = merged.map((item) => JSON.stringify(item));
			expect(new Set(said).size).toBe(said.length);
			for (const item of [...mine.inserted, ...theirs.inserted])
				expect([...merged, ...told]).toContainEqual(item);
		});
	});

	it('keep the order of what neither touched', () => {
		both((mine, theirs, merged) => {
			const untouched = base.filter((item) => !mine.touched.has(item) && !theirs.touched.has(item));
			const kept = merged
				.map(nameOf)
				.filter((name) => untouched.some((item) => nameOf(item) === name));
			expect(kept).toEqual(untouched.map(nameOf));
		});
	});

	it('leave out what one took out and the other left alone, and have what one alone changed', () => {
		both((mine, theirs, merged, told) => {
			for (const [one, other] of [
				[mine, theirs],
				[theirs, mine]
			] as const) {
				for (const item of one.removed)
					if (!other.touched.has(item)) expect(merged).not.toContainEqual(item);
				for (const [was, now] of one.edited)
					if (!other.touched.has(was) && !one.removed.has(was))
						expect([...merged, ...told]).toContainEqual(now);
			}
		});
	});

	it('hold the same, whoever of the two is put over the other', () => {
		fc.assert(
			fc.property(ops(1, withIds), ops(2, withIds), (a, b) => {
				const [mine, theirs] = [new Side(base, a, 1).list, new Side(base, b, 2).list];
				const [one, two] = [
					mergeThree({ list: base }, { list: mine }, { list: theirs }),
					mergeThree({ list: base }, { list: theirs }, { list: mine })
				];
				if (one.clashes.length > 0) return;
				const said = (list: Item[]) => list.map((item) => JSON.stringify(item)).sort();
				expect(said(one.merged.list)).toEqual(said(two.merged.list));
			}),
			PROPERTY
		);
	});
});

it('keeps a moved corner where it is in its outline, beside one put in by another tab', () => {
	const outline = [
		[0, 0],
		[4, 0],
		[4, 4],
		[0, 4]
	];
	const mine = outline.map((corner, i) => (i === 1 ? [6, 1] : corner));
	const theirs = [...outline.slice(0, 2), [5, 2], ...outline.slice(2)];
	const { merged, clashes } = mergeThree({ outline }, { outline: mine }, { outline: theirs });
	expect(merged.outline).toEqual([
		[0, 0],
		[6, 1],
		[5, 2],
		[4, 4],
		[0, 4]
	]);
	expect(clashes).toEqual([]);
});

it.each<[string, unknown[], unknown[], unknown[], unknown[]]>([
	['words', ['a', 'b'], ['a', 'b', 'c'], ['b'], ['b', 'c']],
	['nothing', [null, 1], [null, 1, 2], [1], [1, 2]],
	[
		'counted things',
		[{ id: 1 }, { id: 2 }],
		[{ id: 2 }],
		[{ id: 1 }, { id: 2 }, { id: 3 }],
		[{ id: 2 }, { id: 3 }]
	]
])('puts lists of %s together by what they say', (_, base, mine, theirs, list) => {
	expect(mergeThree({ list: base }, { list: mine }, { list: theirs })).toEqual({
		merged: { list },
		clashes: []
	});
});

it('takes a place as one, never half of each', () => {
	const { merged, clashes } = mergeThree({ at: [1, 1] }, { at: [2, 1] }, { at: [1, 2] });
	expect(merged.at).toEqual([2, 1]);
	expect(clashes).toEqual([{ path: ['at'], mine: [2, 1], theirs: [1, 2] }]);
});

it('tells where a corner that both moved stands in what came of it', () => {
	const outline = [
		[0, 0],
		[4, 0],
		[4, 4]
	];
	const mine = [
		[9, 9],
		[0, 0],
		[5, 0],
		[4, 4]
	];
	const theirs = [
		[0, 0],
		[6, 0],
		[4, 4]
	];
	const { merged, clashes } = mergeThree({ outline }, { outline: mine }, { outline: theirs });
	expect(merged.outline).toEqual(mine);
	expect(clashes).toEqual([{ path: ['outline', '2'], mine: [5, 0], theirs: [6, 0] }]);
});
