import type { Ratio } from '../units';
import { leastAirThatReaches, numberedShares } from './airShares';
import type { School, SchoolFacts } from './school';

/** Club number and share of the distance in the air on a level green, least air first. */
const LEVEL: [number, Ratio][] = [
	[6, 1 / 4],
	[8, 1 / 3],
	[10, 1 / 2],
	[11, 0.57]
];
/** Slope from which the rule moves one club. */
const NOTICEABLE: Ratio = 0.015;

/** Downhill one club more loft, uphill one less, for the same share. */
function forSlope(facts: SchoolFacts): [number, Ratio][] {
	const shift = facts.slope < -NOTICEABLE ? 1 : facts.slope > NOTICEABLE ? -1 : 0;
	return LEVEL.map(([number, share]) => [number + shift, share]);
}

const shares = (facts: SchoolFacts) => numberedShares(forSlope(facts), facts);

export const flyFractions: School = {
	id: 'fly-fractions',
	assumes: 'levelNormalPace',
	advise: (facts) => leastAirThatReaches(shares(facts), facts),
	allows: (play, facts) =>
		play.flight === 'standard' && shares(facts).some((row) => row.play.club.name === play.club.name)
};
