// Whether the verdict on a clinic's layout holds against brute force: npm run safety [-- --balls 200000 --write]. `--write` puts the table
// into docs/model.md.
import { parseArgs } from 'node:util';
import { withBundled } from './bundle.mjs';
import { putTable } from './putTable.mjs';

const { values } = parseArgs({
	options: {
		balls: { type: 'string', default: '200000' },
		write: { type: 'boolean', default: false }
	}
});

await withBundled({ safety: './safety/safety.ts' }, async (at) => {
	const { safetyTable } = await import(at('safety'));
	const table = safetyTable(Number(values.balls));
	console.log(table);
	if (values.write) putTable('safety', table);
});
process.exit(0);
