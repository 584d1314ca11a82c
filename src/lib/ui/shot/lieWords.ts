import type { LieId } from '$lib/core/lie/lies';

/** The lies in the order a coach would go through them. */
export const LIE_WORDS: readonly { id: LieId; name: string }[] = [
	{ id: 'tight', name: 'Tight' },
	{ id: 'fairway', name: 'Fairway' },
	{ id: 'fringe', name: 'Fringe' },
	{ id: 'first-cut', name: 'First cut' },
	{ id: 'sitting-up', name: 'Sitting up' },
	{ id: 'sitting-down', name: 'Sitting down' },
	{ id: 'semi-rough', name: 'Semi-rough' },
	{ id: 'deep-rough', name: 'Deep rough' },
	{ id: 'sand', name: 'Sand' }
];
