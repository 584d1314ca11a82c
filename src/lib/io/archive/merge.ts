import { contentKey } from '$lib/core/math/contentKey';
import { isCredible, NEVER, stampField, type Stamp } from '../fields/stamp';
import type { Archive, ArchiveContent } from './archive';
import { ARCHIVED_TABLES, idText, type ArchivedTable } from './tables';
import { MAY_LACK } from './version1';

/** A row as it lies in a file or in a browser; fields that neither said of it are absent. */
export interface KnownRow {
	id: string | number;
	/** Of fields that came of an older row than this one: how old that was. */
	since?: Readonly<Record<string, Stamp>> | undefined;
	[field: string]: unknown;
}

/** What one side knows of a record: its row, or that it was removed; and since when. */
export interface Known {
	table: ArchivedTable;
	id: string;
	/** Null for a removed one. */
	row: KnownRow | null;
	at: Stamp;
	/** Nobody can read the row; it is handed on as it is. */
	unreadable?: boolean;
	/** The row it takes the place of. */
	over?: KnownRow | null;
}

export const keyOf = ({ table, id }: Pick<Known, 'table' | 'id'>): string => `${table}/${id}`;

/** What says when a row is of, not what it says. */
const STAMPS = ['createdAt', 'updatedAt'];

/** The text of a row without its stamps and some fields, in whatever order they stand. */
const textOf = (row: KnownRow | null, without: readonly string[] = []): string =>
	row === null
		? ''
		: contentKey(
				Object.entries(row)
					.filter(([field]) => !STAMPS.includes(field) && !without.includes(field))
					.sort(([a], [b]) => (a < b ? -1 : 1))
			);

/**
 * Which of two counts: the newer; where both are as old, a removal, and else the one whose text sorts last, so that the order in which
 * files meet does not matter. Fields that a file may leave out do not decide: see `together`.
 */
export function winner(a: Known, b: Known): Known {
	if (a.at !== b.at) return a.at > b.at ? a : b;
	if (!a.row) return a;
	if (!b.row) return b;
	const apart = [...MAY_LACK[a.table], 'since'];
	return textOf(a.row, apart) >= textOf(b.row, apart) ? a : b;
}

/** A field that a row has, and since when; null where the row says nothing of it. */
function saidOf({ row, at }: Known, field: string): { value: unknown; at: Stamp } | null {
	if (!row || !(field in row)) return null;
	return { value: row[field], at: row.since?.[field] ?? at };
}

/** Whether one counts before the other, in whatever order they meet. */
const isLater = (a: { value: unknown; at: Stamp }, b: { value: unknown; at: Stamp }): boolean =>
	a.at === b.at ? contentKey(a.value) > contentKey(b.value) : a.at > b.at;

/**
 * What two sides know of a record together: the one that counts, and what it does not carry of the other. A file that leaves a field out
 * says nothing of it, and erases nothing.
 *
 * @returns one of the two as it is where that is all
 */
export function together(a: Known, b: Known): Known {
	const counts = winner(a, b);
	const other = counts === a ? b : a;
	if (!counts.row || !other.row) return counts;
	const { since: _, ...row } = counts.row;
	const since: Record<string, Stamp> = { ...counts.row.since };
	let taken = false;
	for (const field of MAY_LACK[counts.table]) {
		const [mine, theirs] = [saidOf(counts, field), saidOf(other, field)];
		if (!theirs || (mine && !isLater(theirs, mine))) continue;
		(row as KnownRow)[field] = theirs.value;
		if (theirs.at === counts.at) delete since[field];
		else since[field] = theirs.at;
		taken = true;
	}
	if (!taken) return counts;
	return { ...counts, row: Object.keys(since).length > 0 ? { ...row, since } : row };
}

/** Everything an archive knows of its records; of one that stands in it twice, what counts. */
export function knownOf(
	archive: Pick<Archive, ArchivedTable | 'deleted' | 'unreadable'>
): Map<string, Known> {
	const known = new Map<string, Known>();
	const take = (item: Known) => {
		const key = keyOf(item);
		const other = known.get(key);
		known.set(key, other ? together(other, item) : item);
	};
	for (const table of ARCHIVED_TABLES)
		for (const row of archive[table]) take({ table, id: row.id, row, at: row.updatedAt });
	for (const { table, id, deletedAt } of archive.deleted)
		take({ table, id, row: null, at: deletedAt });
	for (const { table, row } of archive.unreadable)
		take({ table, id: idText(row.id), row, at: stampField.parse(row.updatedAt), unreadable: true });
	return known;
}

/** Stamps of a row as they are believed: what no clock can have given counts as never. */
function believed<Row extends object>(row: Row, now: number): Row {
	const stamps = Object.entries(row).flatMap(([key, value]): [string, unknown][] => {
		if (key === 'since') return [[key, believed(value as object, now)]];
		const isOne = key === 'createdAt' || key === 'updatedAt' || key === 'deletedAt';
		return isOne && !isCredible(value, now) ? [[key, NEVER]] : [];
	});
	return stamps.length > 0 ? { ...row, ...Object.fromEntries(stamps) } : row;
}

/**
 * An archive with every stamp judged by the own clock: a date that is none, or far in the future, counts as older than everything, so
 * that it neither erases what is here nor outlives what is changed later.
 *
 * @param now by the own clock, ms
 * @returns the archive as it may be taken in, and the records whose last change is misdated
 */
export function withBelievedStamps(
	archive: ArchiveContent,
	now: number
): { archive: ArchiveContent; misdated: Known[] } {
	const misdated: Known[] = [];
	const judged = { ...archive };
	for (const table of ARCHIVED_TABLES)
		judged[table] = archive[table].map((row) => {
			if (!isCredible(row.updatedAt, now)) misdated.push({ table, id: row.id, row, at: NEVER });
			return believed(row, now);
		}) as never;
	judged.deleted = archive.deleted.map((stone) => {
		if (!isCredible(stone.deletedAt, now)) misdated.push({ ...stone, row: null, at: NEVER });
		return believed(stone, now);
	});
	judged.unreadable = archive.unreadable.map(({ table, row }) => ({
		table,
		row: believed(row, now)
	}));
	return { archive: judged, misdated };
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
	/** Records of the file whose date is none, or lies too far ahead to be one: they count as older than everything. */
	misdated: Known[];
	/** Pupils that the app made by itself and nobody has used: those of the file take their place. */
	unused: string[];
}

/** What taking in a file will do, record by record; rows as they will be. */
export interface MergePlan {
	added: Known[];
	replaced: Known[];
	/** Newer here; what the rows here say nothing of comes from the file. */
	completed: Known[];
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
		completed: [],
		removed: [],
		noted: [],
		same: [],
		older: [],
		gone: []
	};
	for (const [key, theirs] of file) {
		const mine = here.get(key);
		const both = mine ? together(mine, theirs) : theirs;
		const fate = fateOf(mine, theirs, both);
		const merges = fate === 'replaced' || fate === 'completed';
		plan[fate].push(merges ? { ...both, over: mine!.row } : theirs);
	}
	return plan;
}

function fateOf(mine: Known | undefined, theirs: Known, both: Known): keyof MergePlan {
	if (!mine) return theirs.row ? 'added' : 'noted';
	const bothAre = (mine.row === null) === (theirs.row === null);
	if (mine.at === theirs.at && bothAre && textOf(both.row) === textOf(mine.row)) return 'same';
	if (winner(mine, theirs) === mine) {
		if (theirs.row && !mine.row) return 'gone';
		return both === mine ? 'older' : 'completed';
	}
	if (!theirs.row) return mine.row ? 'removed' : 'noted';
	return mine.row ? 'replaced' : 'added';
}
