import { AERODYNAMICS, AIR, BALL } from '../constants';
import { CubicTable } from '../math/cubicTable';
import type { MetresPerSecond } from '../units';

/** Air around the green. Wind is the speed of the air at 2 m, + along the line and + to the right. */
export interface Air {
	/** kg/m³ */
	density: number;
	windAlong: MetresPerSecond;
	windAcross: MetresPerSecond;
}

export const STILL_AIR: Air = { density: AIR.density, windAlong: 0, windAcross: 0 };

const AREA = Math.PI * BALL.radius * BALL.radius;
const REYNOLDS_PER_SPEED = (2 * BALL.radius) / AIR.kinematicViscosity;
const DRAG_SLOPE = (AERODYNAMICS.dragBelow - AERODYNAMICS.dragAbove) / 2;
const DRAG_MIDDLE = (AERODYNAMICS.dragBelow + AERODYNAMICS.dragAbove) / 2;

/**
 * ½ρA/m of a ball in this air, per metre.
 *
 * @param density air, kg/m³, above 0
 * @returns per metre of flight, above 0
 */
export const airFactor = (density: number): number => (density * AREA) / (2 * BALL.mass);

/**
 * Drag coefficient of a ball that does not spin.
 *
 * @param speed through the air, 0 and up
 * @returns between the levels of Bearman and Harvey (1976); the algebraic blend u/√(1+u²) between them is ours
 */
export function baseDrag(speed: MetresPerSecond): number {
	const u = (speed * REYNOLDS_PER_SPEED - AERODYNAMICS.crisisReynolds) / AERODYNAMICS.crisisWidth;
	return DRAG_MIDDLE - (DRAG_SLOPE * u) / Math.sqrt(1 + u * u);
}

/**
 * Share of the free wind at a height in metres: 1 at the stated height, 0 at the ground (form ours, assumption).
 *
 * @param height above the ground, metres, 0 and up
 */
export function windShare(height: number): number {
	if (height <= 0) return 0;
	return (
		(height * (AIR.windHeight + AIR.windHalfHeight)) /
		((height + AIR.windHalfHeight) * AIR.windHeight)
	);
}

/** Cells of a quarter of a metre per second up to the fastest ball of this game: off by less than a millionth from 1 m/s on. */
const CELL: MetresPerSecond = 0.25;
const CELLS = 320;

const drags = new CubicTable((speed) => baseDrag(speed) * speed, CELL, CELLS);
const lifts = new CubicTable(
	(speed) => Math.pow(speed, 1 - AERODYNAMICS.liftExponent),
	CELL,
	CELLS
);
const spins = new CubicTable(
	(surfaceSpeed) => Math.pow(surfaceSpeed, AERODYNAMICS.liftExponent),
	CELL,
	CELLS
);

/**
 * Drag coefficient times speed, of a ball that does not spin, from a table.
 *
 * @param speed through the air, 0 and up
 */
export const dragRate = (speed: MetresPerSecond): number => drags.at(speed);

/**
 * What the lift of a given spin grows with, speed^(1 − exponent), from a table.
 *
 * @param speed through the air, 0 and up
 */
export const liftRate = (speed: MetresPerSecond): number => lifts.at(speed);

/**
 * What the lift at a given speed grows with, surface speed^exponent, from a table where that is smooth.
 *
 * @param surfaceSpeed of the spinning ball, 0 and up
 */
export const spinRate = (surfaceSpeed: MetresPerSecond): number =>
	surfaceSpeed < 1 ? spins.exact(surfaceSpeed) : spins.at(surfaceSpeed);
