import { Outcome } from '../ball/simulate';
import type { Club } from '../club/club';
import { intend, PLAIN_LIE, straight } from '../player/intent';
import { fastestSwing, type Player } from '../player/player';
import type { Metres } from '../units';
import { GOOD_DAY, levelScene, type LevelGreen } from './levelScene';
import { playIntended, solveCarry } from './solve';

/**
 * How far a club's ordinary shot runs on after it has carried so far, from a fairway lie onto a level green.
 *
 * @param club any but a putter
 * @param carry metres, above 0
 * @returns null where the player cannot carry the club so far
 */
export function rollOut(
	club: Club,
	carry: Metres,
	green: LevelGreen,
	player: Pick<Player, 'technique' | 'strength' | 'delivered'>
): Metres | null {
	const intent = intend(straight(club), PLAIN_LIE, player.technique, 'right', player.delivered);
	const scene = levelScene(green);
	const { status, speed } = solveCarry(intent, scene, carry, fastestSwing(club, player) * GOOD_DAY);
	if (status !== 'solved') return null;
	return playIntended(intent, scene, speed, 0, new Outcome()).roll;
}
