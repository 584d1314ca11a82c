import type { PlannedSwing } from '$lib/core/plan/ladder/swing';
import { SWING_MARKS } from '$lib/core/player/swingLength';
import type { Ratio } from '$lib/core/units';
import { swingWords } from './swing';

/** A smaller share of the swing than this nobody can tell. */
const FELT: Ratio = 0.02;

/**
 * What to swing instead of the called swing.
 *
 * @param called as the call has it
 * @param other that does it
 */
export function insteadWords(called: PlannedSwing, other: PlannedSwing): string {
	const by = other.angle - called.angle;
	const marks = SWING_MARKS[called.vocabulary];
	if (by > 0 && called.angle >= marks.at(-1)!.angle) return 'take a longer club';
	if (Math.abs(by) < FELT * called.angle)
		return `less than a swing can tell: land it a little ${by > 0 ? 'farther' : 'nearer'}`;
	if (other.name === called.name) return by > 0 ? 'a touch more swing' : 'a touch less swing';
	return `${swingWords(other.name, other.vocabulary)} instead`;
}
