import { newId } from './newId';
import { contentKey } from '$lib/core/math/contentKey';

/**
 * Notes of writes that a page could not wait for. A page that is left has no time for its database: what is not kept yet is noted here
 * in one synchronous step, and written by whoever opens the database next.
 */

/** Tables whose rows are noted, and the shot on the screen, which is kept in several settings. */
const TABLES = [
	'greens',
	'pupils',
	'clubs',
	'balls',
	'sessions',
	'drills',
	'rounds',
	'plays',
	'series',
	'lessons',
	'lessonPlans',
	'reads',
	'glances',
	'exams',
	'settings',
	'lastShot'
] as const;

/** A row on its way to its table. */
export interface Note {
	table: (typeof TABLES)[number];
	/** Who noted it; this page where it is left out. */
	page?: string | undefined;
	/** The row's own key in that table. */
	key: string;
	/** Null for one that is to be removed. */
	row: object | null;
	/** The row as it was when this one began to differ from it: what others changed of it since stays. */
	base?: object | undefined;
}

const PREFIX = 'crisp-landing/unwritten/';

/** Each page notes for itself: what another page writes does not make up for what this one could not. */
const THIS_PAGE = newId();
let noting = THIS_PAGE;

/** How many notes this page has made, and which of them was the last for a slot. */
let made = 0;
const renewed = new Map<string, number>();

const slot = ({ table, key, page = noting }: Pick<Note, 'table' | 'key' | 'page'>): string =>
	`${PREFIX}${table}/${page}/${key}`;

/** The browser's small synchronous store; undefined where there is none or it is denied. */
function shelfOfNotes(): Storage | undefined {
	try {
		return globalThis.localStorage;
	} catch {
		return undefined;
	}
}

/**
 * Notes a write. Where there is no room or no store for it, the write under way is all there is.
 *
 * @returns whether it is noted
 */
export function noteUnwritten(note: Note): boolean {
	renewed.set(slot(note), ++made);
	try {
		const shelf = shelfOfNotes();
		shelf?.setItem(slot(note), JSON.stringify({ row: note.row, base: note.base }));
		return shelf !== undefined;
	} catch {
		// Full: the row is larger than what the browser holds this way.
		return false;
	}
}

/**
 * Notes in the name of a view that is left for good: what this page writes later, beginning from what is stored, does not make up for it.
 *
 * @param note makes the notes, at once
 */
export function noteForGood<T>(note: () => T): T {
	noting = newId();
	try {
		return note();
	} finally {
		noting = THIS_PAGE;
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

/** A note as it lies there. */
interface Noted {
	name: string;
	text: string | null;
	note: Note | null;
}

function allNotes(): Noted[] {
	const shelf = shelfOfNotes();
	if (!shelf) return [];
	return Object.keys(shelf)
		.filter((name) => name.startsWith(PREFIX))
		.map((name) => {
			const [table, page, ...key] = name.slice(PREFIX.length).split('/');
			const text = shelf.getItem(name);
			const noted = readNote(text);
			const known = TABLES.find((one) => one === table);
			const note = noted && known ? { table: known, page, key: key.join('/'), ...noted } : null;
			return { name, text, note };
		});
}

/** Every note there is. */
export const unwrittenNotes = (): Note[] => allNotes().flatMap(({ note }) => note ?? []);

/** What lies among the notes and is none that could be written; it stays until somebody takes it out. */
export const senselessNotes = (): { name: string; text: string }[] =>
	allNotes().flatMap(({ name, text, note }) => (note ? [] : [{ name, text: text ?? '' }]));

/** Everything that is noted, as text to keep. */
export const notesAsText = (): string =>
	JSON.stringify(Object.fromEntries(allNotes().map(({ name, text }) => [name, text])), null, '\t');

/**
 * Takes all notes out, written or not.
 *
 * @returns what puts them back
 */
export function takeNotesOut(): () => void {
	const taken = allNotes();
	const shelf = shelfOfNotes();
	for (const { name } of taken) shelf?.removeItem(name);
	return () => {
		for (const { name, text } of taken) if (text !== null) shelf?.setItem(name, text);
	};
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
		if (!isObject(row) && row !== null) return null;
		return { row, ...(isObject(base) && { base }) };
	} catch {
		return null;
	}
}
