import { parse, type ParseError } from 'jsonc-parser';
import { fieldWords } from '../words/field';
import { KIND } from '../words/kind';

const isKind = (name: string): name is keyof typeof KIND => name in KIND;

const nameOf = (row: unknown): string => {
	const { name } = (row ?? {}) as { name?: unknown };
	return typeof name === 'string' && name !== '' ? ` “${name.slice(0, 40)}”` : '';
};

/**
 * A place in an archive in a person's words: which record, counted from 1 and by its name, and which field of it.
 *
 * @param content of the file, as far as it could be read
 * @param path parts joined by dots
 */
export function placeWords(content: unknown, path: string): string {
	if (path === '') return 'The file';
	const [table = '', at, ...rest] = path.split('.');
	if (!isKind(table) || at === undefined) return fieldWords(path.split('.'));
	const rows = (content as Record<string, unknown> | null)?.[table];
	const row: unknown = Array.isArray(rows) ? rows[Number(at)] : undefined;
	const record = `${KIND[table].one} ${Number(at) + 1}${nameOf(row)}`;
	return rest.length === 0 ? record : `${record}, ${fieldWords(rest)}`;
}

/** Where a text stops being JSON, by line and column from 1. */
export function notJsonWords(text: string): string {
	const errors: ParseError[] = [];
	parse(text, errors);
	const before = text.slice(0, errors[0]?.offset ?? 0).split('\n');
	return `The file is not JSON from line ${before.length}, column ${before.at(-1)!.length + 1} on`;
}
