import fc from 'fast-check';
import { emptyArchive } from './archive';
import { describe, expect, it } from 'vitest';
import { NEVER } from '../fields/stamp';
import { keyOf, knownOf, planMerge, winner, withBelievedStamps, type Known } from './merge';

/** What a file may leave out of a row of either table. */
const carried = fc.record(
	{ notes: fc.constantFrom('', 'm', 'n'), lie: fc.constantFrom('sand', 'fringe') },
	{ requiredKeys: [] }
);
/** Records of whole rows and removals, or of rows of which files leave something out. */
const known = (names: fc.Arbitrary<string | null>, rest: fc.Arbitrary<object>) =>
	fc
		.record({
			table: fc.constantFrom('pupils' as const, 'balls' as const),
			id: fc.constantFrom('a', 'b', 'c'),
			name: names,
			at: fc.constantFrom(NEVER, '2026-01-01', '2026-02-02', '2026-03-03'),
			rest
		})
		.map(({ table, id, name, at, rest: fields }): Known => ({
			table,
			id,
			at,
			row: name === null ? null : { id, name, ...fields, updatedAt: at }
		}));
type Side = Map<string, Known>;
const sideOf = (records: fc.Arbitrary<Known>) =>
	fc
		.array(records, { maxLength: 6 })
		.map((items): Side => new Map(items.map((item) => [keyOf(item), item])));
const letters = fc.constantFrom('x', 'y', 'z');
const partial = sideOf(known(letters, carried));
// A row that lives on after its removal may keep what an older one said or not: there the order may count.
const whole = sideOf(known(fc.option(letters, { nil: null }), fc.constant({})));
const side = fc.oneof(whole, partial);
const three = fc.oneof(fc.tuple(partial, partial, partial), fc.tuple(whole, whole, whole));

/** What a device holds after it has taken a file in. */
function merged(here: Side, file: Side): Side {
	const { added, replaced, completed, removed, noted } = planMerge(here, file);
	const result = new Map(here);
	for (const { over: _, ...item } of [...added, ...replaced, ...completed, ...removed, ...noted])
		result.set(keyOf(item), item);
	return result;
}
const said = (held: Side) => [...held.values()].sort((a, b) => keyOf(a).localeCompare(keyOf(b)));
/** The latest that anybody says of a field of a record that is there. */
const latestOf = (sides: readonly Side[], key: string, field: string): unknown =>
	sides
		.flatMap((held) => held.get(key) ?? [])
		.filter(({ row }) => row && field in row)
		.map(({ row, at }) => [at, JSON.stringify(row![field])] as const)
		.sort()
		.at(-1)?.[1];
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
			fc.property(three, ([a, b, c]) => {
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

	it('keeps of every field the latest that was said, where files leave fields out', () => {
		fc.assert(
			fc.property(partial, partial, partial, (a, b, c) => {
				for (const [key, { row }] of merged(merged(a, b), c))
					for (const field of key.startsWith('pupils') ? ['notes'] : ['lie'])
						expect(row![field] === undefined ? undefined : JSON.stringify(row![field])).toBe(
							latestOf([a, b, c], key, field)
						);
			}),
			PROPERTY
		);
	});
});

describe('a row whose date cannot be', () => {
	const NOW = Date.parse('2026-05-01T12:00:00.000Z');
	it.each([
		['far in the future', '2026-05-03T12:00:00.000Z-0000-a', NEVER],
		['at the end of time', '9999-99-99T99:99:99.999Z-zzzz-a', NEVER],
		['no date', 'yesterday', NEVER],
		['a day that there is not', '2026-02-30T12:00:00.000Z-0000-a', NEVER],
		['a little ahead', '2026-05-02T11:00:00.000Z-0000-a', '2026-05-02T11:00:00.000Z-0000-a']
	])('counts as older than everything where it is %s', (_, updatedAt, believed) => {
		const file = {
			...emptyArchive(),
			pupils: [{ id: 'p', name: 'P', createdAt: updatedAt, updatedAt }],
			deleted: [{ table: 'balls' as const, id: 'b', deletedAt: updatedAt }],
			unreadable: [{ table: 'shots' as const, row: { id: 7, updatedAt } }]
		};
		const { archive, misdated } = withBelievedStamps(file, NOW);
		expect(archive.pupils).toEqual([
			{ id: 'p', name: 'P', createdAt: believed, updatedAt: believed }
		]);
		expect(archive.deleted[0]!.deletedAt).toBe(believed);
		expect(archive.unreadable[0]!.row).toEqual({ id: 7, updatedAt: believed });
		expect(misdated.map(({ id }) => id)).toEqual(believed === NEVER ? ['p', 'b'] : []);
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
			completed: [],
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
