import type { FlightId } from '../setup/flights';
import type { Radians, Ratio } from '../units';

/** How a player's strike differs, as their balls say, from what club, setup and lie deliver in the model. */
export interface Delivered {
	/** Loft more (+) or less (−), by flight; none where a flight is left out. */
	loft: Readonly<Partial<Record<FlightId, Radians>>>;
	/** Factor on the grip between face and ball, which makes the spin. */
	grip: Ratio;
}

/** Nothing is known to differ. */
export const AS_MODELLED: Delivered = { loft: {}, grip: 1 };
