import adapter from '@sveltejs/adapter-node';
import { vitePreprocess } from '@sveltejs/vite-plugin-svelte';

/** @type {import('@sveltejs/kit').Config} */
export default {
	preprocess: vitePreprocess(),
	compilerOptions: { runes: true },
	kit: {
		adapter: adapter(),
		paths: { relative: false },
		// No cookie and no session: nothing a foreign form could misuse, and the API answers any content type itself.
		csrf: { trustedOrigins: ['*'] },
		csp: {
			mode: 'auto',
			directives: {
				'default-src': ['none'],
				'script-src': ['self'],
				'style-src': ['self', 'unsafe-inline'],
				'img-src': ['self', 'data:'],
				'font-src': ['self'],
				'connect-src': ['self'],
				'worker-src': ['self'],
				'manifest-src': ['self'],
				'base-uri': ['none'],
				'form-action': ['self'],
				'frame-ancestors': ['none']
			}
		},
		typescript: {
			config(config) {
				config.include.push(
					'../tests/**/*.ts',
					'../scripts/**/*.ts',
					'../scripts/**/*.mjs',
					'../*.config.ts'
				);
				config.compilerOptions.allowImportingTsExtensions = true;
				config.compilerOptions.paths = {
					...config.compilerOptions.paths,
					odex: ['../tests/odex.d.ts']
				};
				return config;
			}
		}
	}
};
