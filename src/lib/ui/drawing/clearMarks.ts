import type { SwingMark } from '$lib/core/player/swingLength';
import type { Radians } from '$lib/core/units';

/**
 * Marks of a swing whose names do not touch.
 *
 * @param wanted the most wanted first; one that is too near to an earlier one is left out
 * @param apart how far apart they must stand
 * @returns by rising swing
 */
export function clearMarks(wanted: readonly SwingMark[], apart: Radians): SwingMark[] {
	const clear: SwingMark[] = [];
	for (const mark of wanted)
		if (clear.every(({ angle }) => Math.abs(angle - mark.angle) >= apart)) clear.push(mark);
	return clear.sort((a, b) => a.angle - b.angle);
}
