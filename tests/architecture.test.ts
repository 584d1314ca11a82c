import { readFileSync } from 'node:fs';
import { dirname, join, normalize, relative } from 'node:path';
import ts from 'typescript';
import { describe, expect, it } from 'vitest';

const ROOT = 'src/lib';
/** Floors, lowest first: a floor may import its own and those named. */
const MAY_IMPORT: Record<string, readonly string[]> = {
	core: [],
	io: ['core'],
	store: ['core', 'io'],
	workers: ['core'],
	server: ['core', 'io'],
	devices: ['io'],
	ui: ['core', 'io', 'store', 'workers', 'devices']
};

/** Small numerical libraries that the core may lean on. */
const NUMERICAL = ['ml-matrix'];

const files = walk();

function walk(): string[] {
	return ts.sys
		.readDirectory(ROOT, ['.ts', '.svelte'])
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
	return normalize(join(dirname(file), name)).slice(ROOT.length + 1);
}

const floorOf = (path: string): string => path.split('/')[0]!;

describe('architecture', () => {
	it('reads the whole tree', () => {
		expect(files.length).toBeGreaterThan(90);
	});

	it('imports one way only', () => {
		const wrong = files.flatMap((file) => {
			const floor = floorOf(file.slice(ROOT.length + 1));
			return importsOf(file)
				.map((name) => localTarget(file, name))
				.filter((target) => target !== null)
				.filter(
					(target) => floorOf(target) !== floor && !MAY_IMPORT[floor]?.includes(floorOf(target))
				)
				.map((target) => `${file} → ${target}`);
		});
		expect(wrong).toEqual([]);
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

	it('has no import cycles', () => {
		const known = new Set(
			files.map((file) =>
				file
					.slice(ROOT.length + 1)
					.replace(/\.(ts|svelte)$/, '')
					.replace(/\.svelte$/, '')
			)
		);
		const clean = (path: string) => path.replace(/\.(ts|svelte)$/, '').replace(/\.svelte$/, '');
		const runtimeImports = (file: string): string[] =>
			[...scriptOf(file).matchAll(/^\s*import (?!type)[\s\S]*?from '([^']+)'/gm)]
				.map((match) => localTarget(file, match[1]!))
				.filter((target) => target !== null)
				.map(clean);
		const graph = new Map(
			files.map((file) => [
				clean(file.slice(ROOT.length + 1)),
				runtimeImports(file).filter((t) => known.has(t))
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
