import { straight } from '../player/intent';
import { mostLofted } from '../club/club';
import type { FlightId } from '../setup/flights';
import type { Ratio } from '../units';
import { leastAirThatReaches, type AirShare } from './airShares';
import { type School, type SchoolFacts } from './school';

type Flights = readonly [FlightId, Ratio][];

/** Ball back and low, or ball forward and high, never in between. */
const TWO_WAYS: Flights = [
	['low', 0.5],
	['high', 0.75]
];
const THREE_FLIGHTS: Flights = [
	['low', 0.5],
	['standard', 0.62],
	['high', 0.75]
];

function shares(flights: Flights, { bag }: SchoolFacts): AirShare[] {
	const club = mostLofted(bag);
	return club ? flights.map(([flight, share]) => ({ play: straight(club, flight), share })) : [];
}

const oneWedge = (id: School['id'], flights: Flights): School => ({
	id,
	assumes: 'skilledHands',
	advise: (facts) => leastAirThatReaches(shares(flights, facts), facts),
	allows: (play, { bag }) =>
		play.club.name === mostLofted(bag)?.name &&
		(play.flight === 'splash' ||
			play.flight === 'open' ||
			flights.some(([flight]) => flight === play.flight))
});

export const oneWedgeTwoWays = oneWedge('one-wedge-two-ways', TWO_WAYS);
export const oneWedgeThreeFlights = oneWedge('one-wedge-three-flights', THREE_FLIGHTS);
