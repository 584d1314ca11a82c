import type { Club } from '../../club/club';
import type { Player } from '../../player/player';
import type { SchoolId } from '../../schools/school';
import type { Situation } from './situation';
import type { Wanted } from './wanted';

/** The whole question: where, with what, who. Plain data; the same request and seed give the same answer anywhere. */
export interface PlanRequest {
	situation: Situation;
	/** At least one club; ids differ. */
	bag: readonly Club[];
	player: Player;
	/** The pupil's school restricts the choice; `free` does not. */
	school: SchoolId | 'free';
	/** The shot that is asked for; left out, the best of all. */
	wanted?: Wanted;
	/** Balls per option, 1 and up; those that compete get `CONTENDER_FACTOR` times as many. */
	samples: number;
	seed: number;
}
