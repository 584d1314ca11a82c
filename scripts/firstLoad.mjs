// What goes over the wire before the first call can be worked out, from the last build: kB of scripts, packed as the server sends them.
import { existsSync, readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { brotliCompressSync } from 'node:zlib';

const CLIENT = '.svelte-kit/output/client';
const MANIFEST = join(CLIENT, '.vite/manifest.json');
const GENERATED = '.svelte-kit/generated/client-optimized/';
/** The page's start, its frame, the page that says what failed, and the one a first visit begins on. */
const WANTED = /^(app|nodes\/[012])\.js$/;

const packed = (file) => brotliCompressSync(readFileSync(join(CLIENT, file))).length / 1000;

/** Every file that some are made of, each once. */
function closure(manifest, keys, files = new Set()) {
	for (const key of keys) {
		const { file, imports = [] } = manifest[key];
		if (files.has(file)) continue;
		files.add(file);
		closure(manifest, imports, files);
	}
	return files;
}

/** @returns kB of the page's scripts and of the planner's; null without a build */
export function firstLoad() {
	if (!existsSync(MANIFEST)) return null;
	const manifest = JSON.parse(readFileSync(MANIFEST, 'utf8'));
	const wanted = Object.keys(manifest).filter(
		(key) =>
			key.endsWith('/client/entry.js') ||
			(key.startsWith(GENERATED) && WANTED.test(key.slice(GENERATED.length)))
	);
	const workers = join(CLIENT, '_app/immutable/workers');
	const planner = readdirSync(workers).find((name) => name.startsWith('planner.worker'));
	const page = [...closure(manifest, wanted)].reduce((sum, file) => sum + packed(file), 0);
	return {
		firstLoadPageKb: Math.round(page),
		firstLoadPlannerKb: Math.round(packed(`_app/immutable/workers/${planner}`))
	};
}
