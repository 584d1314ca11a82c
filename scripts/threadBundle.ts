import { fileURLToPath } from 'node:url';
import { build, type Plugin } from 'vite';

const VIRTUAL = 'virtual:plan-thread';
const ENTRY = fileURLToPath(new URL('../src/lib/workers/plan.thread.ts', import.meta.url));

/**
 * Bundles the server's planning thread into one string, importable as `virtual:plan-thread`, so that it survives whatever
 * the adapter does to the server's files.
 */
export function threadBundle(): Plugin {
	return {
		name: 'thread-bundle',
		resolveId: (id) => (id === VIRTUAL ? `\0${VIRTUAL}` : undefined),
		async load(id) {
			if (id !== `\0${VIRTUAL}`) return undefined;
			const result = await build({
				configFile: false,
				logLevel: 'error',
				ssr: { noExternal: true },
				build: {
					ssr: ENTRY,
					write: false,
					minify: false,
					rollupOptions: { output: { format: 'cjs' }, external: [/^node:/] }
				}
			});
			const output = (Array.isArray(result) ? result[0] : result) as { output: { code: string }[] };
			return `export default ${JSON.stringify(output.output[0]?.code)};`;
		}
	};
}
