import { STILL_AIR } from '../ball/aerodynamics';
import { Outcome, type Scene } from '../ball/simulate';
import type { Club } from '../club/club';
import { createPlane } from '../ground/plane';
import { SURFACE } from '../ground/surfaces';
import { turfOf, type Firmness } from '../ground/turf';
import { intend, PLAIN_LIE, straight } from '../player/intent';
import { fastestSwing, type Player } from '../player/player';
import type { Metres } from '../units';
import { playIntended, solveCarry } from './solve';

/** A green as it is today, taken for level. */
export interface LevelGreen {
	/** Roll-out of the standard ramp's ball, metres. */
	greenSpeed: Metres;
	firmness: Firmness;
	wet: boolean;
}

const GOOD_DAY = 1.3;

const levelScene = ({ greenSpeed, firmness, wet }: LevelGreen): Scene => ({
	ground: createPlane({
		kind: 'plane',
		slopeAlong: 0,
		slopeAcross: 0,
		edge: 0,
		fringe: SURFACE.smoothFringe
	}),
	greenSpeed,
	turf: turfOf(firmness, wet),
	air: STILL_AIR,
	obstacles: [],
	hole: null
});

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
	player: Pick<Player, 'technique' | 'strength'>
): Metres | null {
	const intent = intend(straight(club), PLAIN_LIE, player.technique);
	const scene = levelScene(green);
	const { status, speed } = solveCarry(intent, scene, carry, fastestSwing(club, player) * GOOD_DAY);
	if (status !== 'solved') return null;
	return playIntended(intent, scene, speed, 0, new Outcome()).roll;
}
