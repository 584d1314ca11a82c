import { straight } from '../player/intent';
import { nearestByLoft } from '../club/club';
import { radians } from '../units';
import { leastAirThatReaches, type AirShare } from './airShares';
import { type School, type SchoolFacts } from './school';

/** Loft and share of the distance in the air for the low, the middle and the high window. */
const WINDOWS = [
	{ loft: 38, share: 0.25 },
	{ loft: 46, share: 0.5 },
	{ loft: 54, share: 0.75 }
];

const windows = ({ bag }: SchoolFacts): AirShare[] =>
	WINDOWS.flatMap(({ loft, share }) => {
		const club = nearestByLoft(bag, radians(loft));
		return club ? [{ play: straight(club), share }] : [];
	});

export const threeWindows: School = {
	id: 'three-windows',
	assumes: 'noSlope',
	advise: (facts) => leastAirThatReaches(windows(facts), facts),
	allows: (play, facts) =>
		play.flight === 'standard' &&
		windows(facts).some((row) => row.play.club.name === play.club.name)
};
