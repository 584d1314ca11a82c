import type { Play } from '../../player/intent';
import { radians, type Metres, type Ratio } from '../../units';

export const SHOT_KINDS = ['putt', 'chip', 'pitch', 'lob', 'flop', 'splash'] as const;
export type ShotKind = (typeof SHOT_KINDS)[number];

const FLOP_OPENING = radians(15);
const LOB_LOFT = radians(58);
const MOSTLY_AIR: Ratio = 0.6;

/** Whether a face is opened so far that the shot is a flop. */
export const isFlop = ({ flight, faceOpen }: Play): boolean =>
	flight === 'open' && faceOpen >= FLOP_OPENING;

/** Whether a play has the loft and the height of a lob. */
export const isLofted = ({ club, flight }: Play): boolean =>
	club.loft >= LOB_LOFT && flight !== 'low';

/**
 * What the trade would call a shot; coaches draw the lines differently, these go by ratio and height.
 *
 * @param play what is played
 * @param airShare share of the way in the air, 0 to 1
 */
export function shotKind(play: Play, airShare: Ratio): ShotKind {
	if (play.flight === 'putt' || play.flight === 'splash') return play.flight;
	if (isFlop(play)) return 'flop';
	if (isLofted(play) && airShare > MOSTLY_AIR) return 'lob';
	return airShare > 0.5 ? 'pitch' : 'chip';
}

/**
 * Ground over air: how far a ball runs from its first landing to rest for every metre that it flew, along the line. “One to three” is 3.
 *
 * @param carry to the first landing, metres
 * @param roll from there to rest, metres
 * @returns null for a ball that never flew
 */
export const groundToAir = (carry: Metres, roll: Metres): Ratio | null =>
	carry > 0 ? roll / carry : null;
