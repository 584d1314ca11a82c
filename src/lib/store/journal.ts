import { newId } from './newId';
import { contentKey } from '$lib/core/math/contentKey';

/**
 * Notes of writes that a page could not wait for. A page that is left has no time for its database: what is not kept yet is noted here
 * in one synchronous step, and written by whoever opens the database next.
 */

/** A row on its way to its table. */
export interface Note {
	table: 'greens' | 'pupils' | 'clubs' | 'balls' | 'sessions' | 'drills' | 'homework' | 'settings';
	/** Who noted it; this page where it is left out. */
	page?: string | undefined;
	/** The row's own key in that table. */
	key: string;
	row: object;
	/** The row as it was when this one began to differ from it: what others changed of it since stays. */
	base?: object | undefined;
}

const PREFIX = 'crisp-landing/unwritten/';
const TABLES: readonly string[] = [
	'greens',
	'pupils',
	'clubs',
	'balls',
	'sessions',
	'drills',
	'settings'
] satisfies Note['table'][];

/** Each page notes for itself: what another page writes does not make up for what this one could not. */
const THIS_PAGE = newId();

const slot = ({ table, key, page = THIS_PAGE }: Pick<Note, 'table' | 'key' | 'page'>): string =>
	`${PREFIX}${table}/${page}/${key}`;

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
		shelfOfNotes()?.setItem(slot(note), JSON.stringify({ row: note.row, base: note.base }));
	} catch {
		// Full: the row is larger than what the browser holds this way.
	}
}

/** Strikes out a note: a write of that row by the page that noted it is done. */
export function strikeOut(written: Pick<Note, 'table' | 'key' | 'page'>): void {
	shelfOfNotes()?.removeItem(slot(written));
}

/** Every note there is; what cannot be read any more is struck out. */
export function unwrittenNotes(): Note[] {
	const shelf = shelfOfNotes();
	if (!shelf) return [];
	return Object.keys(shelf).flatMap((name) => {
		if (!name.startsWith(PREFIX)) return [];
		const [table, page, ...key] = name.slice(PREFIX.length).split('/');
		const noted = readNote(shelf.getItem(name));
		if (noted && table && TABLES.includes(table))
			return { table: table as Note['table'], page, key: key.join('/'), ...noted };
		shelf.removeItem(name);
		return [];
	});
}

/** Strikes out a note unless another has taken its place meanwhile. */
export function settle(note: Note): void {
	const now = readNote(shelfOfNotes()?.getItem(slot(note)) ?? null);
	if (now && contentKey(now.row) === contentKey(note.row)) strikeOut(note);
}

const isObject = (value: unknown): value is object => typeof value === 'object' && value !== null;

function readNote(text: string | null): Pick<Note, 'row' | 'base'> | null {
	try {
		const { row, base } = JSON.parse(text ?? '') as { row?: unknown; base?: unknown };
		return isObject(row) ? { row, ...(isObject(base) && { base }) } : null;
	} catch {
		return null;
	}
}
