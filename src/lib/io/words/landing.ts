import type { Metres } from '$lib/core/units';

/** Nearer to the edge than this nobody can tell on which side of it. */
const ON_THE_EDGE: Metres = 0.1;

/**
 * Where a ball is landed, counted from the edge of the green on as a coach counts it.
 *
 * @param past how far past the edge, + on the green
 * @param say a length in the reader's units
 */
export function landingWords(past: Metres, say: (metres: Metres) => string): string {
	if (Math.abs(past) < ON_THE_EDGE) return 'land it on the edge of the green';
	return past > 0 ? `land it ${say(past)} on` : `land it ${say(-past)} short of the green`;
}
