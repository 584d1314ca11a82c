import { contentKey } from '$lib/core/math/contentKey';

/**
 * Notes of writes that a page could not wait for. A page that is left has no time for its database: what is not kept yet is noted here
 * in one synchronous step, and written by whoever opens the database next.
 */

/** A row on its way to its table. */
export interface Note {
	table: 'greens' | 'settings';
	/** The row's own key in that table. */
	key: string;
	row: object;
}

const PREFIX = 'crisp-landing/unwritten/';
const TABLES: readonly string[] = ['greens', 'settings'] satisfies Note['table'][];

const slot = ({ table, key }: Pick<Note, 'table' | 'key'>): string => `${PREFIX}${table}/${key}`;

/** The browser's small synchronous store; undefined where there is none or it is denied. */
function shelfOfNotes(): Storage | undefined {
	try {
		return globalThis.localStorage;
	} catch {
		return undefined;
	}
}

/** Notes a write. Where there is no room or no store for it, the write under way is all there is. */
export function noteUnwritten(note: Note): void {
	try {
		shelfOfNotes()?.setItem(slot(note), JSON.stringify(note.row));
	} catch {
		// Full: the row is larger than what the browser holds this way.
	}
}

/** Strikes out a note: a write of that row is done. */
export function strikeOut(written: Pick<Note, 'table' | 'key'>): void {
	shelfOfNotes()?.removeItem(slot(written));
}

/** Every note there is; what cannot be read any more is struck out. */
export function unwrittenNotes(): Note[] {
	const shelf = shelfOfNotes();
	if (!shelf) return [];
	return Object.keys(shelf).flatMap((name) => {
		if (!name.startsWith(PREFIX)) return [];
		const [table, ...key] = name.slice(PREFIX.length).split('/');
		const row = readRow(shelf.getItem(name));
		if (row && table && TABLES.includes(table))
			return { table: table as Note['table'], key: key.join('/'), row };
		shelf.removeItem(name);
		return [];
	});
}

/** Strikes out a note unless another has taken its place meanwhile. */
export function settle(note: Note): void {
	const now = readRow(shelfOfNotes()?.getItem(slot(note)) ?? null);
	if (now && contentKey(now) === contentKey(note.row)) strikeOut(note);
}

function readRow(text: string | null): object | null {
	try {
		const value: unknown = JSON.parse(text ?? '');
		return typeof value === 'object' && value !== null ? value : null;
	} catch {
		return null;
	}
}
