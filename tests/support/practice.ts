import { STANDARD_BAG } from '$lib/core/club/standardBag';
import type { Rng } from '$lib/core/math/random';
import { AS_MODELLED } from '$lib/core/player/delivered';
import { PROFILE, type Skill } from '$lib/core/player/player';
import type { DrillGround } from '$lib/core/solve/drillScene';
import type { PractisedBall } from '$lib/core/practice/practised';
import type { RollStation } from '$lib/core/practice/rollProblem';
import { rollResponse } from '$lib/core/practice/rollResponse';
import { hitBalls, type HiddenTruth } from '$lib/core/practice/simulatedPupil';
import { DEFAULT_TECHNIQUE } from '$lib/core/setup/technique';
import type { CarryFlight } from '$lib/core/solve/measuredSwings';
import { fromFeet, type Metres } from '$lib/core/units';

/** A club of the standard set. */
export const clubNamed = (name: string) => STANDARD_BAG.find((club) => club.name === name)!;

export const drillGround = (change: Partial<DrillGround> = {}): DrillGround => ({
	greenSpeed: fromFeet(10),
	firmness: 'medium',
	wet: false,
	toEdge: 0,
	room: 25,
	slopeAlong: 0,
	...change
});

export const practiser = (skill: Skill = 'middle') => ({
	technique: DEFAULT_TECHNIQUE,
	hand: 'right' as const,
	strength: PROFILE[skill].strength,
	swings: {},
	delivered: AS_MODELLED
});

/** A pupil who strikes as the model says, on a green as it was read. */
export const truth = (change: Partial<HiddenTruth> = {}): HiddenTruth => ({
	skill: 'middle',
	technique: DEFAULT_TECHNIQUE,
	ground: drillGround(),
	loft: 0,
	grip: 1,
	firmness: 0,
	...change
});

/** A station of a session: so many balls of a club to one carry. */
export interface Station {
	club: string;
	flight: CarryFlight;
	carry: Metres;
	balls: number;
}

/** A ball of practice with nothing odd about it. */
export const practisedBall = (change: Partial<PractisedBall> = {}): PractisedBall => ({
	club: 'SW',
	swing: '8',
	flight: 'standard',
	shape: 'straight',
	landed: [6, 0.2],
	finished: [9, 0.3],
	meant: 6,
	inferred: false,
	tags: [],
	strokes: null,
	...change
});

/** The balls of a station, hit with this pupil's errors; heavy and thin ones are tagged. */
export const hit = (
	{ club: name, flight, carry, balls }: Station,
	who: HiddenTruth,
	rng: Rng
): PractisedBall[] => {
	const club = clubNamed(name);
	return hitBalls({ club, flight, shape: 'straight' }, carry, balls, who, rng).map(
		({ landed, finished, contact }) =>
			practisedBall({
				club: club.id,
				flight,
				landed,
				finished,
				meant: carry,
				tags: contact === 'clean' ? [] : [contact]
			})
	);
};

const tables = new Map<string, RollStation['response']>();

/** The engine's table of a station, worked out once for all seeds. */
export function responseOf({ club, flight, carry }: Station, { ground, skill }: HiddenTruth) {
	const key = JSON.stringify([club, flight, carry, ground, skill]);
	const known = tables.get(key);
	if (known) return known;
	const shot = { club: clubNamed(club), flight, shape: 'straight' as const };
	const response = rollResponse(shot, carry, ground, practiser(skill));
	tables.set(key, response);
	return response;
}
