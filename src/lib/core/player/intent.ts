import { FIRMNESS, type Firmness } from '../ground/turf';
import { headMass, type Club } from '../club/club';
import { openFace } from '../club/faceOpening';
import { faceGrip, grassOn, LIES, type Lie, type LieId } from '../lie/lies';
import { SANDS, type Sand, type SandSurface } from '../lie/sand';
import {
	leadSideTurn,
	LEVEL_STANCE,
	stanceEffect,
	type Stance,
	type StanceEffect
} from '../lie/stance';
import {
	flightSetup,
	SPIN_SHAPES,
	type FlightId,
	type FlightSetup,
	type SpinShape
} from '../setup/flights';
import { degrees, type Kilograms, type Radians, type Ratio } from '../units';
import type { Technique } from '../setup/technique';
import { AS_MODELLED, type Delivered } from './delivered';
import type { Hand } from './player';

/** A way to play: which club, how high, how open, which path. */
export interface Play {
	club: Club;
	flight: FlightId;
	/** Opening of the face before gripping; − hooded. */
	faceOpen: Radians;
	shape: SpinShape;
}

/**
 * A name for a play that is stable between runs.
 *
 * @param play any play
 */
export const playKey = (play: Play): string =>
	`${play.club.id}/${play.flight}/${Math.round(degrees(play.faceOpen))}/${play.shape}`;

/**
 * A club played along a straight path.
 *
 * @param club any but a putter
 * @param flight low, standard or high
 * @param faceOpen + open, − hooded, radians
 */
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
	stance: Stance;
	sand: SandSurface;
}

/** A clean ball on a level fairway: what carries are measured from and lessons begin with. */
export const PLAIN_LIE: Readonly<StrikeConditions> = {
	lie: 'fairway',
	wet: false,
	ball: 'soft',
	firmness: 'medium',
	stance: LEVEL_STANCE,
	sand: 'medium'
};

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
	grip: Ratio;
	/** Relative spread of the head speed that comes from the grass alone. */
	grassSpread: Ratio;
	/** What the slope under ball and feet does. */
	stance: StanceEffect;
	/** The sand that the club goes under; null where it meets the ball. */
	splash: Sand | null;
	headMass: Kilograms;
	/** Factor of today's turf on how much speed it eats. */
	dig: number;
}

/** Relative spread of the speed of a ball that is putted through sand (assumption). */
const SAND_PUTT_SPREAD: Ratio = 0.3;
/** Relative spread of the head speed that sand between club and ball adds (assumption). */
const SPLASH_SPREAD: Ratio = 0.155;

/** Grass or sand that lets a ball out as fast as this player's balls say. */
const slowed = <T extends { speed: Ratio }>(lie: T, own: Ratio): T =>
	own === 1 ? lie : { ...lie, speed: lie.speed * own };

/**
 * What a play delivers in these conditions: static loft + opening gain − shaft lean − closure by grass + slope of the stance.
 *
 * @param technique decides lean and ball position of the flight
 * @param hand mirrors the path of a shaped shot
 * @param delivered how this player's strike differs from the model's; a putt stays as it is
 */
export function intend(
	play: Play,
	conditions: StrikeConditions,
	technique: Technique,
	hand: Hand = 'right',
	delivered: Delivered = AS_MODELLED
): Intent {
	const mirror = hand === 'left' ? -1 : 1;
	const { putter } = play.club;
	const ownSpeed = putter ? 1 : (delivered.speed?.[conditions.lie] ?? 1);
	const lie = slowed(LIES[conditions.lie], ownSpeed);
	const sand = slowed(SANDS[conditions.sand], ownSpeed);
	const setup = flightSetup(play.flight, technique);
	const opened = openFace(play.club.loft, play.faceOpen);
	const gain = opened.loft - play.club.loft;
	const shape = SPIN_SHAPES[play.shape];
	const grass = grassOn(lie, play.faceOpen);
	const stance = stanceEffect(putter ? LEVEL_STANCE : conditions.stance);
	const own = putter ? 0 : (delivered.loft[play.flight] ?? 0);
	const loft = opened.loft - setup.shaftLean - (putter ? 0 : grass.closure) + shape.loft + own;
	return {
		play,
		setup,
		lie,
		dynamicLoft: loft + stance.tilt,
		attackAngle: setup.attackAngle + (putter ? 0 : lie.attack) + stance.tilt,
		path: mirror * shape.path,
		faceToPath: -mirror * (shape.path + leadSideTurn(loft, stance.toeUp)),
		twist: putter ? 0 : -mirror * grass.twist,
		effectiveBounce: play.club.bounce + gain - setup.shaftLean,
		stanceOpen: opened.reAim,
		grip: faceGrip(lie, conditions.wet, conditions.ball) * (putter ? 1 : delivered.grip),
		grassSpread:
			play.flight === 'splash'
				? SPLASH_SPREAD
				: putter && lie.sand
					? SAND_PUTT_SPREAD
					: grass.spread,
		stance,
		splash: play.flight === 'splash' ? sand : null,
		headMass: headMass(play.club),
		dig: lie.dig * (lie.sand ? 1 : FIRMNESS[conditions.firmness].dig)
	};
}
