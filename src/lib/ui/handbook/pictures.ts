const PICTURES = import.meta.glob<string>(
	'../../../../docs/screenshots/{greens,ratios,question,ratio,shot,setup,drill,session,learned,forecast}.png',
	{ query: '?url', import: 'default', eager: true }
);

/** The address of a picture of the handbook in this build; empty for one that is not there. */
export const pictureOf = (href: string): string =>
	Object.entries(PICTURES).find(([path]) => path.endsWith(`/${href}`))?.[1] ?? '';
