import { mkdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import type { Plugin } from 'vite';

const LIST = '_app/worker-files.json';

/**
 * Writes which files the page's workers are made of beside the build: the service worker keeps them with everything else, but the list
 * that it is given knows only what pages import.
 */
export const workerFiles = (): Plugin => ({
	name: 'worker-files',
	apply: 'build',
	writeBundle({ dir }, bundle) {
		const names = Object.keys(bundle).filter((name) => name.includes('/workers/'));
		if (!dir || names.length === 0) return;
		mkdirSync(join(dir, '_app'), { recursive: true });
		writeFileSync(join(dir, LIST), JSON.stringify(names.map((name) => `/${name}`)));
	}
});
