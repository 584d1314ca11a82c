// Every sentence that can appear on a screen or a paper, by the part of the app it stands in: npm run words [-- PART or WORD]. What is
// put in while the app runs stands as “…”. To be read aloud once a release: one word for one thing, and none that needs explaining.
import { readFileSync } from 'node:fs';
import { relative } from 'node:path';
import { parse } from 'svelte/compiler';
import ts from 'typescript';
import { ensurePackages } from './setup.mjs';

ensurePackages();
const WANTED = process.argv[2]?.toLowerCase() ?? '';
const ROOMS = [
	'src/lib/io',
	'src/lib/ui',
	'src/lib/devices',
	'src/lib/store',
	'src/lib/server',
	'src/routes'
];
/** Attributes that are read out or shown. */
const SAID =
	/^(aria-label|label|title|hint|description|placeholder|alt|text|symbol|heading|about|unit)$/;
/** A sentence has two words, or is one word with a capital. */
const isSaid = (text) =>
	/\p{L}{2}/u.test(text) && (/\p{L}+ \p{L}*/u.test(text) || /^\p{Lu}\p{Ll}+[.!?]?$/u.test(text));
/** Code in quotes: class lists, selectors, paths of drawings, addresses, names of events. */
const isCode = (text) =>
	/[{}<>=;@$_/\\[\]|]|--|^\.|^#|\b(min-|max-|grid-|flex|text-|border-|px-|py-|btn|bg-)|^[MLHVZ][\d\s.,-]|\.(svelte|ts|json|png)\b/.test(
		text
	) || /^[a-z-]+( [a-z]+-[a-z-]+)+$/.test(text);
const plain = (text) => text.replace(/\s+/g, ' ').trim();

const found = new Map();
function note(file, text) {
	const said = plain(text);
	if (!isSaid(said) || isCode(said)) return;
	const part = file
		.split('/')
		.slice(2, 4)
		.join('/')
		.replace(/\.(ts|svelte)$/, '');
	if (!found.has(part)) found.set(part, new Set());
	found.get(part).add(said);
}

/** Literals of a program that may be said: none of its imports, keys and types. */
function readProgram(file, source) {
	const visit = (node) => {
		if (ts.isImportDeclaration(node) || ts.isExportDeclaration(node) || ts.isTypeNode(node)) return;
		if (ts.isStringLiteral(node) || ts.isNoSubstitutionTemplateLiteral(node)) note(file, node.text);
		if (ts.isTemplateExpression(node))
			note(
				file,
				[node.head, ...node.templateSpans.map(({ literal }) => literal)]
					.map(({ text }) => text)
					.join('…')
			);
		ts.forEachChild(node, visit);
	};
	visit(ts.createSourceFile(file, source, ts.ScriptTarget.Latest, true));
}

/** What stands in a component between its tags and in attributes that are read, and literals of what is reckoned in place. */
function readMarkup(file, source, node) {
	if (!node || typeof node !== 'object') return;
	if (Array.isArray(node)) {
		// Text with values in between is one sentence.
		let run = '';
		for (const child of [...node, null]) {
			if (child?.type === 'Text') run += child.data;
			else if (child?.type === 'ExpressionTag') run += '…';
			else if (run) {
				note(file, run);
				run = '';
			}
		}
		for (const child of node) readMarkup(file, source, child);
		return;
	}
	if (node.type === 'Attribute') {
		if (!SAID.test(node.name) || node.value === true) return;
		const parts = Array.isArray(node.value) ? node.value : [node.value];
		note(file, parts.map((part) => (part.type === 'Text' ? part.data : '…')).join(''));
		for (const part of parts)
			if (part.type === 'ExpressionTag')
				readProgram(file, `(${source.slice(part.expression.start, part.expression.end)})`);
		return;
	}
	if (node.type === 'ExpressionTag') {
		readProgram(file, `(${source.slice(node.expression.start, node.expression.end)})`);
		return;
	}
	for (const key of [
		'nodes',
		'fragment',
		'consequent',
		'alternate',
		'body',
		'fallback',
		'pending',
		'then',
		'catch',
		'attributes'
	])
		if (node[key]) readMarkup(file, source, node[key]);
}

const files = ROOMS.flatMap((room) => ts.sys.readDirectory(room, ['.ts', '.svelte']))
	.map((file) => relative('.', file))
	.filter((file) => !/\.test\.ts$|\.d\.ts$/.test(file));
for (const file of files.sort()) {
	const source = readFileSync(file, 'utf8');
	if (file.endsWith('.ts')) readProgram(file, source);
	else {
		const tree = parse(source, { modern: true });
		if (tree.instance)
			readProgram(file, source.slice(tree.instance.content.start, tree.instance.content.end));
		readMarkup(file, source, tree.fragment.nodes);
	}
}

let count = 0;
for (const [part, texts] of [...found].sort()) {
	const shown = [...texts].filter(
		(text) => !WANTED || part.includes(WANTED) || text.toLowerCase().includes(WANTED)
	);
	if (shown.length === 0) continue;
	console.log(`\n── ${part}`);
	for (const text of shown) console.log(text);
	count += shown.length;
}
console.log(`\n${count} sentences and words`);
