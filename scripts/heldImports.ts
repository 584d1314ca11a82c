import type { Plugin } from 'vite';

const CORE = /\/src\/lib\/core\/[^?]*\.ts$/;

/**
 * Reads what a module of the core imports once, for the tests: they ask for it through a getter at each use, which takes half of an
 * engine's time. `import { f } from` becomes `import { f as held_f } from`, then `const f = held_f`. That is the same as long as there is no
 * cycle, and nothing exported changes. Lines stay where they are.
 */
export const heldImports = (): Plugin => ({
	name: 'held-imports',
	// After types are taken out.
	enforce: 'post',
	transform(code, id) {
		if (!CORE.test(id)) return null;
		const imports = this.parse(code).body.filter((node) => node.type === 'ImportDeclaration');
		const names = imports
			.flatMap(({ specifiers }) => specifiers)
			.filter((one) => one.type === 'ImportSpecifier');
		if (names.length === 0) return null;
		const { end } = imports.at(-1)!;
		const consts = names.map(({ local: { name } }) => `${name} = held_${name}`);
		let held = `${code.slice(0, end)} const ${consts.join(', ')};${code.slice(end)}`;
		for (const { start, end: after, imported, local } of names.toReversed())
			held = `${held.slice(0, start)}${code.slice(imported.start, imported.end)} as held_${local.name}${held.slice(after)}`;
		return { code: held, map: null };
	}
});
