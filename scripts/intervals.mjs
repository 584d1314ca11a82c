// How often what is said with nine in ten holds: npm run intervals [-- --trials 600 --write]. Pupils whose truth is known, made without the
// code that measures them, hit balls; counted is how often the interval of a carry held what they really do. `--write` puts the table into
// docs/model.md.
import { readFileSync, writeFileSync } from 'node:fs';
import { parseArgs } from 'node:util';
import { withBundled } from './bundle.mjs';

const MARKS = ['<!-- intervals -->', '<!-- /intervals -->'];
const { values } = parseArgs({
	options: {
		trials: { type: 'string', default: '600' },
		write: { type: 'boolean', default: false }
	}
});

await withBundled({ intervals: './intervals/intervals.ts' }, async (at) => {
	const { intervalTables } = await import(at('intervals'));
	const table = intervalTables(Number(values.trials));
	console.log(table);
	if (!values.write) return;
	const file = new URL('../docs/model.md', import.meta.url);
	const text = readFileSync(file, 'utf8');
	const [from, to] = MARKS.map((mark) => text.indexOf(mark));
	if (from < 0 || to < 0)
		throw new Error(`docs/model.md has no place between ${MARKS.join(' and ')}.`);
	writeFileSync(file, `${text.slice(0, from + MARKS[0].length)}\n\n${table}\n\n${text.slice(to)}`);
});
process.exit(0);
