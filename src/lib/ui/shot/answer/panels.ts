export type PanelId = 'ladder' | 'ratio' | 'why' | 'setup' | 'schools' | 'compare';

/** The panels beside the drawing, with the key that opens each. */
export const PANELS: readonly { id: PanelId; label: string; key: string }[] = [
	{ id: 'ladder', label: 'Clubs', key: 'l' },
	{ id: 'ratio', label: 'Ratio', key: 'r' },
	{ id: 'why', label: 'Why', key: 'w' },
	{ id: 'setup', label: 'Setup', key: 'p' },
	{ id: 'schools', label: 'Schools', key: 's' },
	{ id: 'compare', label: 'Compare', key: 'c' }
];
