import { contains, type Point } from '../../math/polygon';
import type { Green } from '../../green/green';
import { lineOfPlay, type LineOfPlay, type LineProblem } from '../../green/lineOfPlay';
import { surfaceOf } from '../../green/surface';
import { SURFACE, type SurfaceKind } from '../../ground/surfaces';
import type { LieId } from '../../lie/lies';
import { grainAlong } from '../../ground/grain';
import type { Metres, Radians } from '../../units';
import type { Situation } from './situation';

/** What a day and a player bring to a green, wherever the ball lies. */
export interface Conditions extends Pick<
	Situation,
	'wet' | 'ball' | 'greenSpeed' | 'firmness' | 'air'
> {
	/** Direction in which the grass grows on the map; null for none. */
	grain: Radians | null;
}

/**
 * Height of the lip of whatever area lies at a place.
 *
 * @param green with its areas
 */
export const lipsOf =
	(green: Green) =>
	(u: Metres, v: Metres): Metres =>
		green.areas.findLast((area) => contains(area.outline, u, v))?.lip ?? 0;

/**
 * The lie a player would expect where a ball lies on a map; null in water.
 *
 * @param kind of ground
 */
export function expectedLie(kind: SurfaceKind): LieId | null {
	switch (kind) {
		case SURFACE.water:
			return null;
		case SURFACE.sand:
			return 'sand';
		case SURFACE.rough:
		case SURFACE.roughFringe:
			return 'semi-rough';
		case SURFACE.grainyFringe:
			return 'first-cut';
		default:
			return 'fringe';
	}
}

/** A ball put down for a first look lies this far off the green. */
const BESIDE: Metres = 5;
const HEADINGS = 12;
const STEP: Metres = 0.5;
const FARTHEST: Metres = 60;

/**
 * A dry place beside the green, straight below the pin on the map where there is one, else the next way round.
 *
 * @param green with its outline
 * @param pin on the map, metres
 */
export function standBeside(green: Green, pin: Point): Point {
	const surface = surfaceOf(green);
	for (let k = 0; k < HEADINGS; k++) {
		const turn = (k % 2 ? -1 : 1) * Math.ceil(k / 2) * ((2 * Math.PI) / HEADINGS);
		const [du, dv] = [Math.sin(turn), -Math.cos(turn)];
		const kindAt = (far: Metres) => surface.kindAt(pin[0] + far * du, pin[1] + far * dv);
		let far = 0;
		while (far < FARTHEST && kindAt(far) === SURFACE.green) far += STEP;
		const kind = kindAt(far + BESIDE);
		if (kind !== SURFACE.water && kind !== SURFACE.sand && kind !== SURFACE.green)
			return [pin[0] + (far + BESIDE) * du, pin[1] + (far + BESIDE) * dv];
	}
	return [pin[0], pin[1] - FARTHEST / 2];
}

/**
 * The line from ball to pin on a green, or why there is none.
 *
 * @param green with its outline
 * @param ball on the map, metres
 * @param pin on the map, metres
 */
export const lineOn = (green: Green, ball: Point, pin: Point): LineOfPlay | LineProblem =>
	lineOfPlay(surfaceOf(green), lipsOf(green), ball, pin);

/**
 * The situation of a ball on a green's map.
 *
 * @param green with its outline
 * @param line cut from it
 * @param lie the ball's
 * @param conditions speed, turf and grain of the day, grain as a bearing on the map
 */
export function situationOn(
	green: Green,
	line: LineOfPlay,
	lie: LieId,
	{ grain, ...conditions }: Conditions
): Situation {
	return {
		...conditions,
		lie,
		toEdge: line.toEdge,
		edgeToPin: line.edgeToPin,
		beyondPin: line.beyondPin,
		rise: line.rise,
		grass: [{ kind: line.fringe, length: line.toEdge }],
		sand: 'medium',
		segments: line.segments,
		hazards: line.hazards,
		grain: grainAlong(grain, line.placement.heading),
		survey: { green, placement: line.placement, kinds: 'map', tilt: 0 }
	};
}
