import { follow, Outcome } from '../ball/simulate';
import { BallState } from '../ball/state';
import { NO_LUCK } from '../ground/surfaces';
import { turfBetween } from '../ground/turf';
import type { Rng } from '../math/random';
import { PROFILE, type PlayerProfile, type Skill } from '../player/player';
import { DEVIATE_COUNT, strikeWithErrors, type Contact } from '../player/strike';
import type { Technique } from '../setup/technique';
import { CENTIMETRE, type Metres } from '../units';
import { drillScene, type DrillGround } from '../solve/drillScene';
import type { Spot } from './practised';
import { practiseIntent, shotToCarry, type PractiseShot } from './practiseShot';
import type { RollCauses } from './rollResponse';

/** A pupil and a green whose truth is known: what the app is to find out. */
export interface HiddenTruth extends Pick<RollCauses, 'loft' | 'grip' | 'firmness'> {
	skill: Skill;
	technique: Technique;
	ground: DrillGround;
}

/** Where a ball of theirs was seen, and how it was met. */
export interface SeenBall {
	landed: Spot;
	finished: Spot;
	contact: Contact;
}

/** Whoever notes where a ball landed and stopped is off by this, one standard deviation (assumption). */
const NOTED: Metres = 10 * CENTIMETRE;
/** Nobody notes a landing behind or at the ball. */
const NEAREST: Metres = 0.2;

/**
 * Balls that a simulated pupil hits at one carry, with their errors and those of the reading.
 *
 * @param shot club, flight and shape
 * @param carry that is meant, metres
 * @param count balls
 * @param truth who hits, and where
 * @param rng decides the errors
 * @param noted error of the reading, one standard deviation
 * @returns none where they cannot carry the club so far
 */
export const hitBalls = (
	shot: PractiseShot,
	carry: Metres,
	count: number,
	truth: HiddenTruth,
	rng: Rng,
	noted?: Metres
): SeenBall[] => hitBallsAs(PROFILE[truth.skill], shot, carry, count, truth, rng, noted);

/** The same for any spread and strength. */
export function hitBallsAs(
	{ dispersion, strength }: Pick<PlayerProfile, 'dispersion' | 'strength'>,
	shot: PractiseShot,
	carry: Metres,
	count: number,
	{ technique, ground, loft, grip, firmness }: Omit<HiddenTruth, 'skill'>,
	rng: Rng,
	noted: Metres = NOTED
): SeenBall[] {
	const delivered = { loft: { [shot.flight]: loft }, grip };
	const who = { technique, strength, hand: 'right' as const, swings: {}, delivered };
	const scene = { ...drillScene(ground), turf: turfBetween(firmness) };
	const meant = shotToCarry(shot, carry, scene, who);
	if (!meant) return [];
	const intent = practiseIntent(shot, who);
	const out = new Outcome();
	const state = new BallState();
	const read = (value: Metres) => value + noted * rng.normal();
	return Array.from({ length: count }, () => {
		const deviates = Float64Array.from({ length: DEVIATE_COUNT }, () => rng.normal());
		state.t = state.x = state.z = 0;
		state.y = state.apex = scene.ground.height(0, 0);
		const contact = strikeWithErrors(intent, dispersion, meant.speed, 0, deviates, 0, state);
		follow(state, scene, NO_LUCK, out);
		return {
			landed: [Math.max(NEAREST, read(out.landingX)), read(out.landingZ)],
			finished: [read(out.finishX), read(out.finishZ)],
			contact
		};
	});
}
