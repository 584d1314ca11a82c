import type { Plugin, Rolldown } from 'vite';

/** What every page begins with: the frame around each view, and the view of the shot. */
const BEGINS = /\/src\/routes\/\+(layout|page)\.(svelte|ts)$/;
/** So many entries have to share what goes into a file for all of them. */
const SHARED_BY = 5;

/**
 * Parts the app for the browser into fewer files: what the first page needs comes in one, what many views share in another, and the rest
 * as the bundler parts it. Left to itself it makes two hundred and more, most of them smaller than what it takes to ask for them. Both
 * hold all that they import themselves, so no file waits for one that waits for it.
 */
export function sharedFiles(): Plugin {
	const first = new Set<string>();
	return {
		name: 'shared-files',
		apply: 'build',
		applyToEnvironment: ({ name }) => name === 'client',
		buildEnd() {
			first.clear();
			for (const id of this.getModuleIds()) if (BEGINS.test(id)) first.add(id);
			// What is added on the way is gone through, too.
			for (const id of first)
				for (const imported of this.getModuleInfo(id)?.importedIds ?? []) first.add(imported);
		},
		outputOptions: (options): Rolldown.OutputOptions => ({
			...options,
			codeSplitting: {
				groups: [
					{ name: 'first', test: (id) => first.has(id), priority: 2 },
					{ name: 'shared', minShareCount: SHARED_BY, priority: 1 }
				]
			}
		})
	};
}
