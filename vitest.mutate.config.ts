import { sveltekit } from '@sveltejs/kit/vite';
import { defineConfig } from 'vitest/config';
import { threadBundle } from './scripts/threadBundle.ts';

const folder = process.env.MUTATED_FOLDER ?? 'core/math';

/** Tests that check a folder from elsewhere, beside those that lie in it. */
const ELSEWHERE: Record<string, readonly string[]> = {
	'core/math': ['src/lib/core/green/heightGrid.test.ts'],
	'core/ball': ['tests/reference/{bounce,flight,impact,roll,surfaces,wholeShot}.test.ts'],
	'core/ground': ['tests/reference/{roll,bounce}.test.ts', 'src/lib/core/green/surveyed.test.ts'],
	'core/player': [
		'src/lib/io/work/player.test.ts',
		'src/lib/core/solve/*.test.ts',
		'tests/reference/carryTable.test.ts'
	],
	'core/solve': ['src/lib/io/work/player.test.ts'],
	'core/schools': ['src/lib/core/plan/explain/explain.test.ts'],
	'core/setup': ['src/lib/io/words/*.test.ts'],
	io: ['src/lib/store/**/*.test.ts', 'src/lib/ui/{shot,bag}/**/[a-z]*.test.ts'],
	'core/practice': ['src/lib/io/practice/practiceStudy.test.ts'],
	store: []
};
const onPage = folder.startsWith('ui');

/** The tests of one folder in one run: what `npm run mutate` puts faults before. */
export default defineConfig({
	plugins: [threadBundle(), sveltekit()],
	...(onPage && { resolve: { conditions: ['browser'] } }),
	test: {
		include: [`src/lib/${folder}/**/*.test.ts`, ...(ELSEWHERE[folder] ?? [])],
		// Tests of components want a DOM and are not run here.
		exclude: ['src/lib/ui/**/[A-Z]*.test.ts'],
		testTimeout: 60_000,
		...(onPage && { environment: './tests/support/clientEnvironment.ts' })
	}
});
