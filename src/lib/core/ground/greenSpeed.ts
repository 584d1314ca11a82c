import { ROLL } from '../constants';
import type { Metres } from '../units';

/**
 * Deceleration in m/s² of a ball rolling on a level surface of this green speed: v²/(2S) of the standard ramp.
 *
 * @param greenSpeed roll-out of the standard ramp's ball on the level, metres, above 0
 * @returns m/s², above 0
 */
export const rollDeceleration = (greenSpeed: Metres): number =>
	(ROLL.rampSpeed * ROLL.rampSpeed) / (2 * greenSpeed);

/**
 * Green speed of the level from readings up and down one slope.
 *
 * @param up mean roll-out uphill, above 0
 * @param down mean roll-out downhill, above 0
 * @source D. Brede, USGA Green Section Record (1991): S = 2 S↑ S↓ / (S↑ + S↓)
 */
export const levelGreenSpeed = (up: Metres, down: Metres): Metres => (2 * up * down) / (up + down);
