import { writeCsv } from './csvWriter';
import { readCsvTable, type CsvRow, type CsvTable } from './csvTable';
import type { FileProblem } from './esriGrid';
import { spotSchema, tiltSchema, type SpotWire, type TiltWire } from '../work/green';

/** Spot heights and tilt readings of one green. */
export interface SpotBook {
	spots: SpotWire[];
	tilts: TiltWire[];
}

const COLUMNS = [
	'right_m',
	'up_m',
	'height_m',
	'tilt_percent',
	'falls_towards_deg',
	'left_out'
] as const;
type Column = (typeof COLUMNS)[number];
const NEEDED: readonly Column[] = ['right_m', 'up_m'];
const MOST_ROWS = 600;

function headingProblem({ headings: fields, line }: CsvTable): FileProblem | null {
	const at = (message: string, column = 1): FileProblem => ({ line, column, message });
	const missing = NEEDED.find((name) => !fields.includes(name));
	if (missing) return at(`the heading has no ${missing}; it should read ${COLUMNS.join(',')}`);
	if (!fields.includes('height_m') && !fields.includes('tilt_percent'))
		return at('the heading has neither height_m nor tilt_percent');
	const unknown = fields.findIndex((name) => !COLUMNS.includes(name as Column));
	return unknown >= 0 ? at(`unknown column “${fields[unknown]!.slice(0, 30)}”`, unknown + 1) : null;
}

/** What is wrong with the rows as a whole. */
function rowsProblem(
	{ rows, line, headings }: CsvTable,
	tooLong: CsvRow | undefined
): FileProblem | null {
	if (rows.length === 0)
		return { line, column: 1, message: 'there is no row below the heading, so nothing to read' };
	if (rows.length > MOST_ROWS)
		return { line: rows[MOST_ROWS]!.line, column: 1, message: `more than ${MOST_ROWS} rows` };
	return tooLong
		? {
				line: tooLong.line,
				column: headings.length + 1,
				message: `too many fields: ${tooLong.fields} for ${headings.length} headings`
			}
		: null;
}

/** A number of a cell; undefined for an empty one, NaN for nonsense. */
function cell(row: Record<string, string>, name: Column): number | undefined {
	const text = row[name]?.trim() ?? '';
	return text === '' ? undefined : Number(text);
}

const TRUE = ['1', 'yes', 'true', 'x'];

/** One row of the file as a spot, a tilt, or what is wrong with it. */
function readRow(
	row: Record<string, string>,
	line: number,
	columnOf: (name: Column) => number
): SpotWire | TiltWire | FileProblem {
	const wrong = (name: Column, message: string): FileProblem => ({
		line,
		column: columnOf(name),
		message: `${name} ${message}`
	});
	const bad = COLUMNS.slice(0, 5).find((name) => Number.isNaN(cell(row, name)));
	if (bad) return wrong(bad, `“${row[bad]!.slice(0, 20)}” is not a number`);
	const at = [cell(row, 'right_m'), cell(row, 'up_m')];
	if (at[0] === undefined) return wrong('right_m', 'is empty');
	if (at[1] === undefined) return wrong('up_m', 'is empty');
	const leftOut = TRUE.includes(row['left_out']?.trim().toLowerCase() ?? '');
	const percent = cell(row, 'tilt_percent');
	const parsed =
		percent === undefined
			? spotSchema.safeParse({ at, height: cell(row, 'height_m'), leftOut })
			: tiltSchema.safeParse({
					at,
					percent,
					fallsTowards: cell(row, 'falls_towards_deg'),
					leftOut
				});
	if (parsed.success) return parsed.data;
	const { path, message } = parsed.error.issues[0]!;
	const name: Record<string, Column> = {
		height: 'height_m',
		percent: 'tilt_percent',
		fallsTowards: 'falls_towards_deg',
		at: path[1] === 1 ? 'up_m' : 'right_m'
	};
	return wrong(name[String(path[0])] ?? 'right_m', message);
}

/**
 * Reads spot heights and tilt readings from a CSV file with a heading.
 *
 * @returns all rows, at least one, or the first thing that is wrong, with line and column (of the table) from 1
 */
export function parseSpotHeights(text: string): { book: SpotBook } | { problem: FileProblem } {
	const table = readCsvTable(text, (name) => name.trim().toLowerCase());
	const { headings, rows } = table;
	const problem =
		headingProblem(table) ??
		rowsProblem(
			table,
			rows.find(({ fields }) => fields > headings.length)
		);
	if (problem) return { problem };
	const book: SpotBook = { spots: [], tilts: [] };
	for (const { cells, line } of rows) {
		const read = readRow(cells, line, (name) => headings.indexOf(name) + 1);
		if ('message' in read) return { problem: read };
		if ('percent' in read) book.tilts.push(read);
		else book.spots.push(read);
	}
	return { book };
}

/** Writes spot heights and tilt readings as CSV. */
export function formatSpotHeights({ spots, tilts }: SpotBook): string {
	const mark = (leftOut: boolean) => (leftOut ? 'yes' : '');
	const rows = [
		...spots.map(({ at, height, leftOut }) => [...at, height, '', '', mark(leftOut)]),
		...tilts.map(({ at, percent, fallsTowards, leftOut }) => [
			...at,
			'',
			percent,
			fallsTowards,
			mark(leftOut)
		])
	];
	return writeCsv(COLUMNS, rows);
}
