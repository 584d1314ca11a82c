import { expect, it } from 'vitest';
import type { Known, MergePlan } from './merge';
import { importedWords, previewRows } from './importPreview';

const known = (table: Known['table'], id: string, name?: string): Known => ({
	table,
	id,
	at: '',
	row: { id, ...(name && { name }) }
});
const NOTHING: MergePlan = {
	added: [],
	replaced: [],
	completed: [],
	removed: [],
	noted: [],
	same: [],
	older: [],
	gone: []
};
const preview = (plan: Partial<MergePlan>) => ({
	plan: { ...NOTHING, ...plan },
	twice: [],
	misdated: [],
	unused: []
});

it('names what has a name, counts what has none, and leaves out what does not occur', () => {
	const rows = previewRows(
		preview({
			added: [
				known('balls', 'b1'),
				known('pupils', 'p', 'Ann'),
				known('balls', 'b2'),
				known('clubs', 'c')
			],
			older: [known('greens', 'g', 'Kiln')]
		})
	);
	expect(rows.map(({ id, items, count, writes }) => ({ id, items, count, writes }))).toEqual([
		{ id: 'added', items: ['Ann', '1 club', '2 balls'], count: 4, writes: true },
		{ id: 'older', items: ['Kiln'], count: 1, writes: false }
	]);
	expect(previewRows(preview({}))).toEqual([]);
});

it('says what stays away, what makes way, and what cannot be read', () => {
	const rows = previewRows({
		plan: {
			...NOTHING,
			gone: [known('shots', 's')],
			added: [{ table: 'shots', id: '7', at: '', row: { id: 7 }, unreadable: true }]
		},
		twice: [],
		misdated: [known('greens', 'g', 'Kiln')],
		unused: ['p']
	});
	expect(rows.map(({ id, items }) => [id, items])).toEqual([
		['gone', ['a shot (s)']],
		['misdated', ['Kiln']],
		['unreadable', ['a shot (7)']],
		['unused', ['You']]
	]);
});

it('says of everything a file does what it is, and whether it changes anything here', () => {
	const a = known('greens', 'g', 'Kiln');
	const plan = Object.fromEntries(Object.keys(NOTHING).map((key) => [key, [a]]));
	const rows = previewRows({ ...preview(plan), twice: [a] });
	expect(rows.map(({ id, what, writes }) => [id, what, writes])).toEqual([
		['added', 'Added', true],
		['replaced', 'Replaced, newer in the file', true],
		['completed', 'Filled in, where nothing is said here', true],
		['removed', 'Removed, since it was removed there', true],
		['older', 'Kept, newer here', false],
		['gone', 'Stays away, removed here since', false],
		['same', 'The same in both', false],
		['noted', 'Removed there, not here anyway', true],
		['twice', 'Twice in the file, the newer counts', false]
	]);
	expect(rows.every(({ items, count }) => count === 1 && items[0] === 'Kiln')).toBe(true);
});

it('names what of a row here is overwritten, and nothing that stays', () => {
	const over = { id: 'p', name: 'Ann', notes: 'bad knee', handicap: 12, savedAt: '2026-01-01' };
	const row = { id: 'p', name: 'Ann', notes: '', savedAt: '2026-01-02', updatedAt: 'now' };
	const [first] = previewRows(preview({ replaced: [{ ...known('pupils', 'p'), row, over }] }));
	expect(first!.items).toEqual(['Ann: notes, handicap, saved on']);
});

it('says afterwards what was done', () => {
	const plan = { added: [known('shots', 's')], gone: [known('shots', 't')] };
	expect(importedWords(preview(plan), false)).toBe('Imported: 1 new, 0 replaced.');
	expect(importedWords(preview(plan), true)).toBe('Imported: 1 new, 0 replaced, 1 brought back.');
	expect(
		importedWords(preview({ removed: [known('shots', 's')], older: [known('shots', 't')] }), false)
	).toBe('Imported: 0 new, 0 replaced, 1 removed, 1 kept, newer here.');
});
