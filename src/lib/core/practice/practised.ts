import type { SpinShape } from '../setup/flights';
import type { CarryFlight } from '../solve/measuredSwings';
import type { Metres } from '../units';

/** A place on the line of a drill: along it from the ball, and to its right. */
export type Spot = readonly [along: Metres, right: Metres];

/** What a coach says of a strike with one touch. */
export const STRIKE_TAGS = [
	'heavy',
	'thin',
	'toe',
	'heel',
	'left',
	'right',
	'good',
	'wild'
] as const;
export type StrikeTag = (typeof STRIKE_TAGS)[number];

/** One ball of a session, as a fact. */
export interface PractisedBall {
	club: string;
	swing: string;
	flight: CarryFlight;
	shape: SpinShape;
	landed: Spot;
	/** Null where only the landing was seen. */
	finished: Spot | null;
	/** Where it was to land; null where no place was meant. */
	meant: Metres | null;
	/** How far the touch that noted it may be off, one standard deviation; left out where it was typed or measured. */
	touchError?: Metres;
	/** The landing was worked out from where it ended. */
	inferred: boolean;
	tags: readonly StrikeTag[];
	/** To hole out, this one counted; null where it was not asked. */
	strokes: number | null;
}
