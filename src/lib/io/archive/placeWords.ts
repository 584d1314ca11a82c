import { parse, type ParseError } from 'jsonc-parser';
import { KIND } from './importPreview';

/** What fields are called on the screen, where that differs from their names. */
const FIELD: Readonly<Record<string, string>> = {
	toEdge: 'ball to edge',
	edgeToPin: 'edge to pin',
	beyondPin: 'green behind the pin',
	stimpFeet: 'green speed',
	slopeAlong: 'slope to the pin',
	slopeAcross: 'slope across',
	sandSurface: 'the sand',
	pupilId: 'whose it is',
	clubId: 'club',
	greenId: 'green',
	takenAt: 'when it was read',
	savedAt: 'when it was saved',
	startedAt: 'when it began',
	fallsTowards: 'falls toward',
	leftOut: 'left out',
	retiredAt: 'retired',
	exportedAt: 'when the file was made',
	format: 'what kind of file it is',
	version: 'the version of the file'
};
/** Parts that only hold others, which say it all. */
const HOLDERS = ['shot', 'situation'];
const isKind = (name: string): name is keyof typeof KIND => name in KIND;

const nameOf = (row: unknown): string => {
	const { name } = (row ?? {}) as { name?: unknown };
	return typeof name === 'string' && name !== '' ? ` “${name.slice(0, 40)}”` : '';
};

const partWords = (part: string): string =>
	/^\d+$/.test(part) ? `no. ${Number(part) + 1}` : (FIELD[part] ?? part);

/**
 * A place in an archive in a person's words: which record, counted from 1 and by its name, and which field of it.
 *
 * @param content of the file, as far as it could be read
 * @param path parts joined by dots
 */
export function placeWords(content: unknown, path: string): string {
	if (path === '') return 'The file';
	const [table = '', at, ...rest] = path.split('.');
	if (!isKind(table) || at === undefined) return path.split('.').map(partWords).join(', ');
	const rows = (content as Record<string, unknown> | null)?.[table];
	const row: unknown = Array.isArray(rows) ? rows[Number(at)] : undefined;
	const record = `${KIND[table].one} ${Number(at) + 1}${nameOf(row)}`;
	const field = rest.filter((part) => !HOLDERS.includes(part)).map(partWords);
	return field.length === 0 ? record : `${record}, ${field.join(', ')}`;
}

/** Where a text stops being JSON, by line and column from 1. */
export function notJsonWords(text: string): string {
	const errors: ParseError[] = [];
	parse(text, errors);
	const before = text.slice(0, errors[0]?.offset ?? 0).split('\n');
	return `The file is not JSON from line ${before.length}, column ${before.at(-1)!.length + 1} on`;
}
