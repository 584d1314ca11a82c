// Everything that must hold: types, lint, format, unused code, unit and reference tests, build, browser tests.
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs';
import { ensureChromium, ensurePackages, tool } from './setup.mjs';

const REPORTS = 'test-results';
const totals = { passed: 0, failed: 0 };

function step(name, work) {
	const began = Date.now();
	console.log(`\n── ${name}`);
	const { passed, failed } = work();
	totals.passed += passed;
	totals.failed += failed;
	console.log(
		`   ${passed} passed, ${failed} failed in ${((Date.now() - began) / 1000).toFixed(0)} s`
	);
}

/** A check that either holds or not counts as one test. */
const check = (path, args) => () =>
	tool(path, args) === 0 ? { passed: 1, failed: 0 } : { passed: 0, failed: 1 };

const readReport = (file) => (existsSync(file) ? JSON.parse(readFileSync(file, 'utf8')) : null);

function unit() {
	const file = `${REPORTS}/unit.json`;
	const args = ['run', '--reporter=default', '--reporter=json', `--outputFile.json=${file}`];
	const code = tool('vitest/vitest.mjs', args);
	const report = readReport(file);
	const failed = report?.numFailedTests ?? 0;
	return { passed: report?.numPassedTests ?? 0, failed: failed || (code === 0 ? 0 : 1) };
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

ensurePackages();
ensureChromium();
rmSync(REPORTS, { recursive: true, force: true });
mkdirSync(REPORTS, { recursive: true });
tool('@sveltejs/kit/svelte-kit.js', ['sync']);
step(
	'Types',
	check('svelte-check/bin/svelte-check', [
		'--tsconfig',
		'./tsconfig.json',
		'--fail-on-warnings',
		'--output',
		'human'
	])
);
step('Lint', check('eslint/bin/eslint.js', ['--cache', '.']));
step(
	'Format',
	check('prettier/bin/prettier.cjs', ['--check', '--cache', '--log-level', 'warn', '.'])
);
step('Unused code', check('knip/bin/knip.js', ['--no-config-hints']));
step('Unit and reference tests', unit);
step('Build', check('vite/bin/vite.js', ['build', '--logLevel', 'error']));
step('Browser tests', browser);
console.log(`\n${totals.passed} passed, ${totals.failed} failed`);
process.exit(totals.failed === 0 ? 0 : 1);
