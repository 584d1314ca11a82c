import type { Point } from '../math/polygon';
import type { Metres } from '../units';

/** One of the balls that stand for a forecast: where it comes down and where it ends, along the line and to its right. */
export interface ForecastBall {
	landed: Point;
	finished: Point;
}

/** So many balls stand for a forecast: the first of an evenly spread sequence, which are evenly spread themselves. */
export const REPRESENTATIVES = 64;
/** Fewer say too little of the outer rings. */
const FEWEST = 24;

const CENTIMETRES = 100;
const quantised = ([along, right]: Point): Point => [
	Math.round(along * CENTIMETRES) / CENTIMETRES,
	Math.round(right * CENTIMETRES) / CENTIMETRES
];

/**
 * The balls that stand for what was forecast, to the centimetre.
 *
 * @param landings in the order they were drawn, metres
 * @param finishes of the same balls
 * @returns at most `REPRESENTATIVES`; null where so few were played that they say nothing
 */
export function representatives(
	landings: readonly Point[],
	finishes: readonly Point[]
): ForecastBall[] | null {
	if (finishes.length < FEWEST) return null;
	return finishes.slice(0, REPRESENTATIVES).map((finished, i) => ({
		landed: quantised(landings[i]!),
		finished: quantised(finished)
	}));
}

/** What came of a shot: where it landed, where that was seen, and where it ended; one that was holed ends at the hole. */
export interface Result {
	landed: Point | null;
	finished: Point;
	holed: boolean;
}

/** How far a ball ran from where it landed, straight. */
export const runOf = ({ landed, finished }: ForecastBall): Metres =>
	Math.hypot(finished[0] - landed[0], finished[1] - landed[1]);

/** Physics and sampling that a forecast is of: changed when the same question gets other balls. */
export const ENGINE = '0.1';
