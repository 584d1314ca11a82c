import type { Grain } from '../plan/situation';
import type { Radians } from '../units';

/** A line within this angle of the grain, or of its opposite, is played with or against it. */
const WITHIN: Radians = Math.PI / 3;

/**
 * How a line of play lies to the grain.
 *
 * @param growsTowards direction of the grass on the map; null for none
 * @param heading of the line of play, the same way round
 */
export function grainAlong(growsTowards: Radians | null, heading: Radians): Grain {
	if (growsTowards === null) return 'none';
	const along = Math.cos(growsTowards - heading);
	if (Math.abs(along) < Math.cos(WITHIN) - 1e-9) return 'none';
	return along > 0 ? 'with' : 'against';
}
