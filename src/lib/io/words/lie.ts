import type { LieId } from '$lib/core/lie/lies';

/** The lies by name, as a coach says them, in the order a coach would go through them. */
export const LIE_NAMES: Readonly<Record<LieId, string>> = {
	tight: 'Tight',
	fairway: 'Fairway',
	fringe: 'Fringe',
	'first-cut': 'First cut',
	'sitting-up': 'Sitting up',
	'sitting-down': 'Sitting down',
	'semi-rough': 'Semi-rough',
	'deep-rough': 'Deep rough',
	sand: 'Sand'
};

/** The lies to choose from. */
export const LIE_WORDS: readonly { id: LieId; name: string }[] = Object.entries(LIE_NAMES).map(
	([id, name]) => ({ id: id as LieId, name })
);
