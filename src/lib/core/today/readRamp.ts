import { GRAVITY, BALL } from '../constants';
import { levelGreenSpeed, rollDeceleration } from '../ground/greenSpeed';
import { fromFeet, type Metres, type Ratio } from '../units';

/** One roll of a standard ramp's ball. */
export interface RampRoll {
	/** The two ways are opposite to each other; `up` is whichever is uphill, or either on the level. */
	way: 'up' | 'down';
	/** From the foot of the ramp to rest. */
	length: Metres;
}

/** Rolls up and down one place of the green. */
export interface RampPlace {
	rolls: readonly RampRoll[];
}

/** Why a set of rolls gives no green speed. */
export type SpeedProblem =
	| { code: 'tooFewRolls'; way: 'up' | 'down'; found: number }
	| { code: 'rollOutOfRange'; index: number; length: Metres }
	| { code: 'rollsDisagree'; way: 'up' | 'down'; spread: Metres }
	| { code: 'tooSteep'; slope: Ratio }
	| { code: 'placesDisagree'; speeds: Metres[] };

/** What one place says. */
export interface PlaceSpeed {
	speed: Metres;
	/** One standard error of the speed. */
	error: Metres;
	/** Mean roll each way. */
	up: Metres;
	down: Metres;
	/** Slope along the rolls that explains their difference, 0 and up. */
	slope: Ratio;
}

export interface SpeedReading {
	/** Of the level green. */
	speed: Metres;
	error: Metres;
	places: PlaceSpeed[];
}

/** Fewest rolls each way at one place (USGA stimpmeter booklet: three balls each way; two are the least that show a spread). */
export const LEAST_ROLLS = 2;
const SHORTEST = fromFeet(1.5);
const LONGEST = fromFeet(40);
/** Rolls one way that differ by more than this are a wrong release or a spike mark (the booklet repeats beyond 8 inches; here a share). */
const MOST_SPREAD: Ratio = 0.12;
const LEAST_SPREAD = fromFeet(8 / 12);
/** Uphill and downhill differ too much beyond this slope for the correction to be worth having. */
const MOST_SLOPE: Ratio = 0.06;
/** Reading and release of one roll, one standard deviation (assumption). */
const READING: Metres = 0.05;
/** One place of a green differs from its mean by this share, one standard deviation, which counts as much as this many places; ours. */
const BETWEEN: Ratio = 0.03;
const BETWEEN_PLACES = 4;
/** Two places differ by chance within this many standard errors, or by this much in any case. */
const PLACE_ERRORS = 4;
const PLACE_TOLERANCE = fromFeet(1);

/**
 * Slope that makes a ramp ball roll so much farther down than up: 1/S↑ − 1/S↓ = 4 · 5/7 g s / v².
 *
 * @param up roll-out up the slope, metres, above 0
 * @param down roll-out down the slope, metres, above 0
 */
export function slopeBetween(up: Metres, down: Metres): Ratio {
	const pull = GRAVITY / (1 + BALL.inertia);
	// rollDeceleration(S) = v²/2S, so a difference of decelerations is twice the pull of the slope.
	return Math.abs(rollDeceleration(up) - rollDeceleration(down)) / (2 * pull);
}

const mean = (values: readonly number[]): number =>
	values.reduce((sum, value) => sum + value, 0) / values.length;

const range = (values: readonly number[]): number => Math.max(...values) - Math.min(...values);

function deviation(values: readonly number[]): number {
	const middle = mean(values);
	const squares = values.reduce((sum, value) => sum + (value - middle) ** 2, 0);
	return Math.sqrt(squares / (values.length - 1));
}

function problemOf(rolls: readonly RampRoll[], way: 'up' | 'down'): SpeedProblem | null {
	const lengths = rolls.filter((roll) => roll.way === way).map((roll) => roll.length);
	if (lengths.length < LEAST_ROLLS) return { code: 'tooFewRolls', way, found: lengths.length };
	const spread = range(lengths);
	return spread > Math.max(LEAST_SPREAD, MOST_SPREAD * 2 * mean(lengths))
		? { code: 'rollsDisagree', way, spread }
		: null;
}

/** Speed of one place, or why it has none. */
function placeSpeed({ rolls }: RampPlace): PlaceSpeed | SpeedProblem {
	const wild = rolls.findIndex(({ length }) => !(length >= SHORTEST && length <= LONGEST));
	if (wild >= 0) return { code: 'rollOutOfRange', index: wild, length: rolls[wild]!.length };
	const problem = problemOf(rolls, 'up') ?? problemOf(rolls, 'down');
	if (problem) return problem;
	const lengths = (way: 'up' | 'down') =>
		rolls.filter((roll) => roll.way === way).map((roll) => roll.length);
	const up = mean(lengths('up'));
	const down = mean(lengths('down'));
	const slope = slopeBetween(up, down);
	if (slope > MOST_SLOPE) return { code: 'tooSteep', slope };
	const speed = levelGreenSpeed(up, down);
	// S = 2UD/(U + D): dS/dU = 2(D/(U + D))², and the same the other way round.
	const errorOf = (values: number[]) =>
		Math.hypot(deviation(values), READING) / Math.sqrt(values.length);
	const share = down / (up + down);
	const error =
		2 *
		Math.hypot(share ** 2 * errorOf(lengths('up')), (1 - share) ** 2 * errorOf(lengths('down')));
	return { speed, error, up, down, slope };
}

/**
 * Variance of a green's speed from place to place: what is presumed of greens together with what these places show beyond the error of
 * their rolls.
 *
 * @source random effects (R. DerSimonian and N. Laird, Controlled Clinical Trials 7, 1986; from memory); the presumption is ours
 */
function betweenPlaces(places: readonly PlaceSpeed[]): number {
	const speeds = places.map(({ speed }) => speed);
	const presumed = (BETWEEN * mean(speeds)) ** 2;
	if (places.length === 1) return presumed;
	const seen = deviation(speeds) ** 2 - mean(places.map(({ error }) => error * error));
	const more = places.length - 1;
	return (BETWEEN_PLACES * presumed + more * Math.max(0, seen)) / (BETWEEN_PLACES + more);
}

/**
 * Green speed of the level from ramp rolls both ways at one or more places.
 *
 * @param places at least one, each with two rolls or more each way
 * @returns the weighted mean, with its standard error as the speed of the whole green, or the first reason why the rolls give none
 * @source D. Brede, USGA Green Section Record (1991); limits: see the constants
 */
export function readRamp(places: readonly RampPlace[]): SpeedReading | SpeedProblem {
	const found: PlaceSpeed[] = [];
	for (const place of places) {
		const one = placeSpeed(place);
		if ('code' in one) return one;
		found.push(one);
	}
	if (found.length === 0) return { code: 'tooFewRolls', way: 'up', found: 0 };
	const between = betweenPlaces(found);
	const weights = found.map(({ error }) => 1 / (error * error + between));
	const total = weights.reduce((sum, weight) => sum + weight, 0);
	const speed = found.reduce((sum, place, i) => sum + weights[i]! * place.speed, 0) / total;
	const far = found.some(
		(place) => Math.abs(place.speed - speed) > Math.max(PLACE_TOLERANCE, PLACE_ERRORS * place.error)
	);
	if (far) return { code: 'placesDisagree', speeds: found.map((place) => place.speed) };
	return { speed, error: 1 / Math.sqrt(total), places: found };
}
