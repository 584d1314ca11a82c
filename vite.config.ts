import { fileURLToPath } from 'node:url';
import tailwindcss from '@tailwindcss/vite';
import { sveltekit } from '@sveltejs/kit/vite';
import { defineConfig } from 'vite';
import { browserPages } from './scripts/browserPages.ts';
import { sharedFiles } from './scripts/sharedFiles.ts';
import { threadBundle } from './scripts/threadBundle.ts';
import { workerFiles } from './scripts/workerFiles.ts';

/** The one part of it that is used: its list of parts would have all forty compiled at each build and in each run of tests, to be left out again. */
const DIALOG = fileURLToPath(import.meta.resolve('bits-ui')).replace(
	/index\.js$/,
	'bits/dialog/index.js'
);

export default defineConfig({
	plugins: [
		browserPages(),
		sharedFiles(),
		threadBundle(),
		workerFiles(),
		tailwindcss(),
		sveltekit()
	],
	resolve: { alias: [{ find: /^bits-ui$/, replacement: DIALOG }] },
	worker: { format: 'es' },
	build: {
		// Counted by a test, where it matters: on the first load.
		reportCompressedSize: false,
		// The two largest, for the view from behind the ball and for papers, come when they are asked for.
		chunkSizeWarningLimit: 600,
		// How long each plugin took says nothing of what is built.
		rolldownOptions: { checks: { pluginTimings: false } },
		modulePreload: {
			// Every view's list of scripts would come with the first page: a view asks for its own as it is opened, or was fetched before.
			resolveDependencies: (_, deps, { hostId }) =>
				hostId.includes('entry/app') ? deps.filter((file) => file.endsWith('.css')) : deps
		}
	},
	optimizeDeps: { include: ['comlink'] }
});
