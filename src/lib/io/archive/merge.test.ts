import fc from 'fast-check';
import { emptyArchive } from './archive';
import { describe, expect, it } from 'vitest';
import { NEVER } from '../fields/stamp';
import { keyOf, knownOf, planMerge, winner, type Known } from './merge';

const known = fc
	.record({
		table: fc.constantFrom('pupils' as const, 'balls' as const),
		id: fc.constantFrom('a', 'b', 'c'),
		name: fc.option(fc.constantFrom('x', 'y', 'z'), { nil: null }),
		at: fc.constantFrom(NEVER, '2026-01-01', '2026-02-02', '2026-03-03')
	})
	.map(({ table, id, name, at }): Known => ({
		table,
		id,
		at,
		row: name === null ? null : { id, name }
	}));
type Side = Map<string, Known>;
const side = fc
	.array(known, { maxLength: 6 })
	.map((items): Side => new Map(items.map((item) => [keyOf(item), item])));

/** What a device holds after it has taken a file in. */
function merged(here: Side, file: Side): Side {
	const { added, replaced, removed, noted } = planMerge(here, file);
	const result = new Map(here);
	for (const item of [...added, ...replaced, ...removed, ...noted]) result.set(keyOf(item), item);
	return result;
}
const said = (held: Side) => [...held.values()].sort((a, b) => keyOf(a).localeCompare(keyOf(b)));
const PROPERTY = { numRuns: 400, seed: 11 };

describe('merging two devices', () => {
	it('comes to the same in either order', () => {
		fc.assert(
			fc.property(side, side, (a, b) => {
				expect(said(merged(a, b))).toEqual(said(merged(b, a)));
			}),
			PROPERTY
		);
	});

	it('changes nothing when it is done again, and does not depend on who meets whom first', () => {
		fc.assert(
			fc.property(side, side, side, (a, b, c) => {
				const once = merged(a, b);
				expect(said(merged(once, b))).toEqual(said(once));
				expect(said(merged(merged(a, b), c))).toEqual(said(merged(a, merged(b, c))));
			}),
			PROPERTY
		);
	});

	it('loses no newest edit', () => {
		fc.assert(
			fc.property(side, side, (a, b) => {
				for (const [key, item] of merged(a, b)) {
					const newest = [a.get(key), b.get(key)].flatMap((x) => x?.at ?? []).sort();
					expect(item.at).toBe(newest.at(-1));
				}
			}),
			PROPERTY
		);
	});
});

describe('what will happen', () => {
	const row = (id: string, at: string, name = 'x'): Known => ({
		table: 'pupils',
		id,
		at,
		row: { id, name }
	});
	const gone = (id: string, at: string): Known => ({ table: 'pupils', id, at, row: null });
	const of = (...items: Known[]): Side => new Map(items.map((item) => [keyOf(item), item]));

	it('is told record by record', () => {
		const here = of(
			row('same', '2026-02'),
			row('older', '2026-02'),
			row('newer', '2026-02'),
			row('left', '2026-02'),
			gone('back', '2026-02'),
			gone('away', '2026-02'),
			gone('thrown', '2026-02'),
			gone('long gone', '2026-02'),
			row('kept', '2026-02')
		);
		const plan = planMerge(
			here,
			of(
				row('same', '2026-02'),
				row('older', '2026-03', 'theirs'),
				row('newer', '2026-01', 'theirs'),
				gone('left', '2026-03'),
				row('back', '2026-03'),
				gone('away', '2026-03'),
				row('thrown', '2026-01'),
				gone('long gone', '2026-01'),
				gone('kept', '2026-01'),
				row('new', '2026-01'),
				gone('unknown', '2026-01')
			)
		);
		const ids = Object.fromEntries(
			Object.entries(plan).map(([fate, items]) => [fate, (items as Known[]).map(({ id }) => id)])
		);
		expect(ids).toEqual({
			added: ['back', 'new'],
			replaced: ['older'],
			removed: ['left'],
			noted: ['away', 'unknown'],
			same: ['same'],
			older: ['newer', 'long gone', 'kept'],
			gone: ['thrown']
		});
	});

	it('lets a removal win over an edit of the same moment', () => {
		const edit = row('a', '2026-02');
		const removal = gone('a', '2026-02');
		expect([winner(edit, removal), winner(removal, edit)]).toEqual([removal, removal]);
	});

	it('takes the newer of a record that stands twice in one file', () => {
		const twice = ['2026-01', '2026-03', '2026-02'].map((updatedAt) => ({
			id: 'a',
			name: updatedAt,
			updatedAt
		}));
		const found = knownOf({ ...emptyArchive(), pupils: twice as never });
		expect([...found.values()].map(({ at }) => at)).toEqual(['2026-03']);
	});
});
