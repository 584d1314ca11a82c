import { FIRMNESS, type Firmness } from '../ground/turf';
import { headMass, type Club } from '../club/club';
import { openFace } from '../club/faceOpening';
import { faceFriction, LIES, type Lie, type LieId } from '../lie/lies';
import {
	flightSetup,
	SPIN_SHAPES,
	type FlightId,
	type FlightSetup,
	type SpinShape
} from '../setup/flights';
import type { Kilograms, Radians } from '../units';
import type { Technique } from '../setup/technique';
import type { Hand } from './player';

/** A way to play: which club, how high, how open, which path. */
export interface Play {
	club: Club;
	flight: FlightId;
	/** Opening of the face before gripping; − hooded. */
	faceOpen: Radians;
	shape: SpinShape;
}

/** A club played along a straight path. */
export const straight = (
	club: Club,
	flight: Play['flight'] = 'standard',
	faceOpen: Radians = 0
): Play => ({
	club,
	flight,
	faceOpen,
	shape: 'straight'
});

/** The part of the situation that the strike feels. */
export interface StrikeConditions {
	lie: LieId;
	wet: boolean;
	ball: 'soft' | 'firm';
	firmness: Firmness;
}

/** A play made ready for the ball: what the club would deliver if nothing went wrong. */
export interface Intent {
	play: Play;
	setup: FlightSetup;
	lie: Lie;
	dynamicLoft: Radians;
	attackAngle: Radians;
	/** Path of the head against the aim, and face against the path. */
	path: Radians;
	faceToPath: Radians;
	/** How far grass that grabs the club turns the face, one standard deviation, + toward the lead side of this player. */
	twist: Radians;
	/** Angle by which the sole meets the turf before the leading edge does. */
	effectiveBounce: Radians;
	/** How far the body line opens to bring an opened face back to the target. */
	stanceOpen: Radians;
	friction: number;
	headMass: Kilograms;
	/** Factor of today's turf on how much speed it eats. */
	dig: number;
	firmness: Firmness;
}

/**
 * What a play delivers in these conditions: static loft + opening gain − shaft lean − closure by grass.
 *
 * @param technique decides lean and ball position of the flight
 * @param hand mirrors the path of a shaped shot
 */
export function intend(
	play: Play,
	conditions: StrikeConditions,
	technique: Technique,
	hand: Hand = 'right'
): Intent {
	const mirror = hand === 'left' ? -1 : 1;
	const lie = LIES[conditions.lie];
	const setup = flightSetup(play.flight, technique);
	const opened = openFace(play.club.loft, play.faceOpen);
	const gain = opened.loft - play.club.loft;
	const shape = SPIN_SHAPES[play.shape];
	const closure = play.club.putter ? 0 : lie.closure;
	return {
		play,
		setup,
		lie,
		dynamicLoft: opened.loft - setup.shaftLean - closure + shape.loft,
		attackAngle: setup.attackAngle + (play.club.putter ? 0 : lie.attack),
		path: mirror * shape.path,
		faceToPath: -mirror * shape.path,
		twist: -mirror * (play.club.putter ? 0 : lie.twist),
		effectiveBounce: play.club.bounce + gain - setup.shaftLean,
		stanceOpen: opened.reAim,
		friction: faceFriction(lie, conditions.wet, conditions.ball),
		headMass: headMass(play.club),
		dig: lie.dig * FIRMNESS[conditions.firmness].dig,
		firmness: conditions.firmness
	};
}
