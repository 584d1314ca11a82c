import { newId } from './newId';
import { contentKey } from '$lib/core/math/contentKey';

/**
 * Notes of writes that a page could not wait for. A page that is left has no time for its database: what is not kept yet is noted here
 * in one synchronous step, and written by whoever opens the database next.
 */

/** Tables whose rows are noted. */
const TABLES = ['greens', 'pupils', 'clubs', 'balls', 'sessions', 'drills', 'settings'] as const;

/** A row on its way to its table. */
export interface Note {
	table: (typeof TABLES)[number];
	/** Who noted it; this page where it is left out. */
	page?: string | undefined;
	/** The row's own key in that table. */
	key: string;
	row: object;
	/** The row as it was when this one began to differ from it: what others changed of it since stays. */
	base?: object | undefined;
}

const PREFIX = 'crisp-landing/unwritten/';

/** Each page notes for itself: what another page writes does not make up for what this one could not. */
const THIS_PAGE = newId();

/** How many notes this page has made, and which of them was the last for a slot. */
let made = 0;
const renewed = new Map<string, number>();

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
	renewed.set(slot(note), ++made);
	try {
		shelfOfNotes()?.setItem(slot(note), JSON.stringify({ row: note.row, base: note.base }));
	} catch {
		// Full: the row is larger than what the browser holds this way.
	}
}

/** How many notes this page has made; asked for before a write begins, it tells `strikeOut` which notes the write makes up for. */
export const notesMade = (): number => made;

/**
 * Strikes out a note: a write of that row by the page that noted it is done.
 *
 * @param upTo what `notesMade` answered when the write began: a note made since tells of a later change and stays
 */
export function strikeOut(
	written: Pick<Note, 'table' | 'key' | 'page'>,
	upTo: number = made
): void {
	if ((renewed.get(slot(written)) ?? 0) <= upTo) shelfOfNotes()?.removeItem(slot(written));
}

/** Writes a row that is noted first: should the page end meanwhile, whoever opens the database next writes it. */
export async function writeNoted(note: Note, write: () => Promise<unknown>): Promise<void> {
	noteUnwritten(note);
	const noted = notesMade();
	await write();
	strikeOut(note, noted);
}

/** Every note there is; what cannot be read any more is struck out. */
export function unwrittenNotes(): Note[] {
	const shelf = shelfOfNotes();
	if (!shelf) return [];
	return Object.keys(shelf).flatMap((name): Note[] | Note => {
		if (!name.startsWith(PREFIX)) return [];
		const [table, page, ...key] = name.slice(PREFIX.length).split('/');
		const noted = readNote(shelf.getItem(name));
		const known = TABLES.find((one) => one === table);
		if (noted && known) return { table: known, page, key: key.join('/'), ...noted };
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
