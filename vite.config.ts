import tailwindcss from '@tailwindcss/vite';
import { sveltekit } from '@sveltejs/kit/vite';
import { defineConfig } from 'vitest/config';
import { threadBundle } from './scripts/threadBundle.ts';

export default defineConfig({
	plugins: [threadBundle(), tailwindcss(), sveltekit()],
	worker: { format: 'es' },
	optimizeDeps: { include: ['comlink'] },
	test: {
		include: ['src/**/*.test.ts', 'tests/*.test.ts', 'tests/reference/**/*.test.ts'],
		testTimeout: 60_000
	}
});
