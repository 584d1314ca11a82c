import fc from 'fast-check';
import Papa from 'papaparse';
import { expect, it } from 'vitest';
import { asWritten, writeCsv } from './csvWriter';

it('writes nothing that is a formula, and everything so that it comes back', () => {
	const beginning = fc.constantFrom(
		'',
		'=',
		'+',
		'-',
		'@',
		'\t',
		'\r',
		'\n',
		' =',
		"'",
		"'=",
		'"',
		','
	);
	const cell = fc.tuple(beginning, fc.string()).map(([first, rest]) => first + rest);
	fc.assert(
		fc.property(cell, cell, fc.double({ noNaN: true, noDefaultInfinity: true }), (a, b, n) => {
			const text = writeCsv([a, 'b', 'n'], [[b, null, n]]);
			const [, row] = Papa.parse<string[]>(text.trimEnd()).data;
			expect(/^\s*[=+\-@]|^[\t\r\n]/.test(row![0]!)).toBe(false);
			// Of a text that had an apostrophe of its own before a formula, that one goes.
			if (!b.startsWith("'")) expect(asWritten(row![0]!)).toBe(b);
			expect(Number(row![2]) - n).toBe(0);
		}),
		{ numRuns: 500, seed: 3 }
	);
});
