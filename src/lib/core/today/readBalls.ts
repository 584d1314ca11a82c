import { Outcome, type Scene } from '../ball/simulate';
import { STILL_AIR } from '../ball/aerodynamics';
import { fullSpeed, type Club } from '../club/club';
import { createPlane } from '../ground/plane';
import { SURFACE } from '../ground/surfaces';
import { turfBetween, type Firmness } from '../ground/turf';
import { intend, PLAIN_LIE, straight } from '../player/intent';
import { playIntended, solveCarry } from '../solve/solve';
import { DEFAULT_TECHNIQUE } from '../setup/technique';
import { fromFeet, type Metres, type MetresPerSecond, type Ratio } from '../units';

/** One ball chipped with a club's ordinary flight from a fairway lie. */
export interface ChippedBall {
	club: Club;
	carry: Metres;
	/** From landing to rest. */
	roll: Metres;
	/** Slope along the roll, + uphill. */
	slope: Ratio;
}

/** What balls say of today's green. */
export interface BallsReading {
	speed: Metres;
	/** One standard deviation of the speed. */
	error: Metres;
	/** −1 soft … +1 firm, and one standard deviation. */
	firmness: number;
	firmnessError: number;
	nearest: Firmness;
	/** Share of the total that these balls flew: today's percentage. */
	airShare: Ratio;
	/** The ball that would narrow the speed most; null when it is known as well as a ramp would. */
	next: { club: Club; carry: Metres; errorAfter: Metres } | null;
}

const SPEEDS = Array.from({ length: 23 }, (_, i) => fromFeet(4 + i / 2));
const FIRMNESSES = Array.from({ length: 9 }, (_, i) => -1 + i / 4);
/** What is believed before any ball: a green of ten feet, give or take; medium turf. */
const PRIOR = { speed: fromFeet(10), speedSpread: fromFeet(2.5), firmness: 0, firmnessSpread: 0.6 };
/** A chipped ball rolls as expected give or take this share and this length: strike, turf and pacing together (assumption). */
const ROLL_SPREAD: Ratio = 0.12;
const ROLL_SPREAD_LENGTH: Metres = 0.25;
/** A ramp test is about as good as this; no ball is worth asking for below it. */
const GOOD_ENOUGH = fromFeet(0.5);
const NEXT_CARRIES: readonly Metres[] = [2, 4, 8];

const sceneOn = (speed: Metres, firmness: number, slope: Ratio): Scene => ({
	ground: createPlane({
		kind: 'plane',
		slopeAlong: slope,
		slopeAcross: 0,
		edge: 0,
		fringe: SURFACE.green
	}),
	greenSpeed: speed,
	turf: turfBetween(firmness),
	air: STILL_AIR,
	obstacles: [],
	hole: null
});

const intentWith = (club: Club) => intend(straight(club), PLAIN_LIE, DEFAULT_TECHNIQUE);

/** Roll-out of a club from one carry on every green of the table: rows by speed, columns by firmness. */
function rollTable(club: Club, carry: Metres, slope: Ratio): Float64Array {
	const intent = intentWith(club);
	const headSpeed: MetresPerSecond = solveCarry(
		intent,
		sceneOn(PRIOR.speed, 0, slope),
		carry,
		fullSpeed(club)
	).speed;
	const out = new Outcome();
	return Float64Array.from({ length: SPEEDS.length * FIRMNESSES.length }, (_, at) => {
		const scene = sceneOn(
			SPEEDS[Math.floor(at / FIRMNESSES.length)]!,
			FIRMNESSES[at % FIRMNESSES.length]!,
			slope
		);
		return playIntended(intent, scene, headSpeed, 0, out).roll;
	});
}

const spreadOf = (roll: Metres): Metres => Math.hypot(ROLL_SPREAD * roll, ROLL_SPREAD_LENGTH);

const square = (x: number): number => x * x;

function logPrior(at: number): number {
	const speed = SPEEDS[Math.floor(at / FIRMNESSES.length)]!;
	const firmness = FIRMNESSES[at % FIRMNESSES.length]!;
	return (
		-square((speed - PRIOR.speed) / PRIOR.speedSpread) / 2 -
		square((firmness - PRIOR.firmness) / PRIOR.firmnessSpread) / 2
	);
}

function posterior(balls: readonly ChippedBall[]): Float64Array {
	const log = Float64Array.from({ length: SPEEDS.length * FIRMNESSES.length }, (_, at) =>
		logPrior(at)
	);
	for (const { club, carry, roll, slope } of balls) {
		const table = rollTable(club, carry, slope);
		for (let at = 0; at < log.length; at++) {
			const spread = spreadOf(table[at]!);
			log[at]! -= square((roll - table[at]!) / spread) / 2 + Math.log(spread);
		}
	}
	const highest = Math.max(...log);
	const weights = log.map((value) => Math.exp(value - highest));
	const total = weights.reduce((sum, weight) => sum + weight, 0);
	return weights.map((weight) => weight / total);
}

const speedAt = (at: number): Metres => SPEEDS[Math.floor(at / FIRMNESSES.length)]!;
const firmnessAt = (at: number): number => FIRMNESSES[at % FIRMNESSES.length]!;

function expectation(weights: Float64Array, value: (at: number) => number): number {
	return weights.reduce((sum, weight, at) => sum + weight * value(at), 0);
}

/** Standard deviation of the speed after one more ball of a club and carry, to first order. */
function errorAfter(weights: Float64Array, error: Metres, club: Club, carry: Metres): Metres {
	const table = rollTable(club, carry, 0);
	const speed = expectation(weights, speedAt);
	const roll = expectation(weights, (at) => table[at]!);
	const variance = expectation(weights, (at) => square(table[at]! - roll));
	const shared = expectation(weights, (at) => (table[at]! - roll) * (speedAt(at) - speed));
	const gained = square(shared) / (variance + square(spreadOf(roll)));
	return Math.sqrt(Math.max(0, error * error - gained));
}

function bestNext(
	weights: Float64Array,
	error: Metres,
	clubs: readonly Club[]
): BallsReading['next'] {
	if (error <= GOOD_ENOUGH) return null;
	const options = clubs
		.filter((club) => !club.putter)
		.flatMap((club) =>
			NEXT_CARRIES.map((carry) => ({
				club,
				carry,
				errorAfter: errorAfter(weights, error, club, carry)
			}))
		);
	if (options.length === 0) return null;
	return options.reduce((a, b) => (b.errorAfter < a.errorAfter ? b : a));
}

/**
 * Infers green speed and firmness from a few chipped balls: the model's roll-out for every green of a table, weighed by how well it
 * explains the balls.
 *
 * @param balls at least one; carry and roll above 0
 * @param clubs the player's, from which a next ball is proposed
 * @throws RangeError without balls
 */
export function readBalls(balls: readonly ChippedBall[], clubs: readonly Club[]): BallsReading {
	if (balls.length === 0) throw new RangeError('readBalls: no balls');
	const weights = posterior(balls);
	const speed = expectation(weights, speedAt);
	const error = Math.sqrt(expectation(weights, (at) => square(speedAt(at) - speed)));
	const firmness = expectation(weights, firmnessAt);
	const flown = balls.reduce((sum, ball) => sum + ball.carry, 0);
	const all = balls.reduce((sum, ball) => sum + ball.carry + ball.roll, 0);
	return {
		speed,
		error,
		firmness,
		firmnessError: Math.sqrt(expectation(weights, (at) => square(firmnessAt(at) - firmness))),
		nearest: firmness < -0.5 ? 'soft' : firmness > 0.5 ? 'firm' : 'medium',
		airShare: flown / all,
		next: bestNext(weights, error, clubs)
	};
}
