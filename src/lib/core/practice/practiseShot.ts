import { Outcome, type Scene } from '../ball/simulate';
import type { Club } from '../club/club';
import { intend, PLAIN_LIE, type Intent } from '../player/intent';
import { fastestSwing, type Player } from '../player/player';
import { speedOfSwing, swingFor } from '../player/swingLength';
import type { SpinShape } from '../setup/flights';
import { FLIGHT_FACE, type CarryFlight } from '../solve/measuredSwings';
import { GOOD_DAY } from '../solve/levelScene';
import { playIntended, solveCarry } from '../solve/solve';
import type { Metres, MetresPerSecond, Radians } from '../units';

/** Who practises. */
export type Practiser = Pick<Player, 'technique' | 'strength' | 'hand' | 'swings' | 'delivered'>;

/** A ball of a drill as it is meant. */
export interface PractiseShot {
	club: Club;
	flight: CarryFlight;
	shape: SpinShape;
}

/** What the model says of it. */
export interface PractiseForecast {
	speed: MetresPerSecond;
	angle: Radians;
	carry: Metres;
	roll: Metres;
}

/**
 * What a shot of a drill delivers from a fairway lie, or from sand for a splash.
 *
 * @param shot club, flight and shape
 * @param who technique, hand and what is known of their delivery
 */
export const practiseIntent = (
	{ club, flight, shape }: PractiseShot,
	who: Pick<Player, 'technique' | 'hand' | 'delivered'>
): Intent =>
	intend(
		{ club, flight, faceOpen: FLIGHT_FACE[flight], shape },
		flight === 'splash' ? { ...PLAIN_LIE, lie: 'sand' } : PLAIN_LIE,
		who.technique,
		who.hand,
		who.delivered
	);

const fastest = (club: Club, who: Practiser) => fastestSwing(club, who) * GOOD_DAY;

/**
 * The ball of a drill that carries to a mark.
 *
 * @param carry metres, above 0
 * @returns null where they cannot carry the club so far
 */
export function shotToCarry(
	shot: PractiseShot,
	carry: Metres,
	scene: Scene,
	who: Practiser
): PractiseForecast | null {
	const intent = practiseIntent(shot, who);
	const { status, speed, outcome } = solveCarry(intent, scene, carry, fastest(shot.club, who));
	if (status !== 'solved') return null;
	const angle = swingFor(
		speed,
		who.swings[shot.club.id]?.known ?? [],
		fastestSwing(shot.club, who)
	);
	return { speed, angle, carry: outcome.carry, roll: outcome.roll };
}

/**
 * The ball of a drill with a length of swing, by the player's own swings where they are measured.
 *
 * @param angle of the lead arm, radians
 */
export function shotOfSwing(
	shot: PractiseShot,
	angle: Radians,
	scene: Scene,
	who: Practiser
): PractiseForecast {
	const known = who.swings[shot.club.id]?.known ?? [];
	const speed = speedOfSwing(angle, known, fastestSwing(shot.club, who));
	const outcome = playIntended(practiseIntent(shot, who), scene, speed, 0, new Outcome());
	return { speed, angle, carry: outcome.carry, roll: outcome.roll };
}

/** A degree or so: small against what a player is off by. */
const LITTLE: Radians = 0.02;

/**
 * How a carry changes with the delivered loft at one head speed, relative to the carry and per radian.
 *
 * @param speed of the head, m/s
 */
export function loftPull(
	shot: PractiseShot,
	speed: MetresPerSecond,
	scene: Scene,
	who: Pick<Player, 'technique' | 'hand' | 'delivered'>
): number {
	const carryWith = (more: Radians): Metres => {
		const loft = (who.delivered.loft[shot.flight] ?? 0) + more;
		const delivered = { ...who.delivered, loft: { ...who.delivered.loft, [shot.flight]: loft } };
		const intent = practiseIntent(shot, { ...who, delivered });
		return playIntended(intent, scene, speed, 0, new Outcome()).carry;
	};
	const [less, more] = [carryWith(-LITTLE), carryWith(LITTLE)];
	return Math.abs(more - less) / (LITTLE * (more + less));
}
