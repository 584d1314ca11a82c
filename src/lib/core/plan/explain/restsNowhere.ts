import { PULL } from '../../ball/rollFriction';
import { ROLL } from '../../constants';
import { GroundSample } from '../../ground/ground';
import { rollDeceleration } from '../../ground/greenSpeed';
import type { Question } from '../question/question';
import type { Reason } from './reason';

/**
 * That no ball stays by the hole, where the slope there is too steep for the green's speed.
 *
 * @param question opened
 * @returns with the speed at which a ball would just stay; null where it does
 */
export function restsNowhere({ bare, pin, situation }: Question): Reason | null {
	const under = new GroundSample();
	bare.ground.sample(pin, 0, under);
	const slope = Math.hypot(under.gradientX, under.gradientZ);
	const pull = PULL * slope;
	if (pull < rollDeceleration(bare.greenSpeed)) return null;
	// Grain makes a green run as if it were faster or slower than it was read.
	const grained = bare.greenSpeed / situation.greenSpeed;
	const restsAt = (ROLL.rampSpeed * ROLL.rampSpeed) / (2 * pull) / grained;
	return { code: 'restsNowhere', slope, restsAt };
}
