import { readFileSync, writeFileSync } from 'node:fs';

/** Puts a table between its marks in docs/model.md. */
export function putTable(mark, table) {
	const file = new URL('../docs/model.md', import.meta.url);
	const text = readFileSync(file, 'utf8');
	const [begin, end] = [`<!-- ${mark} -->`, `<!-- /${mark} -->`];
	const [from, to] = [text.indexOf(begin), text.indexOf(end)];
	if (from < 0 || to < 0) throw new Error(`docs/model.md has no place ${begin} … ${end}.`);
	writeFileSync(file, `${text.slice(0, from + begin.length)}\n\n${table}\n\n${text.slice(to)}`);
}
