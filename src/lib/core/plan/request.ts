import { fullSpeed, type Club } from '../club/club';
import { STRENGTH, type Player } from '../player/player';
import type { SchoolId } from '../schools/school';
import type { MetresPerSecond } from '../units';
import type { Situation } from './situation';

/** The whole question: where, with what, who. Plain data; the same request and seed give the same answer anywhere. */
export interface PlanRequest {
	situation: Situation;
	/** At least one club. */
	bag: readonly Club[];
	player: Player;
	/** The pupil's school restricts the choice; `free` does not. */
	school: SchoolId | 'free';
	/** Balls per option. */
	samples: number;
	seed: number;
}

/** Fastest head speed this player can ask of a club around a green. */
export const fastestSwing = (club: Club, player: Player): MetresPerSecond =>
	fullSpeed(club) * (club.putter ? 1 : STRENGTH[player.skill]);
