import type { SurfaceTilt } from '$lib/core/today/phoneTilt';
import { degrees, toPercent } from '$lib/core/units';

const STRAIGHT = 12;
/** Nine times in ten within so many standard errors: what “±” means everywhere. */
const NINE_IN_TEN = 1.645;

/** Which way a surface falls, seen along the phone's top edge. */
function fallWords(towards: number, pointing: string): string {
	const angle = degrees(towards);
	const away = Math.abs(angle);
	const falls = away <= 90;
	const off = Math.round((falls ? away : 180 - away) / 5) * 5;
	const verb = falls ? 'falling' : 'rising';
	if (off <= STRAIGHT) return `${verb} ${pointing}`;
	const side = angle > 0 === falls ? 'right' : 'left';
	return `${verb} ${off}° to the ${side} of ${pointing.replace(/^\w+ /, '')}`;
}

/**
 * A slope that the phone found: how steep, how well that is known, and which way it falls.
 *
 * @param pointing where the phone's top edge pointed: a word and what it pointed at, as in “toward the pin”
 */
export function surfaceTiltWords(found: SurfaceTilt, pointing: string): string {
	const within = Math.max(0.1, NINE_IN_TEN * toPercent(found.error)).toFixed(1);
	return found.slope < 2 * found.error
		? `Level, as far as a phone can tell: within ${within} %`
		: `${toPercent(found.slope).toFixed(1)} ± ${within} %, ${fallWords(found.fallsTowards, pointing)}`;
}
