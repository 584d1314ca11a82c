import type { Attachment } from 'svelte/attachments';

/**
 * Says on the page's root that something is shown, for what has to make room for it: `html:has(…)` would have the browser style the
 * whole page anew whenever anything on it changes.
 * @param name the root's class while it is shown
 */
export function knownToPage(name: 'with-message' | 'with-question'): Attachment<HTMLElement> {
	return () => {
		const { classList } = document.documentElement;
		classList.add(name);
		return () => classList.remove(name);
	};
}
