import js from '@eslint/js';
import prettier from 'eslint-config-prettier';
import svelte from 'eslint-plugin-svelte';
import globals from 'globals';
import ts from 'typescript-eslint';
import svelteConfig from './svelte.config.js';

/** Components and what holds their state; everything else is the faster linter's, see `.oxlintrc.json`. */
const SVELTE = ['src/**/*.svelte', 'src/**/*.svelte.ts'];

/** Types behind every component take most of the time: `npm run lint` has them, `npm test` does without. */
const typed = process.env.LINT_TYPES !== 'none';

export default ts.config(
	{ ignores: ['**/*.js', '**/*.mjs', '**/*.ts', '!src/**/*.svelte.ts', '.svelte-kit', 'build*'] },
	js.configs.recommended,
	...ts.configs.recommendedTypeChecked,
	...svelte.configs.recommended,
	prettier,
	...svelte.configs.prettier,
	{
		languageOptions: {
			globals: { ...globals.browser, ...globals.node },
			parserOptions: { projectService: true, extraFileExtensions: ['.svelte'] }
		},
		rules: {
			'no-undef': 'off',
			'@typescript-eslint/no-unused-vars': [
				'error',
				{ argsIgnorePattern: '^_', varsIgnorePattern: '^_', ignoreRestSiblings: true }
			],
			'@typescript-eslint/prefer-promise-reject-errors': 'off'
		}
	},
	{
		files: SVELTE,
		languageOptions: {
			parserOptions: {
				projectService: true,
				extraFileExtensions: ['.svelte'],
				parser: ts.parser,
				svelteConfig: { compilerOptions: svelteConfig.compilerOptions }
			}
		},
		rules: {
			// Type information does not reach through component boundaries in the parser; svelte-check covers it.
			'@typescript-eslint/no-unsafe-assignment': 'off',
			'@typescript-eslint/no-unsafe-member-access': 'off',
			'@typescript-eslint/no-unsafe-call': 'off',
			'@typescript-eslint/no-unsafe-argument': 'off',
			'@typescript-eslint/no-unsafe-return': 'off'
		}
	},
	typed
		? {}
		: {
				files: SVELTE,
				...ts.configs.disableTypeChecked,
				// What is allowed only by types is not missed here.
				linterOptions: { reportUnusedDisableDirectives: 'off' },
				languageOptions: {
					parserOptions: { projectService: false, program: null, project: false }
				},
				rules: {
					...ts.configs.disableTypeChecked.rules,
					// Tells a path from any other text by its type.
					'svelte/no-navigation-without-resolve': 'off'
				}
			}
);
