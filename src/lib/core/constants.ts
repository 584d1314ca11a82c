import { CENTIMETRE, radians } from './units';

/** The limits of the Equipment Rules (R&A and USGA): the lightest-flying legal ball is not modelled, every ball is at the limit. */
export const BALL = {
	mass: 0.04593,
	radius: 0.02133,
	/** Solid sphere: I = inertia · m · r². */
	inertia: 2 / 5
} as const;

/** Rules of Golf, definition of "hole": 108 mm across. */
export const HOLE_RADIUS = 0.054;

export const GRAVITY = 9.81;

/** Sea level, 20 °C, moderate humidity. */
export const AIR = {
	density: 1.2,
	kinematicViscosity: 1.5e-5,
	/** Wind is stated at this height; below it the ground slows the air. */
	windHeight: 2,
	/** Height at which the wind has half of its free strength; ours (assumption). */
	windHalfHeight: 0.3
} as const;

/**
 * Club on ball. Form: R. Cross, Impact of sports balls with striking implements, Sports Engineering 17 (2014).
 * The numbers are ours (assumption), chosen so that a 40 m pitch launches at 30–33° with 5800–6700 rpm.
 */
export const IMPACT = {
	/** Normal restitution of a slow strike and what it loses per m/s of normal approach. */
	restitution: 0.81,
	restitutionLoss: 0.001,
	restitutionFloor: 0.7,
	tangentialRestitution: 0.15,
	/** Clean dry face, soft cover. */
	friction: 0.4,
	headMass: 0.3
} as const;

/** A. Smits and D. Smith, A new aerodynamic model of a golf ball in flight (1994); from memory. */
export const AERODYNAMICS = {
	liftFactor: 0.54,
	liftExponent: 0.4,
	spinDrag: 0.18,
	spinDecayTime: 24,
	/** P. Bearman and J. Harvey, Golf ball aerodynamics (1976): levels from memory, the blend between them is ours. */
	dragAbove: 0.24,
	dragBelow: 0.5,
	crisisReynolds: 4.5e4,
	crisisWidth: 1e4
} as const;

/** A. R. Penner, The run of a golf ball, Canadian Journal of Physics 80 (2002), after S. Haake; from memory. */
export const BOUNCE = {
	e0: 0.51,
	e1: -0.0375,
	e2: 0.000903,
	fastSpeed: 20,
	fastRestitution: 0.12,
	friction: 0.4,
	tilt: radians(15.4),
	tiltSpeed: 18.6,
	tiltAngle: radians(44.4),
	/** The tilt grows with the speed up to this (assumption). */
	fastestTilt: 22,
	/** A rebound that would rise less than this is a roll. */
	lowestHop: 0.005
} as const;

export const ROLL = {
	/** Release speed of the standard green-speed ramp (6.00 ft/s), USGA stimpmeter booklet. */
	rampSpeed: 1.83,
	/** Sliding friction of a ball on turf (assumption). */
	skidFriction: 0.35,
	/** Speed is multiplied or divided by this for play with or against the grain (assumption, ±10 %). */
	grainFactor: 1.1,
	/** Grass that grows across the line pulls like this slope (assumption: about as much as half a percent of break). */
	grainAcross: 0.006
} as const;

/** B. Holmes, Putting: how a golf ball and hole interact, American Journal of Physics 59 (1991); from memory. */
export const CAPTURE = { centralSpeed: 1.63 } as const;

/** Turf eats head speed behind the ball as exp(−k d); all numbers ours (assumption). */
export const STRIKE = {
	/** k per metre for a sole without bounce on medium turf. */
	digRate: 0.34 / CENTIMETRE,
	/** Effective bounce over which k falls by a factor e. */
	digBounce: radians(8),
	/** Turf met earlier than this before the ball is what a player calls heavy; less costs speed but goes unnoticed. */
	heavyBehind: 1 * CENTIMETRE,
	/** Low point this far ahead of the ball catches it thin on a normal lie. */
	thinAhead: 2.4 * CENTIMETRE,
	/** … and by this much further ahead the leading edge meets the ball's middle. */
	thinRange: 1.6 * CENTIMETRE,
	/** With this much effective bounce on a hard lie an early sole skips into the ball. */
	skipBounce: radians(13),
	skipBehind: 0.6 * CENTIMETRE,
	/** What the leading edge gives a bladed ball. */
	thinLoft: radians(11),
	thinAttack: radians(-1),
	thinFriction: 0.12
} as const;
