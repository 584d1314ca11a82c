import { Outcome, follow } from '$lib/core/ball/simulate';
import { BallState } from '$lib/core/ball/state';
import { STANDARD_BAG } from '$lib/core/club/standardBag';
import { NO_LUCK } from '$lib/core/ground/surfaces';
import { turfBetween } from '$lib/core/ground/turf';
import type { Rng } from '$lib/core/math/random';
import { AS_MODELLED } from '$lib/core/player/delivered';
import { PROFILE, type Skill } from '$lib/core/player/player';
import { DEVIATE_COUNT, strikeWithErrors, type Contact } from '$lib/core/player/strike';
import { drillScene, type DrillGround } from '$lib/core/practice/drillScene';
import type { PractisedBall } from '$lib/core/practice/practised';
import { practiseIntent, shotToCarry } from '$lib/core/practice/practiseShot';
import { rollResponse, type RollCauses } from '$lib/core/practice/rollResponse';
import type { RollStation } from '$lib/core/practice/rollFit';
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

/** A station of a session: so many balls of a club to one carry. */
export interface Station {
	club: string;
	flight: CarryFlight;
	carry: Metres;
	balls: number;
}

/** A pupil whose truth is known, on a green whose truth is known. */
export interface Truth extends RollCauses {
	skill: Skill;
	ground: DrillGround;
}

/** Reading errors of whoever notes where a ball landed and stopped, one standard deviation. */
const NOTED: Metres = 0.1;

/** Hits the balls of a station with this pupil's errors; also says how each was met. */
export function hit(
	{ club: name, flight, carry, balls }: Station,
	{ skill, ground, loft, grip, firmness }: Truth,
	rng: Rng
): (PractisedBall & { contact: Contact })[] {
	const club = clubNamed(name);
	const shot = { club, flight, shape: 'straight' as const };
	const who = { ...practiser(skill), delivered: { loft: { [flight]: loft }, grip } };
	const scene = { ...drillScene(ground), turf: turfBetween(firmness) };
	const meant = shotToCarry(shot, carry, scene, who)!;
	const intent = practiseIntent(shot, who);
	const out = new Outcome();
	const state = new BallState();
	return Array.from({ length: balls }, () => {
		const deviates = Float64Array.from({ length: DEVIATE_COUNT }, () => rng.normal());
		state.t = state.x = state.z = state.y = state.apex = 0;
		const contact = strikeWithErrors(
			intent,
			PROFILE[skill].dispersion,
			meant.speed,
			0,
			deviates,
			0,
			state
		);
		follow(state, scene, NO_LUCK, out);
		const noted = (value: number) => value + NOTED * rng.normal();
		return {
			club: club.id,
			swing: '8',
			flight,
			shape: 'straight' as const,
			landed: [Math.max(0.2, noted(out.landingX)), noted(out.landingZ)] as const,
			finished: [noted(out.finishX), noted(out.finishZ)] as const,
			meant: carry,
			inferred: false,
			tags: contact === 'clean' ? [] : ([contact] as const),
			strokes: null,
			contact
		};
	});
}

const tables = new Map<string, RollStation['response']>();

/** The engine's table of a station, worked out once for all seeds. */
export function responseOf({ club, flight, carry }: Station, { ground, skill }: Truth) {
	const key = JSON.stringify([club, flight, carry, ground, skill]);
	const known = tables.get(key);
	if (known) return known;
	const shot = { club: clubNamed(club), flight, shape: 'straight' as const };
	const response = rollResponse(shot, carry, ground, practiser(skill));
	tables.set(key, response);
	return response;
}
