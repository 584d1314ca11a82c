import type { Club } from '../club/club';
import { median } from '../math/robust';
import type { Player } from '../player/player';
import type { CarryFlight } from '../solve/measuredSwings';
import { radians, type Metres, type Radians } from '../units';
import type { DrillGround } from '../solve/drillScene';
import { fitRolls, settlingBall, type RollFit, type SettlingBall } from './rollFit';
import type { KnownGreen, RollStation } from './rollProblem';
import { rollResponse } from './rollResponse';

/** Balls of one club and flight of one session, wild ones left out. */
export interface RolledBalls {
	club: Club;
	flight: CarryFlight;
	balls: readonly { carry: Metres; roll: Metres }[];
}

/** Everything a fit is asked about; plain data that a worker can be sent. */
export interface RollQuestion {
	rolled: readonly RolledBalls[];
	ground: DrillGround;
	/** How well that ground is known; see `KnownGreen`. */
	known: Pick<KnownGreen, 'speedError' | 'slopeError'>;
	who: Pick<Player, 'technique' | 'hand' | 'strength'>;
	/** Clubs that could be hit to settle what cannot be told apart. */
	bag: readonly Club[];
}

export interface RollStudy {
	fit: RollFit;
	/** Worth hitting next; null where everything is told. */
	next: SettlingBall | null;
}

const FIRMNESS = { soft: -1, medium: 0, firm: 1 } as const;
/** Longer pitches scatter too much in loft for their roll to tell anything. */
const LONGEST: Metres = 12;
/** Carries at which another ball could be hit. */
const CANDIDATES: readonly Metres[] = [3, 8];
/** Nobody is sent to hit longer clubs only to be measured. */
const LONGEST_CLUB: Radians = radians(30);

const stationOf = (
	{ club, flight, balls }: RolledBalls,
	{ ground, who }: RollQuestion
): RollStation => {
	const carry = median(balls.map((ball) => ball.carry));
	const shot = { club, flight, shape: 'straight' } as const;
	return { club: club.id, flight, balls, response: rollResponse(shot, carry, ground, who) };
};

/**
 * What the balls of a session say of a player's strike and of the turf, and which ball would say most of what they do not. Tens of
 * thousands of flights: for a worker.
 *
 * @param question balls, where they were hit, and by whom
 */
export function studyRolls(question: RollQuestion): RollStudy {
	const { rolled, ground, known, bag } = question;
	const green = { ...known, firmness: FIRMNESS[ground.firmness] };
	const usable = rolled.filter(
		({ balls, flight }) =>
			flight !== 'splash' && balls.length > 0 && median(balls.map(({ carry }) => carry)) <= LONGEST
	);
	const stations = usable.map((balls) => stationOf(balls, question));
	const fit = fitRolls(stations, green);
	if (!fit.mixedUp || fit.status === 'unread') return { fit, next: null };
	const flights = [...new Set(usable.map(({ flight }) => flight))];
	const candidates = bag
		.filter(({ putter, loft }) => !putter && loft >= LONGEST_CLUB)
		.flatMap((club) =>
			flights.flatMap((flight) =>
				CANDIDATES.map((carry) =>
					stationOf({ club, flight, balls: [{ carry, roll: 0 }] }, question)
				)
			)
		);
	return { fit, next: settlingBall(stations, candidates, green) };
}
