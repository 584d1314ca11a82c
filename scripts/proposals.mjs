// Whether a proposed lesson names what a pupil lacks, and nothing to somebody who lacks nothing: npm run proposals [-- --pupils 100 --write].
// Simulated pupils practise over some days; what is wrong with them is known here and not to the app. `--write` puts the table into
// docs/model.md.
import { parseArgs } from 'node:util';
import { withBundled } from './bundle.mjs';
import { putTable } from './putTable.mjs';

const { values } = parseArgs({
	options: {
		pupils: { type: 'string', default: '100' },
		write: { type: 'boolean', default: false }
	}
});

await withBundled({ proposals: './proposals/proposals.ts' }, async (at) => {
	const { proposalsTable } = await import(at('proposals'));
	const table = await proposalsTable(Number(values.pupils));
	console.log(table);
	if (values.write) putTable('proposals', table);
});
process.exit(0);
