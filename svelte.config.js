import nodeAdapter from '@sveltejs/adapter-node';
import staticAdapter from '@sveltejs/adapter-static';
import { vitePreprocess } from '@sveltejs/vite-plugin-svelte';

/** For any host of files: everything but the HTTP interface; see scripts/buildStatic.mjs. */
const forFiles = process.env.CRISP_STATIC === '1';

/** @type {import('@sveltejs/kit').Config} */
export default {
	preprocess: vitePreprocess(),
	compilerOptions: { runes: true },
	kit: {
		adapter: forFiles
			? staticAdapter({ pages: 'build-static', fallback: 'index.html', strict: false })
			: nodeAdapter(),
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
