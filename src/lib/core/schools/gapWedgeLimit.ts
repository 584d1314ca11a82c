import { straight } from '../player/intent';
import { nearestByLoft } from '../club/club';
import { degrees, radians } from '../units';
import { type School } from './school';

const GAP_LOFT = 51;
const LEAST_LOFT = 45;
/** With this many carries of green to roll over, the pitching wedge is allowed. */
const LONG_ROLL = 3;

/** Nothing straighter than a gap wedge, a pitching wedge at most: land it on and let it release. */
export const gapWedgeLimit: School = {
	id: 'gap-wedge-limit',
	assumes: 'quickGreens',
	advise({ bag, spot, rollFromSpot }) {
		const carries = rollFromSpot / spot;
		const club = nearestByLoft(bag, radians(carries > LONG_ROLL ? LEAST_LOFT + 1 : GAP_LOFT));
		const working = { by: 'carries', carries, limit: LONG_ROLL } as const;
		return club ? { play: straight(club), carry: spot, working, beyond: null } : null;
	},
	allows: (play) => !play.club.putter && degrees(play.club.loft) >= LEAST_LOFT
};
