import type { Plugin } from 'vite';

const PAGE = /\/src\/routes\/.*\+(?:page|layout|error)\.svelte$/;
const NOTHING = '<script>const { children } = $props();</script>{@render children?.()}';

/**
 * Leaves pages out of the server's half of a build: all of them are drawn in the browser (`ssr = false` in the root layout), and the
 * server would compile some 500 components and every style for nothing.
 */
export const browserPages = (): Plugin => ({
	name: 'browser-pages',
	apply: 'build',
	enforce: 'pre',
	applyToEnvironment: ({ name }) => name === 'ssr',
	load: (id) => (PAGE.test(id) ? NOTHING : undefined)
});
