// Mutation testing of one folder below src/lib: npm run mutate -- core/math [--lines 120] [--seed 1]. Puts faults into a copy of the tree
// and counts those that the folder's tests notice. Where the folder is longer than the lines asked for, a seeded sample of stretches is
// mutated, so that an answer takes minutes.
import { execFileSync } from 'node:child_process';
import { cpSync, mkdirSync, mkdtempSync, readFileSync, rmSync, symlinkSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { dirname, join, resolve } from 'node:path';
import { parseArgs } from 'node:util';
import { ensurePackages, run, tool } from './setup.mjs';

const STRETCH = 12;
const { values, positionals } = parseArgs({
	allowPositionals: true,
	options: { lines: { type: 'string', default: '240' }, seed: { type: 'string', default: '1' } }
});
const folder = positionals[0]?.replace(/^src\/lib\//, '').replace(/\/$/, '');
if (!folder) {
	console.error('Say which folder below src/lib: npm run mutate -- core/math');
	process.exit(2);
}

ensurePackages();
tool('@sveltejs/kit/svelte-kit.js', ['sync']);
const listed = execFileSync('git', ['ls-files', '-co', '--exclude-standard']).toString();
const files = listed.trim().split('\n');
const mutable = files.filter(
	(file) =>
		file.startsWith(`src/lib/${folder}/`) && file.endsWith('.ts') && !file.endsWith('.test.ts')
);
if (mutable.length === 0) {
	console.error(`There is no code in src/lib/${folder}.`);
	process.exit(2);
}

/** A generator of numbers from 0 to 1 that the same seed begins anew (mulberry32). */
function numbers(seed) {
	let state = seed >>> 0;
	return () => {
		state = (state + 0x6d2b79f5) >>> 0;
		let t = Math.imul(state ^ (state >>> 15), 1 | state);
		t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
		return ((t ^ (t >>> 14)) >>> 0) / 2 ** 32;
	};
}

/** Stretches of lines of all files, shuffled, as many as the lines asked for. */
function sampled(most) {
	const stretches = mutable.flatMap((file) => {
		const count = readFileSync(file, 'utf8').split('\n').length;
		return Array.from({ length: Math.ceil(count / STRETCH) }, (_, i) => ({
			file,
			from: i * STRETCH + 1,
			to: Math.min(count, (i + 1) * STRETCH)
		}));
	});
	const next = numbers(Number(values.seed));
	const shuffled = stretches
		.map((stretch) => ({ stretch, key: next() }))
		.sort((a, b) => a.key - b.key)
		.map(({ stretch }) => stretch);
	return shuffled
		.slice(0, Math.max(1, Math.round(most / STRETCH)))
		.map(({ file, from, to }) => `${file}:${from}-${to}`);
}

const mutate = sampled(Number(values.lines));
const copy = mkdtempSync(join(tmpdir(), 'crisp-mutate-'));
let code;
try {
	for (const file of files) {
		mkdirSync(dirname(join(copy, file)), { recursive: true });
		cpSync(file, join(copy, file));
	}
	cpSync('.svelte-kit', join(copy, '.svelte-kit'), { recursive: true });
	symlinkSync(resolve('node_modules'), join(copy, 'node_modules'));
	const args = [resolve('node_modules/@stryker-mutator/core/bin/stryker.js'), 'run'];
	code = run(process.execPath, [...args, '--mutate', mutate.join(',')], {
		cwd: copy,
		env: { ...process.env, MUTATED_FOLDER: folder }
	});
	const report = join(copy, 'reports/mutation.json');
	mkdirSync('reports', { recursive: true });
	cpSync(report, `reports/mutation-${folder.replaceAll('/', '-')}.json`);
} finally {
	rmSync(copy, { recursive: true, force: true });
}
process.exit(code);
