import type { LieId } from '../lie/lies';
import type { FlightId } from '../setup/flights';
import type { Radians, Ratio } from '../units';

/** How a player's strike differs, as their balls say, from what club, setup and lie deliver in the model. */
export interface Delivered {
	/** Loft more (+) or less (−), by flight; none where a flight is left out. */
	loft: Readonly<Partial<Record<FlightId, Radians>>>;
	/** Factor on the grip between face and ball, which makes the spin. */
	grip: Ratio;
	/** Factor on the speed of the ball, by lie, beside what carries measured from a fairway say; 1 where a lie is left out. */
	speed?: Readonly<Partial<Record<LieId, Ratio>>> | undefined;
}

/** Nothing is known to differ. */
export const AS_MODELLED: Delivered = { loft: {}, grip: 1 };

/**
 * The same without what differs by lie: how carries are measured.
 *
 * @param delivered any
 */
export const fromPlainLie = ({ loft, grip }: Delivered): Delivered => ({ loft, grip });

/** A carry goes about with the square of the ball's speed: the factor on the speed behind one on carries, 0 and up. */
export const speedBehind = (carries: Ratio): Ratio => Math.sqrt(carries);
