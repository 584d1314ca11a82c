import { straight } from '../player/intent';
import { nearestByLoft } from '../club/club';
import type { SpinShape } from '../setup/flights';
import type { Ratio } from '../units';
import { radians } from '../units';
import { leastAirThatReaches, type AirShare } from './airShares';
import { type School, type SchoolFacts } from './school';

/** From inside it runs on, from outside it comes out higher and stops sooner. */
const SHAPES: readonly [SpinShape, Ratio][] = [
	['inside', 0.48],
	['straight', 0.56],
	['outside', 0.65]
];
const SAND_WEDGE_LOFT = 56;

const club = ({ bag }: SchoolFacts) => nearestByLoft(bag, radians(SAND_WEDGE_LOFT));

function shares(facts: SchoolFacts): AirShare[] {
	const wedge = club(facts);
	return wedge
		? SHAPES.map(([shape, share]) => ({ play: { ...straight(wedge), shape }, share }))
		: [];
}

export const shapeTheSpin: School = {
	id: 'shape-the-spin',
	assumes: 'cleanContact',
	advise: (facts) => leastAirThatReaches(shares(facts), facts),
	allows: (play, facts) => play.club.name === club(facts)?.name && play.flight !== 'open'
};
