import { resolve } from '$app/paths';

/** The views in the order of the day. */
export const VIEWS = [
	{ href: resolve('/greens'), label: 'Greens' },
	{ href: resolve('/'), label: 'Shot' },
	{ href: resolve('/saved'), label: 'Saved shots' },
	{ href: resolve('/data'), label: 'Data' }
] as const;

/** Whether an address belongs to a view; the first page's is the only exact one. */
export const isHere = (href: string, path: string): boolean =>
	href === resolve('/') ? path === href : path.startsWith(href);
