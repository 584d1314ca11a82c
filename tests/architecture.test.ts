import { readFileSync } from 'node:fs';
import { dirname, join, normalize, relative } from 'node:path';
import ts from 'typescript';
import { describe, expect, it } from 'vitest';

const ROOT = 'src/lib';
const ROUTES = 'src/routes';
/** What builds and starts the app. */
const BUILT_BY = [
	'svelte.config.js',
	'vite.config.ts',
	'scripts/browserPages.ts',
	'scripts/threadBundle.ts',
	'scripts/workerFiles.ts',
	'scripts/demo.mjs',
	'scripts/setup.mjs',
	'scripts/serve.mjs'
];

/** Floors: each may import itself and those named. Types count like everything else. */
const FLOORS: Record<string, readonly string[]> = {
	core: [],
	io: ['core'],
	store: ['core', 'io'],
	workers: ['core', 'io', 'store'],
	server: ['core', 'io', 'workers'],
	devices: ['core', 'io'],
	ui: ['core', 'io', 'store', 'workers', 'devices']
};

/** Floors of the core, lowest first: a folder or file may import itself and whatever stands before it. */
const CORE_FLOORS = [
	'units',
	'constants',
	'math',
	'lie',
	'ground',
	'ball',
	'club',
	'setup',
	'player',
	'schools',
	'green',
	'solve',
	'plan',
	'today',
	'practice',
	'log',
	'lessons',
	'trainer'
];

/** Floors of the other parts' rooms, lowest first; '' are the files beside the rooms. */
const ROOMS: Record<string, readonly string[]> = {
	'core/plan': ['question', 'ladder', 'race', 'explain', '', 'studies'],
	io: [
		'fields',
		'words',
		'work',
		'practice',
		'files',
		'rows',
		'log',
		'trainer',
		'lessons',
		'archive',
		'contract'
	],
	store: ['base', 'shelves', 'files'],
	ui: [
		'format',
		'state',
		'call',
		'controls',
		'files',
		'shell',
		'drawing',
		'perspective',
		'measure',
		'bag',
		'greens',
		'practice',
		'ratios',
		'log',
		'pupils',
		'lessons',
		'shot',
		'trainer',
		'saved',
		'data',
		'handbook'
	]
};

/** So many files a room may hold; whoever looks for one reads their names. */
const MOST_FILES = 25;

/** What a page may import: it composes views over the store; an API route stands on the server. */
const PAGE_MAY = ['ui', 'store', 'io'];
const API_MAY = ['server', 'devices', 'io'];

/** Small numerical libraries that the core may lean on. */
const NUMERICAL = ['ml-matrix', 'ml-levenberg-marquardt'];

const files = walk(ROOT);
const routes = walk(ROUTES);

function walk(root: string): string[] {
	return ts.sys
		.readDirectory(root, ['.ts', '.svelte'])
		.map((file) => normalize(file.startsWith('/') ? relative(process.cwd(), file) : file))
		.filter((file) => !file.endsWith('.test.ts'));
}

const scriptOf = (file: string): string => {
	const text = readFileSync(file, 'utf8');
	return file.endsWith('.svelte')
		? (/<script[^>]*>([\s\S]*?)<\/script>/.exec(text)?.[1] ?? '')
		: text;
};

const importsOf = (file: string): string[] =>
	ts.preProcessFile(scriptOf(file)).importedFiles.map(({ fileName }) => fileName);

/** Path below src/lib of a local import; null for a package. */
function localTarget(file: string, name: string): string | null {
	if (name.startsWith('$lib/')) return name.slice('$lib/'.length);
	if (!name.startsWith('.')) return null;
	const target = normalize(join(dirname(file), name));
	return target.startsWith(`${ROOT}/`) ? target.slice(ROOT.length + 1) : null;
}

const below = (file: string): string => file.slice(ROOT.length + 1);
const floorOf = (path: string): string => path.split('/')[0]!.replace(/\.ts$/, '');

/** Every local import of some files: who asks for what, as paths below src/lib. */
const edgesOf = (some: readonly string[]): { file: string; target: string }[] =>
	some.flatMap((file) =>
		importsOf(file)
			.map((name) => localTarget(file, name))
			.filter((target) => target !== null)
			.map((target) => ({ file, target }))
	);

/** Imports within a part of the tree that go up its floors. */
function upwards(part: string, floors: readonly string[], floorAt: (path: string) => string) {
	const inside = files.filter((file) => file.startsWith(`${ROOT}/${part}/`));
	const rank = (path: string): number => floors.indexOf(floorAt(path.slice(part.length + 1)));
	expect(inside.filter((file) => rank(below(file)) < 0)).toEqual([]);
	return edgesOf(inside)
		.filter(({ target }) => target.startsWith(`${part}/`))
		.filter(({ file, target }) => rank(target) > rank(below(file)))
		.map(({ file, target }) => `${file} → ${target}`);
}

describe('architecture', () => {
	it('reads the whole tree', () => {
		expect(files.length).toBeGreaterThan(90);
	});

	it('imports one way only', () => {
		const wrong = edgesOf(files)
			.filter(({ file, target }) => {
				const floor = floorOf(below(file));
				return floorOf(target) !== floor && !FLOORS[floor]?.includes(floorOf(target));
			})
			.map(({ file, target }) => `${file} → ${target}`);
		expect(wrong).toEqual([]);
	});

	it('keeps the floors of the core, types included', () => {
		expect(upwards('core', CORE_FLOORS, floorOf)).toEqual([]);
	});

	it.each(Object.entries(ROOMS))('keeps the floors of the rooms in %s', (part, rooms) => {
		const room = (path: string) => (path.includes('/') ? path.split('/')[0]! : '');
		expect(upwards(part, rooms, room)).toEqual([]);
	});

	it('has no room so full that names no longer lead anywhere', () => {
		const counts = new Map<string, number>();
		for (const file of files) counts.set(dirname(file), (counts.get(dirname(file)) ?? 0) + 1);
		expect([...counts].filter(([, count]) => count > MOST_FILES)).toEqual([]);
	});

	it('lets pages compose views and API routes stand on the server', () => {
		const wrong = edgesOf(routes)
			.filter(({ file, target }) => {
				const may = file.startsWith(`${ROUTES}/api/`) ? API_MAY : PAGE_MAY;
				return !may.includes(floorOf(target));
			})
			.map(({ file, target }) => `${file} → ${target}`);
		expect(wrong).toEqual([]);
		const packages = routes
			.filter((file) => !file.startsWith(`${ROUTES}/api/`))
			.flatMap((file) => importsOf(file).map((name) => `${file} → ${name}`))
			.filter((edge) => /→ (zod|dexie|d3)/.test(edge));
		expect(packages).toEqual([]);
	});

	it('keeps the core free of packages (but for numerical ones), page, clock and ambient randomness', () => {
		const core = files.filter((file) => file.startsWith(`${ROOT}/core/`));
		const packages = core.flatMap((file) =>
			importsOf(file)
				.filter((name) => localTarget(file, name) === null && !NUMERICAL.includes(name))
				.map((name) => `${file} → ${name}`)
		);
		const ambient = core.filter((file) =>
			/\b(document\.\w|window\.\w|Date\.now|new Date|Math\.random|performance\.now|localStorage|fetch\()/.test(
				readFileSync(file, 'utf8')
			)
		);
		expect(packages).toEqual([]);
		expect(ambient).toEqual([]);
	});

	it('is built and started from the packages of the app alone, without those of tests and linters', () => {
		const { dependencies } = JSON.parse(readFileSync('package.json', 'utf8')) as {
			dependencies: Record<string, string>;
		};
		const own = /^([./$]|node:|virtual:)/;
		const wanted = [...files, ...routes, ...BUILT_BY].flatMap((file) =>
			importsOf(file)
				.filter((name) => !own.test(name))
				.map((name) => /^(@[^/]+\/)?[^/]+/.exec(name)![0])
		);
		const styles = readFileSync('src/app.css', 'utf8').matchAll(
			/@(?:import|plugin) '([^./'][^/']*)/g
		);
		const all = new Set([...wanted, ...[...styles].map(([, name]) => name!)]);
		expect(all.size).toBeGreaterThan(20);
		expect([...all].filter((name) => !(name in dependencies))).toEqual([]);
	});

	it('has no import cycles, types included', () => {
		const known = new Set(
			files.map((file) =>
				file
					.slice(ROOT.length + 1)
					.replace(/\.(ts|svelte)$/, '')
					.replace(/\.svelte$/, '')
			)
		);
		const clean = (path: string) => path.replace(/\.(ts|svelte)$/, '').replace(/\.svelte$/, '');
		const localImports = (file: string): string[] =>
			edgesOf([file]).map(({ target }) => clean(target));
		const graph = new Map(
			files.map((file) => [
				clean(file.slice(ROOT.length + 1)),
				localImports(file).filter((t) => known.has(t))
			])
		);
		const state = new Map<string, 'open' | 'done'>();
		const cycles: string[] = [];
		const visit = (node: string, trail: string[]): void => {
			if (state.get(node) === 'done') return;
			if (state.get(node) === 'open') {
				cycles.push([...trail.slice(trail.indexOf(node)), node].join(' → '));
				return;
			}
			state.set(node, 'open');
			for (const next of graph.get(node) ?? []) visit(next, [...trail, node]);
			state.set(node, 'done');
		};
		for (const node of graph.keys()) visit(node, []);
		expect(cycles).toEqual([]);
	});

	it('uses data only as text in pages', () => {
		expect(files.filter((file) => /\{@html/.test(readFileSync(file, 'utf8')))).toEqual([]);
	});

	it('keeps conversion numbers in units.ts', () => {
		const numbers = /\b(0\.9144|0\.3048|0\.0254|57\.29)/;
		const elsewhere = files.filter(
			(file) => !file.endsWith('core/units.ts') && numbers.test(readFileSync(file, 'utf8'))
		);
		expect(elsewhere).toEqual([]);
	});
});
