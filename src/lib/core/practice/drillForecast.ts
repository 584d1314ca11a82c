import { drawDeviates, sampleFinishes, type Finishes } from '../plan/race/sample';
import { statisticsOf, type ShotStatistics } from '../plan/race/statistics';
import { dispersionWith, type Player } from '../player/player';
import { drillScene, type DrillGround } from '../solve/drillScene';
import type { Metres } from '../units';
import { practiseIntent, shotToCarry, type PractiseShot } from './practiseShot';

/** A ball of a drill as it was meant. */
export interface DrillAim {
	/** Where it was to land, above 0. */
	landing: Metres;
	/** The flag on the line, or where it was to stop; costs are counted to there. */
	pin: Metres;
}

/** What was to be expected of the balls of a drill. */
export interface DrillForecast {
	finishes: Finishes;
	/** Nothing stands in the ground of a drill: no ball is holed. */
	statistics: ShotStatistics;
	/** Air and ground without any error. */
	carry: Metres;
	roll: Metres;
}

/**
 * Plays a ball of a drill many times, with the player's own errors, on the line it is hit along.
 *
 * @param shot club, flight and shape
 * @param balls how many, 1 and up
 * @param seed any whole number; the same seed gives two players the same luck
 * @returns null where they cannot carry the club so far
 */
export function drillForecast(
	shot: PractiseShot,
	{ landing, pin }: DrillAim,
	ground: DrillGround,
	player: Player,
	balls: number,
	seed: number
): DrillForecast | null {
	const scene = drillScene(ground);
	const meant = shotToCarry(shot, landing, scene, player);
	if (!meant) return null;
	const played = {
		intent: practiseIntent(shot, player),
		speed: meant.speed,
		aim: 0,
		dispersion: dispersionWith(shot.club, player),
		costs: player.costs,
		scene,
		holeX: pin
	};
	const finishes = sampleFinishes(played, drawDeviates(seed, balls), 0, balls);
	return {
		finishes,
		statistics: statisticsOf(finishes, pin),
		carry: meant.carry,
		roll: meant.roll
	};
}
