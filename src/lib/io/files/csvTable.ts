import Papa from 'papaparse';

/** A row of a table, by heading, and the line of the file that it begins on, from 1. */
export interface CsvRow {
	line: number;
	cells: Record<string, string>;
	/** How many fields it has. */
	fields: number;
}

/** A CSV file as a table. */
export interface CsvTable {
	headings: string[];
	/** The line of the headings, from 1. */
	line: number;
	rows: CsvRow[];
}

const isBlank = (fields: readonly string[]): boolean => fields.every((text) => text.trim() === '');

/** Headings that can each be asked for: of two that read the same the second gets a number. */
function distinct(names: readonly string[]): string[] {
	const seen = new Map<string, number>();
	return names.map((name) => {
		const before = seen.get(name) ?? 0;
		seen.set(name, before + 1);
		return before === 0 ? name : `${name}_${before}`;
	});
}

/**
 * Reads a CSV file, whatever its separator: the first line that is not blank holds the headings. Blank lines are left out and counted, so
 * that lines are those a person sees.
 *
 * @param nameOf what becomes of a heading
 */
export function readCsvTable(
	text: string,
	nameOf: (heading: string) => string = (heading) => heading.trim()
): CsvTable {
	const plain = text.replace(/^\uFEFF/, '').replace(/\r\n?/g, '\n');
	const { data } = Papa.parse<string[]>(plain, { skipEmptyLines: false });
	let line = 1;
	const rows = data.map((fields) => {
		const row = { line, fields };
		// A cell in quotes may hold lines of its own.
		line += 1 + fields.reduce((sum, cell) => sum + (cell.split('\n').length - 1), 0);
		return row;
	});
	const [head, ...body] = rows.filter(({ fields }) => !isBlank(fields));
	const headings = distinct((head?.fields ?? []).map(nameOf));
	return {
		headings,
		line: head?.line ?? 1,
		rows: body.map(({ line: at, fields }) => ({
			line: at,
			fields: fields.length,
			cells: Object.fromEntries(headings.map((heading, i) => [heading, fields[i] ?? '']))
		}))
	};
}
