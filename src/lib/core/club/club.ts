import type { Kilograms, MetresPerSecond, Radians } from '../units';
import { degrees } from '../units';
import { interpolate } from '../math/interpolation';

export interface Club {
	/** Stable, whatever the club is called; what carries and records refer to. */
	id: string;
	/** As the player calls it, unique in a bag. */
	name: string;
	loft: Radians;
	/** Angle of the sole, 0 and up. */
	bounce: Radians;
	putter: boolean;
}

/** Static lofts against the mass of the head; ordinary values of the trade (common practice, no source). */
const MASS_BY_LOFT = {
	lofts: [10, 22, 34, 46, 56, 64],
	kilograms: [0.2, 0.235, 0.262, 0.287, 0.3, 0.305]
};
const PUTTER_MASS: Kilograms = 0.35;

/**
 * Mass of a club head.
 *
 * @param club any; lofts outside the table take the nearest end
 */
export const headMass = (club: Club): Kilograms =>
	club.putter
		? PUTTER_MASS
		: interpolate(MASS_BY_LOFT.lofts, MASS_BY_LOFT.kilograms, degrees(club.loft));

/** Head speed of a skilled player's full swing by loft (common practice, no source). */
const FULL_SPEED = { lofts: [10, 22, 34, 46, 56, 64], speeds: [48, 44, 40, 37, 35, 34] };
const PUTTER_SPEED: MetresPerSecond = 9;

/**
 * Fastest head speed that can be asked of this club around a green, at strength 1.
 *
 * @param club any; lofts outside the table take the nearest end
 */
export const fullSpeed = (club: Club): MetresPerSecond =>
	club.putter ? PUTTER_SPEED : interpolate(FULL_SPEED.lofts, FULL_SPEED.speeds, degrees(club.loft));

/**
 * The club of a bag (putters aside) whose loft is nearest; undefined in a bag without one.
 *
 * @param bag in any order
 * @param loft that is looked for, radians
 */
export function nearestByLoft(bag: readonly Club[], loft: Radians): Club | undefined {
	const clubs = bag.filter((club) => !club.putter);
	if (clubs.length === 0) return undefined;
	return clubs.reduce((best, club) =>
		Math.abs(club.loft - loft) < Math.abs(best.loft - loft) ? club : best
	);
}

/**
 * The most lofted club of a bag.
 *
 * @param bag in any order
 * @returns undefined in a bag of nothing but putters
 */
export const mostLofted = (bag: readonly Club[]): Club | undefined =>
	nearestByLoft(bag, Math.PI / 2);

/**
 * Wedges by loft: anything that a set calls pitching wedge or more.
 *
 * @param club any
 */
export const isWedge = (club: Club): boolean => !club.putter && degrees(club.loft) >= 44;
