// Whether forecasts are honest, and stay so once what the log finds is corrected: npm run honesty [-- --pupils 40 --write]. Simulated pupils
// whose truth the app does not know play a hundred shots each; counted is how many end inside the rings. `--write` puts the table into
// docs/model.md.
import { readFileSync, writeFileSync } from 'node:fs';
import { parseArgs } from 'node:util';
import { withBundled } from './bundle.mjs';

const { values } = parseArgs({
	options: {
		pupils: { type: 'string', default: '40' },
		write: { type: 'boolean', default: false }
	}
});

await withBundled({ honesty: './honesty/honesty.ts' }, async (at) => {
	const { honestyTable } = await import(at('honesty'));
	const table = honestyTable(Number(values.pupils));
	console.log(table);
	if (!values.write) return;
	const file = new URL('../docs/model.md', import.meta.url);
	const text = readFileSync(file, 'utf8');
	const [begin, end] = ['<!-- honesty -->', '<!-- /honesty -->'];
	const [from, to] = [text.indexOf(begin), text.indexOf(end)];
	if (from < 0 || to < 0) throw new Error(`docs/model.md has no place ${begin} … ${end}.`);
	writeFileSync(file, `${text.slice(0, from + begin.length)}\n\n${table}\n\n${text.slice(to)}`);
});
process.exit(0);
