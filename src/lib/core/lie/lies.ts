import type { Radians, Ratio } from '../units';
import { radians } from '../units';

export type LieId =
	| 'tight'
	| 'fairway'
	| 'fringe'
	| 'first-cut'
	| 'sitting-up'
	| 'sitting-down'
	| 'semi-rough'
	| 'deep-rough'
	| 'sand';

/** How a lie changes the strike. Directions follow published groove and wet-contact studies; every number is ours (assumption). */
export interface Lie {
	/** Friction between face and ball. */
	friction: number;
	/** Share of the head speed that reaches the ball. */
	speed: Ratio;
	/** Loft taken away by grass that twists the face shut. */
	closure: Radians;
	/** Added to the attack angle. */
	attack: Radians;
	/** Factor on the ball's speed: a ball that sits up is met in the middle of the face with nothing in the way. */
	jump: Ratio;
	/** Factor on how much head speed the turf eats behind the ball. */
	dig: number;
	/** Factor on how far ahead of the ball the low point may be before the strike is thin. */
	cushion: number;
	/** Relative spread of the head speed that comes from the grass alone. */
	spread: Ratio;
	/** Spread of the face's direction that comes from the grass: what slows the club also turns it shut. */
	twist: Radians;
	/** Smallest opening of a lofted face that the lie asks for when the shot is played high. */
	minOpen: Radians;
	/** A putter can be used. */
	putt: boolean;
	/** The lowest flight (ball back, hands ahead) can be played. */
	low: boolean;
	/** The highest flights can be played. */
	high: boolean;
	/** The club goes under the ball, not into it. */
	splash: boolean;
	/** Hard ground under the ball: a sole with much bounce skips. */
	hard: boolean;
}

const NORMAL: Lie = {
	friction: 0.4,
	speed: 1,
	closure: 0,
	attack: 0,
	jump: 1,
	dig: 1,
	cushion: 1,
	spread: 0,
	twist: 0,
	minOpen: 0,
	putt: true,
	low: true,
	high: true,
	splash: false,
	hard: false
};

export const LIES: Record<LieId, Lie> = {
	tight: { ...NORMAL, attack: radians(-1), dig: 1.35, cushion: 0.7, hard: true },
	fairway: NORMAL,
	fringe: { ...NORMAL, friction: 0.38, cushion: 1.1 },
	'first-cut': {
		...NORMAL,
		friction: 0.28,
		speed: 0.98,
		dig: 0.9,
		cushion: 1.15,
		spread: 0.06,
		putt: false
	},
	'sitting-up': {
		...NORMAL,
		friction: 0.33,
		jump: 1.05,
		dig: 0.45,
		cushion: 1.4,
		spread: 0.06,
		putt: false
	},
	'sitting-down': {
		...NORMAL,
		friction: 0.2,
		speed: 0.92,
		closure: radians(4),
		attack: radians(-2),
		dig: 1.15,
		cushion: 0.9,
		spread: 0.11,
		twist: radians(1.5),
		putt: false
	},
	'semi-rough': {
		...NORMAL,
		friction: 0.2,
		speed: 0.93,
		closure: radians(2),
		attack: radians(-2),
		dig: 1,
		cushion: 1.05,
		spread: 0.155,
		twist: radians(1),
		minOpen: radians(10),
		putt: false
	},
	'deep-rough': {
		...NORMAL,
		friction: 0.12,
		speed: 0.7,
		closure: radians(6),
		attack: radians(-5),
		dig: 0.9,
		cushion: 1.1,
		spread: 0.25,
		twist: radians(4),
		minOpen: radians(15),
		putt: false,
		low: false
	},
	sand: { ...NORMAL, friction: 0.2, spread: 0.17, putt: false, low: false, splash: true }
};

/** Water between face and ball leaves this share of the friction (assumption). */
const WET_FRICTION = 0.7;
/** A hard cover (range ball) grips the face this much less (assumption). */
const FIRM_BALL_FRICTION = 0.78;

/** Friction between face and ball. */
export function faceFriction(lie: Lie, wet: boolean, ball: 'soft' | 'firm'): number {
	return lie.friction * (wet ? WET_FRICTION : 1) * (ball === 'firm' ? FIRM_BALL_FRICTION : 1);
}
