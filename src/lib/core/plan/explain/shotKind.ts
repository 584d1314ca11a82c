import type { Play } from '../../player/intent';
import { radians, type Ratio } from '../../units';

export type ShotKind = 'putt' | 'chip' | 'pitch' | 'lob' | 'flop' | 'splash';

const FLOP_OPENING = radians(15);
const LOB_LOFT = radians(58);
const MOSTLY_AIR: Ratio = 0.6;

/**
 * What the trade would call a shot; coaches draw the lines differently, these go by ratio and height.
 *
 * @param play what is played
 * @param airShare share of the way in the air, 0 to 1
 */
export function shotKind(play: Play, airShare: Ratio): ShotKind {
	if (play.flight === 'putt' || play.flight === 'splash') return play.flight;
	if (play.flight === 'open' && play.faceOpen >= FLOP_OPENING) return 'flop';
	if (play.club.loft >= LOB_LOFT && play.flight !== 'low' && airShare > MOSTLY_AIR) return 'lob';
	return airShare > 0.5 ? 'pitch' : 'chip';
}
