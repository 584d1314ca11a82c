// Whether the trainer is just: npm run readings [-- --shots 1000 --from 0 --write]. The best choice of each made-up shot is committed and
// has to lose nothing, under the luck it was found with and under other luck; steps have to add up. `--write` puts the table into
// docs/model.md.
import { parseArgs } from 'node:util';
import { withBundled } from './bundle.mjs';
import { putTable } from './putTable.mjs';

const { values } = parseArgs({
	options: {
		shots: { type: 'string', default: '1000' },
		from: { type: 'string', default: '0' },
		write: { type: 'boolean', default: false }
	}
});

await withBundled({ readings: './readings/readings.ts' }, async (at) => {
	const { readingsTable } = await import(at('readings'));
	const table = await readingsTable(Number(values.from), Number(values.shots));
	console.log(table);
	if (values.write) putTable('readings', table);
});
process.exit(0);
