// Whether forecasts are honest, and stay so once what the log finds is corrected: npm run honesty [-- --pupils 40 --write]. Simulated pupils
// whose truth the app does not know play a hundred shots each; counted is how many end inside the rings. `--write` puts the table into
// docs/model.md.
import { parseArgs } from 'node:util';
import { withBundled } from './bundle.mjs';
import { putTable } from './putTable.mjs';

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
	if (values.write) putTable('honesty', table);
});
process.exit(0);
