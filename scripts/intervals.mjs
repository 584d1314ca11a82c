// How often what is said of a pupil is true: npm run intervals [-- --trials 600 --write]. Pupils whose truth is known, made without the code
// that measures them, hit balls; counted is how often the interval of a carry holds what they really do, and how often a habit is told of
// one who has it, or has none. `--write` puts the tables into docs/model.md.
import { readFileSync, writeFileSync } from 'node:fs';
import { parseArgs } from 'node:util';
import { withBundled } from './bundle.mjs';

const { values } = parseArgs({
	options: {
		trials: { type: 'string', default: '600' },
		write: { type: 'boolean', default: false }
	}
});

await withBundled({ intervals: './intervals/intervals.ts' }, async (at) => {
	const { intervalTables } = await import(at('intervals'));
	const tables = Object.entries(intervalTables(Number(values.trials)));
	for (const [name, table] of tables) console.log(`${name}\n\n${table}\n`);
	if (!values.write) return;
	const file = new URL('../docs/model.md', import.meta.url);
	const text = tables.reduce(
		(all, [name, table]) => {
			const [begin, end] = [`<!-- ${name} -->`, `<!-- /${name} -->`];
			const [from, to] = [all.indexOf(begin), all.indexOf(end)];
			if (from < 0 || to < 0) throw new Error(`docs/model.md has no place ${begin} … ${end}.`);
			return `${all.slice(0, from + begin.length)}\n\n${table}\n\n${all.slice(to)}`;
		},
		readFileSync(file, 'utf8')
	);
	writeFileSync(file, text);
});
process.exit(0);
