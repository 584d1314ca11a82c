import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { formatEsriGrid, parseEsriGrid } from './esriGrid';

const GRID = `ncols 3
nrows 2
xllcorner 10
yllcorner -4
cellsize 0.5
NODATA_value -9999
1.5 2.5 -9999
-0.25 0 7e-3
`;

const problemOf = (text: string) => {
	const parsed = parseEsriGrid(text);
	if (!('problem' in parsed)) throw new Error('was read');
	return parsed.problem;
};

/** Format: Esri, ASCII raster format (ARC/INFO documentation), from memory. */
describe('parseEsriGrid', () => {
	it('reads the northernmost row first and turns corners into the middles of cells', () => {
		const parsed = parseEsriGrid(GRID);
		expect(parsed).toEqual({
			grid: {
				originU: 10.25,
				originV: -3.75,
				cell: 0.5,
				columns: 3,
				rows: 2,
				heights: [-0.25, 0, 0.007, 1.5, 2.5, null]
			}
		});
	});

	it('takes capitals, centres, tabs, other line ends and numbers broken over lines', () => {
		const same = GRID.toUpperCase()
			.replace('XLLCORNER 10', 'XLLCENTER\t10.25')
			.replace('YLLCORNER -4', 'YLLCENTER -3.75')
			.replace('1.5 2.5', '1.5\n2.5')
			.replaceAll('\n', '\r\n');
		expect(parseEsriGrid(same)).toEqual(parseEsriGrid(GRID));
	});

	it('refuses a grid that holds no height, which would level the green', () => {
		const empty = `ncols 2\nnrows 2\nxllcorner 0\nyllcorner 0\ncellsize 1\n${'-9999 '.repeat(4)}`;
		const parsed = parseEsriGrid(empty);
		expect('problem' in parsed && parsed.problem.message).toContain('holds no heights');
	});

	it('tells how far it has come', () => {
		const shares: number[] = [];
		parseEsriGrid(GRID, (share) => shares.push(share));
		expect(shares[0]).toBe(0);
		const long = `ncols 200\nnrows 100\nxllcorner 0\nyllcorner 0\ncellsize 1\n${'1 '.repeat(20_000)}`;
		parseEsriGrid(long, (share) => shares.push(share));
		expect(shares.at(-1)).toBeCloseTo(16_384 / 20_000, 9);
	});

	it('comes back to the bit', () => {
		const height = fc.oneof(
			fc.double({ noNaN: true, noDefaultInfinity: true, min: -99, max: 99 }),
			fc.constant(null)
		);
		// A grid without any height is refused.
		const heights = fc
			.array(height, { minLength: 12, maxLength: 12 })
			.filter((values) => values.some((value) => value !== null));
		fc.assert(
			fc.property(heights, fc.double({ min: -200, max: 200, noNaN: true }), (values, origin) => {
				const grid = {
					originU: origin,
					originV: -origin / 3,
					cell: 0.3,
					columns: 4,
					rows: 3,
					heights: values
				};
				expect(parseEsriGrid(formatEsriGrid(grid))).toEqual({ grid });
			})
		);
	});

	it('finds another mark for nothing where a height is −9999 itself', () => {
		const grid = {
			originU: 0,
			originV: 0,
			cell: 1,
			columns: 2,
			rows: 2,
			heights: [-9999, null, 1, 2]
		};
		expect(parseEsriGrid(formatEsriGrid(grid))).toEqual({ grid });
	});

	it.each([
		['', 'the header has no ncols'],
		['ncols', 'ncols has no value'],
		[GRID.replace('ncols 3', 'ncols three'), '“three” is not a number'],
		[GRID.replace('cellsize 0.5', 'cellsize 0'), 'cellsize must be from 0.05 to 20 metres'],
		[GRID.replace('ncols 3', 'ncols 2.5'), 'the grid must have 2 to 1000 columns'],
		[
			GRID.replace('ncols 3', 'ncols 1000').replace('nrows 2', 'nrows 1000'),
			'at most 160000 cells'
		],
		[GRID.replace('yllcorner -4\n', ''), 'the header has no yllcorner'],
		[GRID.replace(' 7e-3', ''), 'the grid needs 3 × 2 = 6 heights and has 5'],
		[`${GRID}8\n`, 'has 7']
	])('says what is wrong with %j', (text, message) => {
		expect(problemOf(text).message).toContain(message);
	});

	/** A level grid of so many columns and rows. */
	const level = (columns: number, rows: number, cell = 1) =>
		`ncols ${columns}\nnrows ${rows}\nxllcenter 0\nyllcenter 0\ncellsize ${cell}\n${Array.from({ length: rows }, () => '1 '.repeat(columns)).join('\n')}`;

	it.each([
		[2, 2, 1],
		[1000, 2, 1],
		[2, 1000, 1],
		[400, 400, 1],
		[2, 2, 0.05],
		[2, 2, 20]
	])('reads what is just within its bounds: %d × %d of %d m', (columns, rows, cell) => {
		const parsed = parseEsriGrid(level(columns, rows, cell));
		expect(parsed).toMatchObject({ grid: { columns, rows, cell } });
	});

	it.each([
		[1, 3, 1, '2 to 1000 columns and rows'],
		[3, 1, 1, '2 to 1000 columns and rows'],
		[1001, 2, 1, '2 to 1000 columns and rows'],
		[2, 1001, 1, '2 to 1000 columns and rows'],
		[401, 400, 1, 'at most 160000 cells'],
		[2, 2, 0.049, 'cellsize must be'],
		[2, 2, 20.1, 'cellsize must be']
	])('refuses what is just out of them: %d × %d of %d m', (columns, rows, cell, message) => {
		expect(problemOf(level(columns, rows, cell)).message).toContain(message);
	});

	it('points at the first height too many, and at the last where some are missing', () => {
		expect(problemOf(`${GRID}8 9\n`)).toMatchObject({ line: 9, column: 1 });
		expect(problemOf(GRID.replace(' 7e-3', ''))).toMatchObject({ line: 8, column: 7 });
	});

	it('quotes no more than the beginning of what is no number', () => {
		const long = 'x'.repeat(90);
		expect(problemOf(GRID.replace('2.5', long)).message).toBe(
			`“${'x'.repeat(20)}” is not a number`
		);
	});

	it('says where', () => {
		expect(problemOf(GRID.replace('2.5', 'wet'))).toEqual({
			line: 7,
			column: 5,
			message: '“wet” is not a number'
		});
	});
});
