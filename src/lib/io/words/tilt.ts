import type { SurfaceTilt } from '$lib/core/today/phoneTilt';
import { degrees, toPercent } from '$lib/core/units';

const STRAIGHT = 12;

/** Which way a surface falls, seen along the phone's top edge. */
function fallWords(towards: number, pointing: string): string {
	const angle = degrees(towards);
	const off = Math.round(Math.abs(angle) / 5) * 5;
	if (off <= STRAIGHT) return `falling ${pointing}`;
	if (off >= 180 - STRAIGHT) return `rising ${pointing}`;
	return `falling ${off}° to the ${angle > 0 ? 'right' : 'left'} of ${pointing.replace(/^toward /, '')}`;
}

/**
 * A slope that the phone found: how steep, how well that is known, and which way it falls.
 *
 * @param pointing where the phone's top edge pointed, as in “toward the pin”
 */
export function surfaceTiltWords(found: SurfaceTilt, pointing: string): string {
	const steep = `${toPercent(found.slope).toFixed(1)} ± ${Math.max(0.1, toPercent(found.error)).toFixed(1)} %`;
	return found.slope < 2 * found.error
		? `${steep}: as good as level`
		: `${steep}, ${fallWords(found.fallsTowards, pointing)}`;
}
