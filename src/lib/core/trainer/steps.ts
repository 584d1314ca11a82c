/** What somebody decides about a shot, in the trade's order of work. */
export const READ_STEPS = ['lie', 'height', 'landing', 'ratio', 'club', 'swing', 'aim'] as const;
export type ReadStep = (typeof READ_STEPS)[number];

/** How a ball comes out of its lie, against short grass. */
export const LIE_ANSWERS = ['clean', 'short', 'runs', 'sand'] as const;
export type LieAnswer = (typeof LIE_ANSWERS)[number];

/** How high a shot flies. */
export const HEIGHTS = ['low', 'middle', 'high'] as const;
export type Height = (typeof HEIGHTS)[number];

/** Single judgements: the slope across, how far, the break, the green's speed, where it stops, the rule's club, the easier of two. */
export const GLANCE_KINDS = [
	'slope',
	'distance',
	'break',
	'speed',
	'stop',
	'club',
	'easier'
] as const;
export type GlanceKind = (typeof GLANCE_KINDS)[number];
