import { KIND } from '../words/kind';
import type { ImportPreview, Known } from './merge';
import type { ArchivedTable } from './tables';

/** One thing an import does, and the rows it does it to. */
export interface PreviewRow {
	id: string;
	what: string;
	/** Each in words. */
	items: string[];
	/** How many rows; the unnamed ones share an item. */
	count: number;
	/** Whether it changes anything here. */
	writes: boolean;
}

/** Rows without a name of their own are only counted. */
const COUNTED: readonly ArchivedTable[] = ['clubs', 'balls', 'sessions', 'readings'];

const named = ({ row, table, id }: Known): string =>
	typeof row?.name === 'string' ? row.name : `a ${KIND[table].one} (${id})`;

/** Rows in words: the named ones by name, the others by their number, named ones first. */
function itemsOf(known: readonly Known[]): string[] {
	const counted = COUNTED.flatMap((table) => {
		const count = known.filter((item) => item.table === table).length;
		return count === 0 ? [] : [`${count} ${KIND[table][count === 1 ? 'one' : 'many']}`];
	});
	return [...known.filter(({ table }) => !COUNTED.includes(table)).map(named), ...counted];
}

/** What an import will do, in the order a person wants to know it; what does not occur is left out. */
export function previewRows({ plan, twice, unreadable, unused }: ImportPreview): PreviewRow[] {
	const row = (id: string, what: string, known: readonly Known[], writes: boolean) => ({
		id,
		what,
		items: itemsOf(known),
		count: known.length,
		writes
	});
	return [
		row('added', 'Added', plan.added, true),
		row('replaced', 'Replaced, newer in the file', plan.replaced, true),
		row('removed', 'Removed, since it was removed there', plan.removed, true),
		row('older', 'Kept, newer here', plan.older, false),
		row('gone', 'Stays away, removed here since', plan.gone, false),
		row('same', 'The same in both', plan.same, false),
		row('noted', 'Removed there, not here anyway', plan.noted, true),
		row('twice', 'Twice in the file, the newer counts', twice, false),
		{
			id: 'unreadable',
			what: 'Cannot be read, taken in as it is',
			items: unreadable.map(({ table, row: raw }) => `a ${KIND[table].one} (${String(raw.id)})`),
			count: unreadable.length,
			writes: true
		},
		{
			id: 'unused',
			what: 'Makes way: a pupil nobody has used',
			items: unused.map(() => 'You'),
			count: unused.length,
			writes: true
		}
	].filter(({ count }) => count > 0);
}

/** What an import did, in one line. */
export function importedWords(
	{ plan, unreadable }: Pick<ImportPreview, 'plan' | 'unreadable'>,
	broughtBack: boolean
): string {
	const back = broughtBack ? plan.gone.length : 0;
	const parts = [
		`${plan.added.length + unreadable.length} new`,
		`${plan.replaced.length} replaced`,
		...(back > 0 ? [`${back} brought back`] : []),
		...(plan.removed.length > 0 ? [`${plan.removed.length} removed`] : []),
		...(plan.older.length > 0 ? [`${plan.older.length} kept, newer here`] : [])
	];
	return `Imported: ${parts.join(', ')}.`;
}
