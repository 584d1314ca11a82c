// Bundles scripts/benchmarks.ts like the app's workers and runs it on plain Node. `-- --json` prints one JSON object.
import { mkdtempSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath, pathToFileURL } from 'node:url';
import { ensurePackages, tool } from './setup.mjs';

ensurePackages();
tool('@sveltejs/kit/svelte-kit.js', ['sync']);
const { build } = await import('vite');
const outDir = mkdtempSync(fileURLToPath(new URL('../node_modules/.bench-', import.meta.url)));
try {
	await build({
		configFile: false,
		logLevel: 'error',
		ssr: { noExternal: true },
		resolve: { alias: { $lib: fileURLToPath(new URL('../src/lib', import.meta.url)) } },
		build: {
			outDir,
			minify: false,
			ssr: true,
			rollupOptions: {
				input: {
					benchmarks: fileURLToPath(new URL('./benchmarks.ts', import.meta.url)),
					thread: fileURLToPath(new URL('./bench.thread.ts', import.meta.url))
				},
				output: { entryFileNames: '[name].mjs' }
			}
		}
	});
	const { runBenchmarks } = await import(pathToFileURL(join(outDir, 'benchmarks.mjs')).href);
	await runBenchmarks({ json: process.argv.includes('--json') });
} finally {
	rmSync(outDir, { recursive: true, force: true });
}
process.exit(0);
