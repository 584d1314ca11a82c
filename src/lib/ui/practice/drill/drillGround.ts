import { asRead, readToday } from '$lib/io/practice/asRead';
import { drillPlace } from '$lib/io/practice/drillPlace';
import { plainGround } from '$lib/io/practice/practiceSetup';
import type { SessionGround } from '$lib/io/practice/session';
import { greenToCore } from '$lib/io/work/green';
import { centreOf } from '$lib/io/work/placedShot';
import type { GreenBook } from '$lib/store/shelves/greens';

/** A line on a map: toward which pin (any, by an empty name), from which side, and how far off the green. */
export interface LineChoice {
	pin: string;
	/** Bearing from the pin to the ball, degrees clockwise from the top of the map. */
	from: number;
	off: number;
}

/** Slope along a line by a surveyed map, and by one that was never surveyed, one standard error in percent; ours (assumption). */
const SURVEYED = 0.5;
const DRAWN = 1;
/** A speed that somebody measured on a line without a map is off by so many feet, a slope by so many percent; ours (assumption). */
const MEASURED = { speedError: 0.4, slopeError: 0.4 };

const isSurveyed = ({ green }: GreenBook): boolean =>
	green.grid !== null || green.spots.length + green.tilts.length > 0;

/**
 * A session's ground on a green, with its newest reading.
 *
 * @param before what the green does not say
 */
export function groundOn(
	book: GreenBook,
	before: SessionGround,
	{ pin, from, off }: LineChoice,
	now: number
): { ground: SessionGround; problem: string } {
	const { green, readings } = book;
	const at = green.pins.find(({ id }) => id === pin)?.at ?? green.pins[0]?.at;
	const placed = drillPlace(greenToCore(green), at ?? centreOf(green.outline), from, off);
	return {
		ground: {
			...before,
			speedError: null,
			slopeError: isSurveyed(book) ? SURVEYED : DRAWN,
			...('ground' in placed && placed.ground),
			name: green.name,
			greenId: green.id,
			...asRead(readings, now)
		},
		problem: 'problem' in placed ? placed.problem : ''
	};
}

/** From the bottom of the map. */
export const USUAL_SIDE = 180;

/** Where a new drill begins: on the green that was read today, otherwise on a plain line. */
export function startingGround(books: readonly GreenBook[], now: number): SessionGround {
	const plain = plainGround();
	const book = readToday(books, now);
	const line = { pin: '', from: USUAL_SIDE, off: plain.toEdge };
	return book ? groundOn(book, plain, line, now).ground : plain;
}

/** How speed and slope of a line without a map are known. */
export type HowKnown = 'judged' | 'speed' | 'both';

export const howKnown = ({ speedError, slopeError }: SessionGround): HowKnown => {
	if (speedError === null) return 'judged';
	return slopeError < DRAWN ? 'both' : 'speed';
};

export const knownAs = (how: HowKnown): Pick<SessionGround, 'speedError' | 'slopeError'> => ({
	speedError: how === 'judged' ? null : MEASURED.speedError,
	slopeError: how === 'both' ? MEASURED.slopeError : DRAWN
});
