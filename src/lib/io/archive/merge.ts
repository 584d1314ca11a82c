import { contentKey } from '$lib/core/math/contentKey';
import type { Stamp } from '../fields/stamp';
import type { Archive } from './archive';
import { ARCHIVED_TABLES, type ArchivedTable } from './tables';

/** What one side knows of a record: its row, or that it was removed; and since when. */
export interface Known {
	table: ArchivedTable;
	id: string;
	/** Null for a removed one. */
	row: { id: string; name?: unknown } | null;
	at: Stamp;
}

export const keyOf = ({ table, id }: Pick<Known, 'table' | 'id'>): string => `${table}/${id}`;

/**
 * Which of two counts: the newer; where both are as old, a removal, and else the one whose text sorts last, so that the order in which
 * files meet does not matter.
 */
export function winner(a: Known, b: Known): Known {
	if (a.at !== b.at) return a.at > b.at ? a : b;
	if (!a.row) return a;
	if (!b.row) return b;
	return contentKey(a.row) >= contentKey(b.row) ? a : b;
}

/** Everything an archive knows of its records; of one that stands in it twice, what counts. */
export function knownOf(archive: Pick<Archive, ArchivedTable | 'deleted'>): Map<string, Known> {
	const known = new Map<string, Known>();
	const take = (item: Known) => {
		const key = keyOf(item);
		const other = known.get(key);
		known.set(key, other ? winner(other, item) : item);
	};
	for (const table of ARCHIVED_TABLES)
		for (const row of archive[table]) take({ table, id: row.id, row, at: row.updatedAt });
	for (const { table, id, deletedAt } of archive.deleted)
		take({ table, id, row: null, at: deletedAt });
	return known;
}

/** Records that stand in a file more than once, each named once. */
export function twiceIn(archive: Pick<Archive, ArchivedTable>): Known[] {
	return ARCHIVED_TABLES.flatMap((table) => {
		const seen = new Map<string, number>();
		return archive[table].flatMap((row) => {
			const times = (seen.get(row.id) ?? 0) + 1;
			seen.set(row.id, times);
			return times === 2 ? [{ table, id: row.id, row, at: row.updatedAt }] : [];
		});
	});
}

/** What an import will do; nothing is written yet. */
export interface ImportPreview {
	plan: MergePlan;
	/** Records that the file has more than once: of each the newer counts. */
	twice: Known[];
	/** Rows that the writer of the file could not read and that are not here; they come in as they are. */
	unreadable: Archive['unreadable'];
	/** Pupils that the app made by itself and nobody has used: those of the file take their place. */
	unused: string[];
}

/** What taking in a file will do, record by record. */
export interface MergePlan {
	added: Known[];
	replaced: Known[];
	/** Rows here that were removed elsewhere, later than they were last changed here. */
	removed: Known[];
	/** Removals of what is not here: only noted. */
	noted: Known[];
	/** Records of the file that are the same here. */
	same: Known[];
	/** Records of the file that were changed here later: what is here stays. */
	older: Known[];
	/** Rows of the file that were removed here later: they stay away unless they are asked back. */
	gone: Known[];
}

/** Works out what a file does to what is here; nothing is written. */
export function planMerge(
	here: ReadonlyMap<string, Known>,
	file: ReadonlyMap<string, Known>
): MergePlan {
	const plan: MergePlan = {
		added: [],
		replaced: [],
		removed: [],
		noted: [],
		same: [],
		older: [],
		gone: []
	};
	for (const [key, theirs] of file) plan[fateOf(here.get(key), theirs)].push(theirs);
	return plan;
}

function fateOf(mine: Known | undefined, theirs: Known): keyof MergePlan {
	if (!mine) return theirs.row ? 'added' : 'noted';
	if (mine.at === theirs.at && contentKey(mine.row) === contentKey(theirs.row)) return 'same';
	if (winner(mine, theirs) === mine) return theirs.row && !mine.row ? 'gone' : 'older';
	if (!theirs.row) return mine.row ? 'removed' : 'noted';
	return mine.row ? 'replaced' : 'added';
}
