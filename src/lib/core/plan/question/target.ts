import type { Metres, Ratio } from '../../units';
import { pinDistance, slopeAt, type Situation } from './situation';

/** On the flat and uphill the middle ball should reach the hole and a little more; downhill it dies at the hole. */
const PAST_THE_HOLE: Metres = 0.25;
const DOWNHILL: Ratio = -0.01;

/**
 * Where along the line the middle ball should end when played at the pin.
 *
 * @param situation as asked
 */
export function pinTarget(situation: Situation): Metres {
	const pin = pinDistance(situation);
	const past = slopeAt(situation, pin) < DOWNHILL ? 0 : PAST_THE_HOLE;
	return pin + Math.min(past, situation.beyondPin / 2);
}
