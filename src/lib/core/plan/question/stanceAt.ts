import { GroundSample, type Ground } from '../../ground/ground';
import type { Stance } from '../../lie/stance';
import type { Hand } from '../../player/player';
import type { Ratio } from '../../units';
import { sceneOf } from './scene';
import type { Situation } from './situation';

/** A stance steeper than this is taken as this. */
const STEEPEST: Ratio = 0.3;

const within = (slope: Ratio): Ratio => Math.max(-STEEPEST, Math.min(STEEPEST, slope));

/**
 * Slope under ball and feet: as said, else as the ground has it.
 *
 * @param ground under the ball; built where it is left out
 * @returns + uphill toward the target, + ball above this player's feet
 */
export function stanceAt(situation: Situation, hand: Hand, ground?: Ground): Stance {
	if (situation.stance) return situation.stance;
	const under = new GroundSample();
	(ground ?? sceneOf(situation, { hazards: false, hole: false }).ground).sample(0, 0, under);
	// A right-hander stands to the left of the line: ground that rises to the right has the ball above the feet.
	const above = hand === 'left' ? -under.gradientZ : under.gradientZ;
	return { along: within(under.gradientX), across: within(above) };
}
