import { expect, it } from 'vitest';
import { emptyArchive, type ArchiveContent } from './archive';
import { differencesOf } from './differences';

const content = (change: Partial<Record<keyof ArchiveContent, unknown>>): ArchiveContent =>
	({ ...emptyArchive(), ...change }) as ArchiveContent;
const row = (id: string, name = id) => ({ id, name, updatedAt: '1' });

it('finds nothing where the file holds all of it, and more', () => {
	const here = content({ shots: [row('a'), row('b')] });
	expect(differencesOf(here, here)).toEqual([]);
	expect(differencesOf(here, content({ shots: [row('b'), row('a'), row('c')] }))).toEqual([]);
});

it('names what is missing and what is not the same, kind by kind', () => {
	const here = content({ shots: [row('a'), row('b')], greens: [row('g')], balls: [row('x')] });
	const file = content({ shots: [row('a', 'other')], greens: [row('g', 'Kiln')] });
	expect(differencesOf(here, file)).toEqual([
		'1 ball of this browser not in the file',
		'1 shot of this browser not in the file',
		'1 shot changed since, or different in the file',
		'1 green changed since, or different in the file'
	]);
});

it('counts rows that cannot be read', () => {
	const here = content({ unreadable: [{ table: 'shots', row: { id: 1 } }] });
	expect(differencesOf(here, content({}))).toEqual([
		'1 row that cannot be read is not in the file'
	]);
	expect(differencesOf(content({}), here)).toEqual([]);
});
