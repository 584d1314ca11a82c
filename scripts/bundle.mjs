// Bundles TypeScript entries like the app's workers, for scripts that run on plain Node.
import { mkdtempSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath, pathToFileURL } from 'node:url';
import { ensurePackages, tool } from './setup.mjs';

const path = (relative) => fileURLToPath(new URL(relative, import.meta.url));

/**
 * Bundles entries into a folder below node_modules that goes away afterwards.
 *
 * @param entries files beside this script by name
 * @param use is handed the address of a bundled entry by its name
 */
export async function withBundled(entries, use) {
	ensurePackages();
	tool('@sveltejs/kit/svelte-kit.js', ['sync']);
	const { build } = await import('vite');
	const outDir = mkdtempSync(path('../node_modules/.bundle-'));
	const input = Object.fromEntries(
		Object.entries(entries).map(([name, file]) => [name, path(file)])
	);
	try {
		await build({
			configFile: false,
			logLevel: 'error',
			ssr: { noExternal: true },
			resolve: { alias: { $lib: path('../src/lib') } },
			build: {
				outDir,
				minify: false,
				ssr: true,
				rollupOptions: { input, output: { entryFileNames: '[name].mjs' } }
			}
		});
		await use((name) => pathToFileURL(join(outDir, `${name}.mjs`)).href);
	} finally {
		rmSync(outDir, { recursive: true, force: true });
	}
}
