import { boundsOf, contains, type Point } from '../math/polygon';
import { createRng, type Rng } from '../math/random';
import type { Green } from '../green/green';
import { surfaceOf } from '../green/surface';
import { SURFACE } from '../ground/surfaces';
import type { LieId } from '../lie/lies';
import { expectedLie, lineOn } from '../plan/question/onGreen';
import type { Metres } from '../units';

/** A shot on a green's map that is to be read. */
export interface PlacedExercise {
	ball: Point;
	pin: Point;
	lie: LieId;
}

/** Places drawn until one is a shot: most of what is drawn at random on a map is none. */
const DRAWS = 60;
/** How far the ball may lie off the green, and how much green there may be to the hole. */
const OFF: readonly [Metres, Metres] = [1.5, 12];
const GREEN: readonly [Metres, Metres] = [2.5, 18];
/** A hole is not cut nearer to the edge than this. */
const HOLE_FROM_EDGE: Metres = 1.5;
const FARTHEST: Metres = 40;
/** How a ball may lie where the map knows rough only. */
const IN_ROUGH: readonly LieId[] = ['first-cut', 'semi-rough', 'sitting-down', 'deep-rough'];

const within = (value: number, [low, high]: readonly [number, number]): boolean =>
	value >= low && value <= high;

/** A place for a hole: one of those that have a name, or anywhere with some green about it. */
function hole(green: Green, named: readonly Point[], rng: Rng): Point | null {
	if (named.length > 0 && rng.uniform() < 0.5)
		return named[Math.floor(rng.uniform() * named.length)]!;
	const [lowU, lowV, highU, highV] = boundsOf(green.outline);
	const [u, v] = [lowU + rng.uniform() * (highU - lowU), lowV + rng.uniform() * (highV - lowV)];
	const { kindAt } = surfaceOf(green);
	const around: Point[] = [
		[u, v],
		[u + HOLE_FROM_EDGE, v],
		[u - HOLE_FROM_EDGE, v],
		[u, v + HOLE_FROM_EDGE],
		[u, v - HOLE_FROM_EDGE]
	];
	return around.every(([a, b]) => kindAt(a, b) === SURFACE.green) ? [u, v] : null;
}

/** A draw; null where it is no shot. */
function draw(green: Green, named: readonly Point[], rng: Rng): PlacedExercise | null {
	const pin = hole(green, named, rng);
	const turn = 2 * Math.PI * rng.uniform();
	const away = FARTHEST * rng.uniform();
	const bad = rng.uniform();
	if (!pin) return null;
	const ball: Point = [pin[0] + away * Math.cos(turn), pin[1] + away * Math.sin(turn)];
	if (contains(green.outline, ...ball)) return null;
	const kind = surfaceOf(green).kindAt(...ball);
	const expected = expectedLie(kind);
	if (expected === null || kind === SURFACE.green) return null;
	const line = lineOn(green, ball, pin);
	if (typeof line === 'string' || !within(line.toEdge, OFF) || !within(line.edgeToPin, GREEN))
		return null;
	const lie = expected === 'semi-rough' ? IN_ROUGH[Math.floor(bad * IN_ROUGH.length)]! : expected;
	return { ball, pin, lie };
}

/**
 * A shot around a surveyed green: ball off it, on what the map shows there, hole with a name or anywhere on it.
 *
 * @param named holes that have a name on the map
 * @param seed any whole number: the same one gives the same shot
 * @returns null where none was found: a green too small or too steep-sided for one
 */
export function exerciseOn(
	green: Green,
	named: readonly Point[],
	seed: number
): PlacedExercise | null {
	const rng = createRng(seed);
	for (let i = 0; i < DRAWS; i++) {
		const drawn = draw(green, named, rng);
		if (drawn) return drawn;
	}
	return null;
}
