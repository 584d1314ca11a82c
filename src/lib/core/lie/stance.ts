import type { Radians, Ratio } from '../units';

/** Slope under ball and feet. */
export interface Stance {
	/** + uphill toward the target. */
	along: Ratio;
	/** + ball above the feet. */
	across: Ratio;
}

export const LEVEL_STANCE: Readonly<Stance> = { along: 0, across: 0 };

/** What a sloping stance does to the strike. */
export interface StanceEffect {
	/** Turns loft and path of the head alike: the player stands with the slope. */
	tilt: Radians;
	/** Heel-to-toe tilt of the face, + toe up. */
	toeUp: Radians;
	/** Factors on the spread of the low point and of the direction. */
	lowPoint: Ratio;
	direction: Ratio;
	/** Turf behind the ball is nearer the club on a downhill stance: the low point counts as this much farther back, in metres. */
	behind: number;
}

/** Share of a slope across that the posture does not take up (assumption). */
const TOE_SHARE = 0.6;
/** Unsteadiness per radian of slope, and metres of turf behind the ball per radian downhill (assumption: 10 % adds a quarter). */
const LOW_POINT_RISK = 2.5;
const DIRECTION_RISK = 1.5;
const BEHIND = 0.02;

/**
 * How a stance changes the strike; common practice in direction (uphill higher and shorter, downhill lower and heavy, ball above the
 * feet to the lead side), the numbers are ours (assumption).
 *
 * @param stance slopes under the feet as ratios: along + up towards the target, across + ball above the feet
 */
export function stanceEffect({ along, across }: Stance): StanceEffect {
	const tilt = Math.atan(along);
	const side = Math.atan(across);
	return {
		tilt,
		toeUp: TOE_SHARE * side,
		lowPoint: 1 + LOW_POINT_RISK * (Math.abs(tilt) + Math.abs(side)),
		direction: 1 + DIRECTION_RISK * (Math.abs(tilt) + Math.abs(side)),
		behind: BEHIND * Math.max(0, -tilt)
	};
}

/**
 * Direction that a face of this loft gains from its heel-to-toe tilt, toward the lead side for a toe that is up.
 *
 * @param loft delivered, radians
 * @param toeUp + toe higher than heel, radians
 * @returns how far the face looks to the lead side, radians
 */
export const leadSideTurn = (loft: Radians, toeUp: Radians): Radians =>
	Math.atan(Math.tan(loft) * Math.sin(toeUp));
