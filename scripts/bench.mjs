// Bundles scripts/benchmarks.ts like the app's workers and runs it on plain Node. `-- --json` prints one JSON object.
import { withBundled } from './bundle.mjs';
import { firstLoad } from './firstLoad.mjs';

await withBundled({ benchmarks: './benchmarks.ts', thread: './bench.thread.ts' }, async (at) => {
	const { runBenchmarks } = await import(at('benchmarks'));
	await runBenchmarks({ json: process.argv.includes('--json'), besides: firstLoad() ?? {} });
});
process.exit(0);
