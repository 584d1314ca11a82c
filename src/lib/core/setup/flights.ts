import type { Radians } from '../units';
import { radians } from '../units';
import type { Technique } from './technique';

/** How high a shot is meant to fly; `open` and `splash` turn the face. */
export type FlightId = 'putt' | 'low' | 'standard' | 'high' | 'open' | 'splash';

export type SpinShape = 'inside' | 'straight' | 'outside';

/** What a flight asks of the setup (common practice, no source) and what that does to the strike (assumption). */
export interface FlightSetup {
	/** −1 trail heel, 0 centre of the stance, +1 lead heel. */
	ballPosition: number;
	/** Percent of the weight on the lead side. */
	leadWeight: number;
	/** Hands ahead of the ball +, behind −. */
	shaftLean: Radians;
	attackAngle: Radians;
	/** Factors on the player's dispersion. */
	risk: { speed: number; direction: number; loft: number; lowPoint: number };
}

const EVEN = { speed: 1, direction: 1, loft: 1, lowPoint: 1 };

const FLIGHTS: Record<FlightId, FlightSetup> = {
	putt: {
		ballPosition: 0.2,
		leadWeight: 55,
		shaftLean: 0,
		attackAngle: 0,
		risk: EVEN
	},
	low: {
		ballPosition: -0.7,
		leadWeight: 70,
		shaftLean: radians(8),
		attackAngle: radians(-6),
		risk: { ...EVEN, lowPoint: 0.95 }
	},
	standard: {
		ballPosition: -0.2,
		leadWeight: 60,
		shaftLean: radians(4),
		attackAngle: radians(-4),
		risk: EVEN
	},
	high: {
		ballPosition: 0.4,
		leadWeight: 55,
		shaftLean: radians(0),
		attackAngle: radians(-2),
		risk: { speed: 1.05, direction: 1.05, loft: 1.1, lowPoint: 1.1 }
	},
	open: {
		ballPosition: 0.6,
		leadWeight: 60,
		shaftLean: radians(-1),
		attackAngle: radians(-3),
		risk: { speed: 1.1, direction: 1.15, loft: 1.2, lowPoint: 1.2 }
	},
	splash: {
		ballPosition: 0.7,
		leadWeight: 60,
		shaftLean: radians(-1),
		attackAngle: radians(-8),
		risk: { speed: 1.6, direction: 2.4, loft: 2, lowPoint: 1.5 }
	}
};

/** The upright technique takes the lean out of the two ordinary flights and moves the ball to the middle. */
const SOLE: Partial<Record<FlightId, Partial<FlightSetup>>> = {
	low: { ballPosition: -0.4, shaftLean: radians(4), attackAngle: radians(-4.5), leadWeight: 60 },
	standard: { ballPosition: 0, shaftLean: 0, attackAngle: radians(-3), leadWeight: 55 }
};

const TRAIL_FLOP: Partial<FlightSetup> = {
	ballPosition: 0.8,
	leadWeight: 38,
	shaftLean: radians(-5),
	attackAngle: radians(-1)
};

/**
 * The setup of a flight in a player's technique.
 *
 * @param flight how high it is meant
 * @param technique the player's way
 */
export function flightSetup(flight: FlightId, technique: Technique): FlightSetup {
	const base = FLIGHTS[flight];
	if (technique.chip === 'sole' && SOLE[flight]) return { ...base, ...SOLE[flight] };
	if (flight === 'open' && technique.flop === 'trail') return { ...base, ...TRAIL_FLOP };
	return base;
}

/**
 * Path of the head against the line, what it does to the delivered loft, and how much harder it makes the strike, for each way
 * to shape the spin (assumption).
 */
export const SPIN_SHAPES: Record<SpinShape, { path: Radians; loft: Radians; risk: number }> = {
	inside: { path: radians(6), loft: radians(-3), risk: 1.25 },
	straight: { path: 0, loft: 0, risk: 1 },
	outside: { path: radians(-6), loft: radians(3), risk: 1.25 }
};
