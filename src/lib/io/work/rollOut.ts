import type { LevelGreen } from '$lib/core/solve/levelScene';
import { rollOut } from '$lib/core/solve/rollOut';
import type { Metres } from '$lib/core/units';
import { clubToCore, toClub, type ClubDraft } from './club';
import { deliveredToCore, profileOf } from './player';
import type { Pupil } from './pupil';

/** How far a pupil's club runs on after a carry, by the model; null where they cannot carry it so far. */
export const rollOutOf = (
	{ technique, delivered, ...standard }: Pupil,
	club: ClubDraft,
	carry: Metres,
	green: LevelGreen
): Metres | null =>
	rollOut(clubToCore(toClub(club)), carry, green, {
		technique,
		strength: profileOf(standard).strength,
		delivered: deliveredToCore(delivered)
	});
