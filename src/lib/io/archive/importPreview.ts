import { contentKey } from '$lib/core/math/contentKey';
import { KIND } from '../words/kind';
import type { ImportPreview, Known, MergePlan } from './merge';
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
const COUNTED: readonly ArchivedTable[] = [
	'clubs',
	'balls',
	'sessions',
	'rounds',
	'plays',
	'series',
	'lessons',
	'packages',
	'reads',
	'glances',
	'readings'
];

const named = ({ row, table, id }: Known): string =>
	typeof row?.name === 'string' ? row.name : `a ${KIND[table].one} (${id})`;

/** Fields by names that say less than they are; others by their own, in words. */
const FIELD: Readonly<Record<string, string>> = {
	savedAt: 'saved on',
	shot: 'the shot itself',
	called: 'what was called',
	noPutt: 'no putting',
	endedAt: 'end',
	givenAt: 'given on',
	greenId: 'green',
	pupilIds: 'who comes',
	told: 'what the pupil is told',
	pupilId: 'pupil',
	basedOn: 'copied from'
};
const UNNAMED = new Set(['createdAt', 'updatedAt', 'since', 'id']);
const fieldWords = (field: string): string =>
	FIELD[field] ?? field.replace(/[A-Z]/g, (letter) => ` ${letter.toLowerCase()}`);

/** With what of it is overwritten here. */
function withLosses(known: Known): string {
	const { row, over } = known;
	const lost = Object.keys(over ?? {}).filter(
		(field) => !UNNAMED.has(field) && contentKey(over?.[field]) !== contentKey(row?.[field])
	);
	return lost.length > 0 ? `${named(known)}: ${lost.map(fieldWords).join(', ')}` : named(known);
}

/** Rows in words: the named ones by name, the others by their number, named ones first. */
function itemsOf(known: readonly Known[]): string[] {
	const counted = COUNTED.flatMap((table) => {
		const count = known.filter((item) => item.table === table).length;
		return count === 0 ? [] : [`${count} ${KIND[table][count === 1 ? 'one' : 'many']}`];
	});
	return [...known.filter(({ table }) => !COUNTED.includes(table)).map(withLosses), ...counted];
}

/** Rows nobody can read that come in. */
const unreadableOf = ({ added, replaced, completed }: MergePlan): Known[] =>
	[...added, ...replaced, ...completed].filter(({ unreadable }) => unreadable === true);

/** What an import will do, in the order a person wants to know it; what does not occur is left out. */
export function previewRows({ plan, twice, misdated, unused }: ImportPreview): PreviewRow[] {
	const unreadable = unreadableOf(plan);
	const readable = (known: readonly Known[]) => known.filter((item) => !item.unreadable);
	const row = (id: string, what: string, known: readonly Known[], writes: boolean) => ({
		id,
		what,
		items: itemsOf(known),
		count: known.length,
		writes
	});
	return [
		row('added', 'Added', readable(plan.added), true),
		row('replaced', 'Replaced, newer in the file', readable(plan.replaced), true),
		row('completed', 'Filled in, where nothing is said here', readable(plan.completed), true),
		row('removed', 'Removed, since it was removed there', plan.removed, true),
		row('older', 'Kept, newer here', plan.older, false),
		row('gone', 'Stays away, removed here since', plan.gone, false),
		row('same', 'The same in both', plan.same, false),
		row('noted', 'Removed there, not here anyway', plan.noted, true),
		row('twice', 'Twice in the file, the newer counts', twice, false),
		row('misdated', 'Dated in the future or not at all: older than what is here', misdated, false),
		{
			id: 'unreadable',
			what: 'Cannot be read, taken in as it is',
			items: unreadable.map(({ table, id }) => `a ${KIND[table].one} (${id})`),
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
export function importedWords({ plan }: Pick<ImportPreview, 'plan'>, broughtBack: boolean): string {
	const back = broughtBack ? plan.gone.length : 0;
	const parts = [
		`${plan.added.length} new`,
		`${plan.replaced.length} replaced`,
		...(plan.completed.length > 0 ? [`${plan.completed.length} filled in`] : []),
		...(back > 0 ? [`${back} brought back`] : []),
		...(plan.removed.length > 0 ? [`${plan.removed.length} removed`] : []),
		...(plan.older.length > 0 ? [`${plan.older.length} kept, newer here`] : [])
	];
	return `Imported: ${parts.join(', ')}.`;
}
