import { expect, it } from 'vitest';
import { readCsvTable } from './csvTable';

const lines = (text: string) => readCsvTable(text).rows.map(({ line }) => line);

it('counts lines as a person sees them: blank ones, and those within quotes, too', () => {
	expect(lines('a,b\n1,2\n\n \n3,4\n')).toEqual([2, 5]);
	expect(lines('\n\na,b\r\n"1\r\n1\r\n1",2\r\n3,4')).toEqual([4, 7]);
	expect(readCsvTable('\n\na,b\n1,2').line).toBe(3);
});

it('reads cells by heading whatever the separator, and headings that read the same apart', () => {
	expect(readCsvTable('\uFEFF a ;b;a\n1;2;3').rows[0]!.cells).toEqual({ a: '1', b: '2', a_1: '3' });
	expect(readCsvTable('A\tB\n1\t2', (name) => name.toLowerCase()).headings).toEqual(['a', 'b']);
});

it('tells how many fields a row has, and leaves missing ones empty', () => {
	const { rows } = readCsvTable('a,b,c\n1,2\n1,2,3,4');
	expect(rows.map(({ fields }) => fields)).toEqual([2, 4]);
	expect(rows[0]!.cells).toEqual({ a: '1', b: '2', c: '' });
});

it('has no rows and no headings in an empty file', () => {
	expect(readCsvTable('')).toEqual({ headings: [], line: 1, rows: [] });
	expect(readCsvTable('a,b\n').rows).toEqual([]);
});
