import nodeAdapter from '@sveltejs/adapter-node';
import staticAdapter from '@sveltejs/adapter-static';

const FILES = 'build-static';
/** For a look on this machine: files for other hosts and their compressed twins are not wanted. */
const SERVER_ONLY = process.env.SERVER_ONLY === '1';

/** Does some work without what the server's bundler says of modules that hold only types: there is nothing to mend. */
async function withoutEmptyChunks(work) {
	const { warn } = console;
	console.warn = (...said) => {
		if (!String(said[0]).startsWith('Generated an empty chunk')) warn(...said);
	};
	try {
		await work();
	} finally {
		console.warn = warn;
	}
}

/**
 * One build, put up twice: for the server of its own in `build`, and in `build-static` for any host of files, where everything works but
 * the HTTP interface. There the same page answers every address, those included that a host does not know.
 *
 * @type {import('@sveltejs/kit').Adapter}
 */
const serverAndFiles = {
	...nodeAdapter(),
	name: 'server-and-files',
	async adapt(builder) {
		await withoutEmptyChunks(() => nodeAdapter({ precompress: !SERVER_ONLY }).adapt(builder));
		if (SERVER_ONLY) return;
		await staticAdapter({ pages: FILES, fallback: 'index.html', strict: false }).adapt(builder);
		builder.copy(`${FILES}/index.html`, `${FILES}/404.html`);
	}
};

/** @type {import('@sveltejs/kit').Config} */
export default {
	compilerOptions: { runes: true },
	kit: {
		adapter: serverAndFiles,
		paths: { relative: false },
		// The page does it itself, once the first call is there.
		serviceWorker: { register: false },
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
