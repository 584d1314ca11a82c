import { inverse, Matrix } from 'ml-matrix';
import { median } from '../math/robust';
import type { CarryFlight } from '../solve/measuredSwings';
import { fromFeet, radians, type Metres, type Ratio } from '../units';
import { AS_SAID, type RollCauses, type RollResponse } from './rollResponse';

/** Balls of one club and flight that landed and were followed to rest. */
export interface RollStation {
	club: string;
	flight: CarryFlight;
	balls: readonly { carry: Metres; roll: Metres }[];
	response: RollResponse;
}

/** What a roll-out depends on, and the fit looks for: loft of a flight, grip or firmness. */
export type Sought = CarryFlight | 'grip' | 'firmness';
/** What it depends on as well, and nobody looks for: what the green was said to be, and where the balls were seen to land. */
export const NUISANCES = ['speed', 'slope', 'landing'] as const;
export type Cause = Sought | (typeof NUISANCES)[number];

/** The green that the balls were hit on, and how well it is known. */
export interface KnownGreen {
	/** As it was read, −1 soft to 1 firm. */
	firmness: number;
	/** One standard deviation of its speed; null where nobody measured it that day. */
	speedError: Metres | null;
	/** One standard deviation of its slope along the line. */
	slopeError: Ratio;
}

/** A roll spreads by this share and this length about what is expected (assumption; as where a green is read by balls). */
const ROLL_SPREAD: Ratio = 0.12;
const ROLL_SPREAD_LENGTH: Metres = 0.25;
/**
 * How far players differ from the model before any ball is seen, one standard deviation, and how well a judged firmness is known;
 * ours (assumption).
 */
export const PRESUMED = { loft: radians(4), grip: 0.2, firmness: 0.4 };
/** Where nobody measured it, a green is as fast as it was said to be give or take this; as where it is read by balls. */
const UNREAD: Metres = fromFeet(2.5);
/** Somebody who watches balls land sees all of them so much too short or too far, one standard deviation; ours (assumption). */
const LANDING: Metres = 0.15;
/** Of a presumed deviation: wide enough that the kinks of the table do not decide. */
export const STEP = 0.25;

const spreadAt = (roll: Metres): Metres => Math.hypot(ROLL_SPREAD * roll, ROLL_SPREAD_LENGTH);

interface Observation {
	response: RollResponse;
	carry: Metres;
	roll: Metres;
	/** One standard deviation that is presumed. */
	spread: Metres;
	/** Which of the parameters its loft is. */
	loftAt: number;
}

export function observe(
	stations: readonly RollStation[],
	flights: readonly CarryFlight[],
	firmness: number
): Observation[] {
	return stations.flatMap(({ balls, flight, response }) => {
		// A ball with less loft than usual carries and rolls farther: held against its own carry, that would look like less spin.
		const carry = median(balls.map((ball) => ball.carry));
		const spread = spreadAt(response(carry, { ...AS_SAID, firmness }));
		const loftAt = flights.indexOf(flight);
		return balls.map(({ roll }) => ({ response, carry, roll, spread, loftAt }));
	});
}

/** Parameters count in presumed deviations from what is presumed: lofts by flight, then grip and firmness, then the nuisances. */
const causesAt = (scaled: readonly number[], loftAt: number, green: KnownGreen): RollCauses => {
	const lofts = scaled.length - 2 - NUISANCES.length;
	return {
		loft: scaled[loftAt]! * PRESUMED.loft,
		grip: 1 + scaled[lofts]! * PRESUMED.grip,
		firmness: green.firmness + scaled[lofts + 1]! * PRESUMED.firmness,
		speed: scaled[lofts + 2]! * (green.speedError ?? UNREAD),
		slope: scaled[lofts + 3]! * green.slopeError
	};
};

/** Everything a guess is held against: rolls in their deviations, then the parameters themselves, which are presumed to be 0. */
export class RollProblem {
	constructor(
		private readonly observed: readonly Observation[],
		private readonly size: number,
		private readonly green: KnownGreen
	) {}

	get rows(): number {
		return this.observed.length + this.size;
	}

	wanted(row: number): number {
		const one = this.observed[row];
		return one ? one.roll / one.spread : 0;
	}

	given(row: number, scaled: readonly number[]): number {
		const one = this.observed[row];
		if (!one) return scaled[row - this.observed.length]!;
		// Seen to land too far, a ball is seen to roll less.
		const seenTooFar = scaled[scaled.length - 1]! * LANDING;
		const causes = causesAt(scaled, one.loftAt, this.green);
		return (one.response(one.carry - seenTooFar, causes) - seenTooFar) / one.spread;
	}

	/** Sum of squares of the balls alone. */
	squares(scaled: readonly number[]): number {
		return this.observed.reduce(
			(sum, _, row) => sum + (this.given(row, scaled) - this.wanted(row)) ** 2,
			0
		);
	}

	/** Of the parameters, to first order: the inverse of what balls, scattering so much, and presumption know together. */
	covariance(scaled: readonly number[], scatter: number): Matrix {
		const information = Matrix.eye(this.size);
		const moved = (j: number, by: number) =>
			scaled.map((value, i) => (i === j ? value + by : value));
		const ways = scaled.map((_, j) => [moved(j, STEP), moved(j, -STEP)] as const);
		for (let row = 0; row < this.observed.length; row++) {
			const slopes = ways.map(
				([up, down]) => (this.given(row, up) - this.given(row, down)) / (2 * STEP * scatter)
			);
			for (const [i, a] of slopes.entries())
				for (const [j, b] of slopes.entries()) information.set(i, j, information.get(i, j) + a * b);
		}
		return inverse(information);
	}
}

export const deviations = (cov: Matrix): number[] =>
	Array.from({ length: cov.rows }, (_, i) => Math.sqrt(cov.get(i, i)));
