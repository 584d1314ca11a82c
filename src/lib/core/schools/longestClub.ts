import type { Ratio } from '../units';
import { leastAirThatReaches, numberedShares } from './airShares';
import type { School } from './school';

/** One part in the air to 12 − n parts on the ground, down to the hybrid. */
const SHARES: [number, Ratio][] = [4, 5, 6, 7, 8, 9, 10, 11].map((number) => [
	number,
	1 / (13 - number)
]);

export const longestClub: School = {
	id: 'longest-club',
	assumes: 'slowGreensRoom',
	advise: (facts) => leastAirThatReaches(numberedShares(SHARES, facts), facts),
	allows: (play) => play.flight === 'standard' || play.flight === 'low' || play.flight === 'putt'
};
