import type { Green } from '$lib/core/green/green';
import { contains, type Point } from '$lib/core/math/polygon';
import { lineOn } from '$lib/core/plan/question/onGreen';
import { degrees, toPercent, type Metres } from '$lib/core/units';
import { bearingToCore } from '../work/green';
import type { SessionGround } from './session';
import { lineProblemWords } from '../words/line';

/** The part of a session's ground that a map says. */
export type MappedGround = Pick<SessionGround, 'toEdge' | 'room' | 'slopeAlong' | 'place'>;

const STEP: Metres = 0.1;
const FARTHEST: Metres = 80;
/** The fields of a session hold no steeper green and no longer line. */
const [STEEPEST, LONGEST, SHORTEST] = [30, 100, 1];
const held = (value: number, low: number, high: number, decimals: number): number =>
	Number(Math.min(high, Math.max(low, value)).toFixed(decimals));

/** Where a ray from a place on the green leaves it for good. */
function leaves(outline: readonly Point[], [u, v]: Point, heading: number): Metres {
	let last = 0;
	for (let at = 0; at < FARTHEST; at += STEP)
		if (contains(outline, u + at * Math.cos(heading), v + at * Math.sin(heading))) last = at;
	return last;
}

/**
 * The line of a drill toward a pin of a green, from one side of it.
 *
 * @param green the core's green; the same object every time keeps its surface
 * @param pin on the map
 * @param from bearing from the pin to the ball, degrees clockwise from the top of the map
 * @param off how far the ball lies off the green
 */
export function drillPlace(
	green: Green,
	pin: Point,
	from: number,
	off: Metres
): { ground: MappedGround } | { problem: string } {
	const heading = bearingToCore(from);
	const away = leaves(green.outline, pin, heading) + off;
	const ball: [number, number] = [
		held(pin[0] + away * Math.cos(heading), -1e6, 1e6, 2),
		held(pin[1] + away * Math.sin(heading), -1e6, 1e6, 2)
	];
	const line = lineOn(green, ball, pin);
	if (typeof line === 'string') return { problem: lineProblemWords(line) };
	const room = line.edgeToPin + line.beyondPin;
	const length = line.segments.reduce((sum, segment) => sum + segment.length, 0);
	const slope = line.segments.reduce((sum, { length: l, slopeAlong }) => sum + l * slopeAlong, 0);
	return {
		ground: {
			toEdge: held(line.toEdge, 0, 60, 1),
			room: held(room, SHORTEST, LONGEST, 1),
			slopeAlong: held(toPercent(length > 0 ? slope / length : 0), -STEEPEST, STEEPEST, 1),
			place: { ball, heading: degrees(line.placement.heading) }
		}
	};
}
