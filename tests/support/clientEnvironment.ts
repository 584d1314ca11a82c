import type { Environment } from 'vitest/runtime';

/** Node, but with Svelte's modules compiled as for the page: state classes behave as they do there. */
export default {
	name: 'client',
	viteEnvironment: 'client',
	setup: () => ({ teardown: () => {} })
} satisfies Environment;
