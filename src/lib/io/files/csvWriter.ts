import Papa from 'papaparse';

/** A cell that a spreadsheet would take for a formula, blanks before it or not. */
const FORMULA = /^\s*[=+\-@]|^[\t\r\n]/;

/** A cell as it is written: a number stays a number, and of a text nothing is a formula. */
export type Cell = string | number | null;

/**
 * Writes a table as CSV, the one way there is: texts that begin like a formula get an apostrophe before them, whatever column they are in.
 *
 * @param fields headings
 * @param data rows of as many cells
 */
export const writeCsv = (fields: readonly string[], data: readonly (readonly Cell[])[]): string =>
	`${Papa.unparse({ fields: [...fields], data: data.map((row) => [...row]) }, { newline: '\n', escapeFormulae: FORMULA })}\n`;

/** A cell as it was before it was written. */
export const asWritten = (text: string): string =>
	text.startsWith("'") && FORMULA.test(text.slice(1)) ? text.slice(1) : text;
