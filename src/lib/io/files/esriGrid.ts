import type { GridWire } from '../work/green';

/** What is wrong in a file, and where; line and column count from 1. */
export interface FileProblem {
	line: number;
	column: number;
	message: string;
}

const NODATA = -9999;
const MOST_NODES = 160_000;
/** Longer files are not read. */
export const MOST_GRID_BYTES = 8 * 1024 * 1024;
/** So often, in heights, one is told how far the reading has come. */
const TELL_EVERY = 8192;
const HEADER = [
	'ncols',
	'nrows',
	'xllcorner',
	'xllcenter',
	'yllcorner',
	'yllcenter',
	'cellsize',
	'nodata_value'
];

interface Token {
	text: string;
	line: number;
	column: number;
}

function tokensOf(text: string): Token[] {
	return text.split(/\r\n|\r|\n/).flatMap((row, i) =>
		[...row.matchAll(/\S+/g)].map((match) => ({
			text: match[0],
			line: i + 1,
			column: match.index + 1
		}))
	);
}

class Malformed extends Error {
	constructor(readonly problem: FileProblem) {
		super(problem.message);
	}
}

const refuse = ({ line, column }: { line: number; column: number }, message: string): never => {
	throw new Malformed({ line, column, message });
};

function numberOf(token: Token): number {
	const value = Number(token.text);
	return Number.isFinite(value)
		? value
		: refuse(token, `“${token.text.slice(0, 20)}” is not a number`);
}

/** Reads the header's pairs of name and number, and how many tokens they took. */
function headerOf(tokens: readonly Token[]): { values: Map<string, number>; used: number } {
	const values = new Map<string, number>();
	let used = 0;
	while (used < tokens.length) {
		const name = tokens[used]!.text.toLowerCase();
		if (!HEADER.includes(name)) break;
		const value = tokens[used + 1];
		if (!value) return refuse(tokens[used]!, `${name} has no value`);
		values.set(name, numberOf(value));
		used += 2;
	}
	return { values, used };
}

function wanted(values: Map<string, number>, name: string, at: Token | undefined): number {
	return values.get(name) ?? refuse(at ?? { line: 1, column: 1 }, `the header has no ${name}`);
}

/** First node of an axis: the corner names the outer edge of its cell. */
function originOf(values: Map<string, number>, axis: 'x' | 'y', cell: number, at?: Token): number {
	const centre = values.get(`${axis}llcenter`);
	return centre ?? wanted(values, `${axis}llcorner`, at) + cell / 2;
}

function gridOf(text: string, progress: (share: number) => void): GridWire {
	const tokens = tokensOf(text);
	const { values, used } = headerOf(tokens);
	const first = tokens[used] ?? tokens.at(-1);
	const columns = wanted(values, 'ncols', first);
	const rows = wanted(values, 'nrows', first);
	const cell = wanted(values, 'cellsize', first);
	const start = tokens[0] ?? { line: 1, column: 1 };
	const whole = Number.isInteger(columns) && Number.isInteger(rows);
	if (
		!whole ||
		columns < 2 ||
		rows < 2 ||
		columns > 1000 ||
		rows > 1000 ||
		columns * rows > MOST_NODES
	)
		refuse(start, `the grid must have 2 to 1000 columns and rows and at most ${MOST_NODES} cells`);
	if (!(cell >= 0.05 && cell <= 20)) refuse(start, 'cellsize must be from 0.05 to 20 metres');
	const nodata = values.get('nodata_value') ?? NODATA;
	const body = tokens.slice(used);
	if (body.length !== columns * rows)
		refuse(
			body[columns * rows] ?? tokens.at(-1) ?? start,
			`the grid needs ${columns} × ${rows} = ${columns * rows} heights and has ${body.length}`
		);
	const heights = new Array<number | null>(columns * rows);
	body.forEach((token, at) => {
		if (at % TELL_EVERY === 0) progress(at / body.length);
		const value = numberOf(token);
		// The file begins with the northernmost row.
		const row = rows - 1 - Math.floor(at / columns);
		heights[row * columns + (at % columns)] = value === nodata ? null : value;
	});
	if (heights.every((height) => height === null))
		refuse(body[0] ?? start, 'the grid holds no heights, only cells without data');
	return {
		originU: originOf(values, 'x', cell, first),
		originV: originOf(values, 'y', cell, first),
		cell,
		columns,
		rows,
		heights
	};
}

/**
 * Reads an ESRI ASCII grid.
 *
 * @param progress is told the share read, 0 to 1
 * @returns the grid, or what is wrong with the file and where
 * @source format: Esri, ASCII raster format (ARC/INFO documentation), from memory
 */
export function parseEsriGrid(
	text: string,
	progress: (share: number) => void = () => {}
): { grid: GridWire } | { problem: FileProblem } {
	try {
		return { grid: gridOf(text, progress) };
	} catch (error) {
		if (error instanceof Malformed) return { problem: error.problem };
		throw error;
	}
}

/** A number that reads back to the same bits, the negative zero too. */
const exactly = (value: number): string => (Object.is(value, -0) ? '-0' : String(value));

/** Writes an ESRI ASCII grid; every number reads back to the same bits. */
export function formatEsriGrid(grid: GridWire): string {
	const { columns, rows, cell, originU, originV, heights } = grid;
	const taken = new Set(heights);
	let nodata = NODATA;
	while (taken.has(nodata)) nodata = nodata * 10 - 9;
	const lines = [
		`ncols ${columns}`,
		`nrows ${rows}`,
		`xllcenter ${exactly(originU)}`,
		`yllcenter ${exactly(originV)}`,
		`cellsize ${cell}`,
		`NODATA_value ${nodata}`
	];
	for (let row = rows - 1; row >= 0; row--)
		lines.push(
			heights
				.slice(row * columns, (row + 1) * columns)
				.map((height) => exactly(height ?? nodata))
				.join(' ')
		);
	return `${lines.join('\n')}\n`;
}
