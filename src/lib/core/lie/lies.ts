import type { MetresPerSecond, Radians, Ratio } from '../units';
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
	/** Share of the tangential impulse that the grass between face and ball leaves: what spin is left. */
	grip: Ratio;
	/** Share of the head speed that reaches the ball. */
	speed: Ratio;
	/** Loft taken away by grass that twists the face shut. */
	closure: Radians;
	/** Added to the attack angle. */
	attack: Radians;
	/** Factor on how much head speed the turf eats behind the ball. */
	dig: number;
	/** Factor on how far ahead of the ball the low point may be before the strike is thin. */
	cushion: number;
	/** Relative spread of the head speed that comes from the grass alone. */
	spread: Ratio;
	/** Spread of the face's direction that comes from the grass: what slows the club also turns it shut. */
	twist: Radians;
	/** Opening at which a lofted face cuts through the grass as well as it can. */
	opened: Radians;
	/** Smallest opening of a lofted face that the lie asks for when the shot is played high. */
	minOpen: Radians;
	/** A putter can be used. */
	putt: boolean;
	/** The lowest flight (ball back, hands ahead) can be played. */
	low: boolean;
	/** The highest flights can be played. */
	high: boolean;
	/** The ball lies in sand: the club may go under it, not into it. */
	sand: boolean;
	/** Hard ground under the ball: a sole with much bounce skips. */
	hard: boolean;
}

const NORMAL: Lie = {
	grip: 1,
	speed: 1,
	closure: 0,
	attack: 0,
	dig: 1,
	cushion: 1,
	spread: 0,
	twist: 0,
	opened: radians(45),
	minOpen: 0,
	putt: true,
	low: true,
	high: true,
	sand: false,
	hard: false
};

export const LIES: Record<LieId, Lie> = {
	tight: { ...NORMAL, attack: radians(-1), dig: 1.35, cushion: 0.7, hard: true },
	fairway: NORMAL,
	fringe: { ...NORMAL, grip: 0.95, cushion: 1.1 },
	'first-cut': {
		...NORMAL,
		grip: 0.8,
		speed: 0.97,
		closure: radians(2),
		attack: radians(-0.5),
		cushion: 1.03,
		spread: 0.05,
		twist: radians(1.5),
		putt: false
	},
	'sitting-up': {
		...NORMAL,
		grip: 0.85,
		dig: 0.75,
		cushion: 1.4,
		spread: 0.08,
		putt: false
	},
	'sitting-down': {
		...NORMAL,
		grip: 0.55,
		speed: 0.92,
		closure: radians(6),
		attack: radians(-2),
		dig: 1.15,
		cushion: 0.9,
		spread: 0.1,
		twist: radians(3.5),
		putt: false
	},
	'semi-rough': {
		...NORMAL,
		grip: 0.5,
		speed: 0.93,
		closure: radians(8),
		attack: radians(-2),
		cushion: 1.05,
		spread: 0.155,
		twist: radians(6.5),
		opened: radians(30),
		minOpen: radians(25),
		putt: false
	},
	'deep-rough': {
		...NORMAL,
		grip: 0.25,
		speed: 0.7,
		closure: radians(15),
		attack: radians(-5),
		dig: 0.9,
		cushion: 1.1,
		spread: 0.26,
		twist: radians(10),
		opened: radians(30),
		minOpen: radians(25),
		putt: false,
		low: false
	},
	// What a club that does not go under the ball meets; the splash has its own physics.
	sand: {
		...NORMAL,
		grip: 0.7,
		speed: 0.95,
		dig: 6,
		cushion: 0.45,
		spread: 0.12,
		putt: false,
		low: false,
		sand: true
	}
};

/** Share of the tangential impulse left by water, and by a hard cover (range ball). */
const WET_GRIP: Ratio = 0.7;
const FIRM_BALL_GRIP: Ratio = 0.72;

/**
 * Share of a clean dry strike's tangential impulse that a lie, water and cover leave together.
 *
 * @param lie the ball's
 * @param wet dew or rain on ball and grass
 * @param ball its cover
 * @returns share of a clean strike's friction, 0 to 1
 * @source relative spin of the R&A's and USGA's spin generation reports of 2006 and 2007, from memory: first cut −15 to −25 %, wet −20
 *   to −40 %, semi-rough about half, deep rough about a quarter, a hard cover −20 to −35 %
 */
export const faceGrip = (lie: Lie, wet: boolean, ball: 'soft' | 'firm'): Ratio =>
	lie.grip * (wet ? WET_GRIP : 1) * (ball === 'firm' ? FIRM_BALL_GRIP : 1);

/** An open face meets the grass with its heel and its sole: what the grass does to it shrinks by these shares at the lie's opening. */
const OPENED = { closure: 0.35, twist: 0.7, spread: 0.6 };

/** Grass and sand slow a slow head more unevenly than a fast one, within limits (assumption). */
const UNEVEN = {
	grass: { speed: 11, power: 0.9 },
	sand: { speed: 21, power: 0.6 },
	most: 1.5
} as const;

/**
 * Factor on the spread that grass, or sand under the ball, brings at a head speed.
 *
 * @param speed of the head, m/s
 */
export const uneven = (speed: MetresPerSecond, ground: 'grass' | 'sand'): Ratio =>
	Math.min(UNEVEN.most, (UNEVEN[ground].speed / speed) ** UNEVEN[ground].power);

/**
 * What grass does to a face that is opened: less closure, less twist, a steadier speed (common practice; numbers ours, assumption).
 *
 * @param lie the ball's
 * @param faceOpen + open, − hooded, radians
 */
export function grassOn(
	lie: Lie,
	faceOpen: Radians
): { closure: Radians; twist: Radians; spread: Ratio } {
	const share = Math.min(1, Math.max(0, faceOpen / lie.opened));
	return {
		closure: lie.closure * (1 - OPENED.closure * share),
		twist: lie.twist * (1 - OPENED.twist * share),
		spread: lie.spread * (1 - OPENED.spread * share)
	};
}
