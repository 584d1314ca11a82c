import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { svelteTesting } from '@testing-library/svelte/vite';
import { defineConfig, mergeConfig } from 'vitest/config';
import { heldImports } from './scripts/heldImports.ts';
import app from './vite.config.ts';

const PAGE_TESTS = ['src/lib/ui/**/*.test.ts', 'tests/faults/**/*.test.ts'];
const STORE_TESTS = ['src/lib/store/**/*.test.ts'];
/** Tests beside a component are called like it. */
const COMPONENT_TESTS = ['src/lib/ui/**/[A-Z]*.test.ts'];

/** State classes are tested as the page gets them: Svelte's browser half, without a browser. */
const AS_ON_A_PAGE = './tests/support/clientEnvironment.ts';
/** Each file with an empty store, a clock and stand-ins of its own. */
const ANEW = './tests/support/storeAnew.ts';
const testsIn = (...folders: string[]) =>
	folders
		.flatMap((folder) =>
			readdirSync(folder, { recursive: true, encoding: 'utf8' }).map((file) => join(folder, file))
		)
		.filter((file) => file.endsWith('.test.ts'));
const saying = (files: readonly string[], words: RegExp) =>
	files.filter((file) => words.test(readFileSync(file, 'utf8')));
/** What puts other modules in place of some, or asks of a store or a clock that nobody has used yet, wants modules of its own. */
const ALONE = [
	...saying(testsIn('src/lib/ui', 'src/lib/store', 'tests/faults'), /vi\.mock|resetModules/),
	...['base/database', 'base/nothingKept', 'files/backup'].map(
		(name) => `src/lib/store/${name}.test.ts`
	)
];
/** Tests of a page that bring a store or a clock. */
const WITH_STORE = saying(
	testsIn('src/lib/ui', 'tests/faults'),
	/fake-indexeddb|useFakeTimers/
).filter((file) => !ALONE.includes(file));

/** What `npm run test:unit` runs, apart from the build: that needs no package of the tests. */
export default mergeConfig(
	app,
	defineConfig({
		plugins: [heldImports()],
		test: {
			testTimeout: 60_000,
			// All cores: nothing else runs beside the tests.
			maxWorkers: '100%',
			// Processes, not threads: Node 20 aborts as a whole where a thread ends while its code is still being compiled beside it.
			pool: 'forks',
			projects: [
				{
					extends: true,
					test: {
						name: 'core',
						include: ['src/**/*.test.ts', 'tests/*.test.ts', 'tests/reference/*.test.ts'],
						exclude: [...PAGE_TESTS, ...STORE_TESTS],
						isolate: false
					}
				},
				{
					extends: true,
					test: {
						name: 'store',
						include: STORE_TESTS,
						exclude: ALONE,
						setupFiles: ANEW,
						isolate: false
					}
				},
				{
					extends: true,
					resolve: { conditions: ['browser'] },
					test: {
						name: 'alone',
						include: ALONE,
						exclude: COMPONENT_TESTS,
						environment: AS_ON_A_PAGE
					}
				},
				{
					extends: true,
					resolve: { conditions: ['browser'] },
					test: {
						name: 'page with a store',
						include: WITH_STORE,
						exclude: COMPONENT_TESTS,
						environment: AS_ON_A_PAGE,
						setupFiles: ANEW,
						isolate: false
					}
				},
				{
					extends: true,
					resolve: { conditions: ['browser'] },
					test: {
						name: 'page',
						include: PAGE_TESTS,
						exclude: [...COMPONENT_TESTS, ...WITH_STORE, ...ALONE],
						environment: AS_ON_A_PAGE,
						isolate: false
					}
				},
				{
					extends: true,
					plugins: [svelteTesting()],
					test: {
						name: 'components',
						include: COMPONENT_TESTS,
						environment: 'jsdom',
						setupFiles: './tests/support/componentSetup.ts',
						isolate: false
					}
				}
			]
		}
	})
);
