import { browser } from '$app/environment';
import type { LayoutLoad } from './$types';

export const ssr = false;

/** The server marks its pages when it shows the demo; everything else happens in the browser, offline too. */
export const load: LayoutLoad = () => ({
	demo: browser && document.documentElement.dataset['demo'] === 'yes'
});
