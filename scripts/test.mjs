// Everything that must hold: build, types, lint, format, unused code, unit and reference tests, browser tests.
import { spawn } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs';
import { ensurePackages, tool } from './setup.mjs';

const REPORTS = 'test-results';
const totals = { passed: 0, failed: 0 };
/** What failed, said once more at the end: whoever reads the last lines only should know what to look at. */
const fallen = [];

function step(name, work) {
	const began = Date.now();
	console.log(`\n── ${name}`);
	const { passed, failed, names = [] } = work();
	totals.passed += passed;
	totals.failed += failed;
	if (failed > 0) fallen.push(...(names.length > 0 ? names : [name]));
	console.log(
		`   ${passed} passed, ${failed} failed in ${((Date.now() - began) / 1000).toFixed(0)} s`
	);
}

/** A check as a process of its own; what it says is printed in one piece. */
const checked = (env, [name, path, args]) =>
	new Promise((resolve) => {
		const began = Date.now();
		const child = spawn(process.execPath, [`node_modules/${path}`, ...args], { env });
		let said = '';
		for (const stream of [child.stdout, child.stderr]) stream.on('data', (data) => (said += data));
		child.on('close', (code) => {
			const passed = code === 0 ? 1 : 0;
			totals.passed += passed;
			totals.failed += 1 - passed;
			if (code !== 0) fallen.push(name);
			const seconds = ((Date.now() - began) / 1000).toFixed(0);
			console.log(
				`\n── ${name}\n${said.trimEnd()}\n   ${passed} passed, ${1 - passed} failed in ${seconds} s`
			);
			resolve();
		});
	});

/** Checks that do not need each other, two at a time: the next begins as one ends. */
async function together(checks) {
	const env = { ...process.env, LINT_TYPES: 'none' };
	const left = checks.values();
	const line = async () => {
		for (const check of left) await checked(env, check);
	};
	await Promise.all([line(), line()]);
}

const readReport = (file) => (existsSync(file) ? JSON.parse(readFileSync(file, 'utf8')) : null);

function unit() {
	const file = `${REPORTS}/unit.json`;
	const args = ['run', '--reporter=default', '--reporter=json', `--outputFile.json=${file}`];
	const code = tool('vitest/vitest.mjs', args);
	const report = readReport(file);
	const failed = report?.numFailedTests ?? 0;
	const names = (report?.testResults ?? [])
		.flatMap(({ assertionResults }) => assertionResults)
		.filter(({ status }) => status === 'failed')
		.map(({ fullName, failureMessages }) => `${fullName}: ${failureMessages[0]?.split('\n')[0]}`);
	return { passed: report?.numPassedTests ?? 0, failed: failed || (code === 0 ? 0 : 1), names };
}

function browser() {
	const file = `${REPORTS}/browser.json`;
	const env = { ...process.env, PLAYWRIGHT_JSON_OUTPUT_NAME: file };
	const code = tool('@playwright/test/cli.js', ['test', '--reporter=list,json'], { env });
	const stats = readReport(file)?.stats;
	const failed = stats?.unexpected ?? 0;
	const passed = (stats?.expected ?? 0) + (stats?.flaky ?? 0);
	return { passed, failed: failed || (code === 0 ? 0 : 1) };
}

const debian = spawn(process.execPath, ['scripts/debian.mjs'], { stdio: 'inherit' });
const hasDebians = new Promise((resolve) => debian.on('close', resolve));
ensurePackages();
if ((await hasDebians) !== 0) process.exit(1);
rmSync(REPORTS, { recursive: true, force: true });
mkdirSync(REPORTS, { recursive: true });
tool('@sveltejs/kit/svelte-kit.js', ['sync']);
await together([
	['Build', 'vite/bin/vite.js', ['build', '--logLevel', 'error']],
	['Lint of components', 'eslint/bin/eslint.js', ['--cache', '.']],
	[
		'Types',
		'svelte-check/bin/svelte-check',
		['--tsgo', '--tsconfig', './tsconfig.json', '--fail-on-warnings', '--output', 'human']
	],
	['Format', 'oxfmt/bin/oxfmt', ['--check']],
	['Lint', 'oxlint/bin/oxlint', ['--deny-warnings', '.']],
	['Unused code', 'knip/bin/knip.js', ['--no-config-hints']]
]);
step('Unit and reference tests', unit);
step('Browser tests', browser);
for (const name of fallen) console.log(`\nfailed: ${name}`);
console.log(`\n${totals.passed} passed, ${totals.failed} failed`);
process.exit(totals.failed === 0 ? 0 : 1);
