import type { Path } from '$lib/core/solve/path';
import { heightOnPath } from '$lib/core/solve/path';
import type { Situation } from '$lib/core/plan/question/situation';
import { pinDistance } from '$lib/core/plan/question/situation';
import { sceneOf } from '$lib/core/plan/question/scene';
import type { Metres } from '$lib/core/units';
import type { Box, Label } from '$lib/ui/drawing/labelPlacement';
import { pathThrough, type Scale } from '$lib/ui/drawing/scale';

/** Ground between two stations, as a polyline in pixels. */
export function groundPoints(
	situation: Situation,
	scale: Scale,
	from: Metres,
	to: Metres
): [number, number][] {
	const { ground } = sceneOf(situation, { hazards: false, hole: false });
	const count = 80;
	return Array.from({ length: count + 1 }, (_, i) => {
		const x = from + ((to - from) * i) / count;
		return [scale.x(x), scale.y(ground.height(x, 0))];
	});
}

/** Height of the ground at a station. */
export const groundHeight = (situation: Situation, x: Metres): Metres =>
	sceneOf(situation, { hazards: false, hole: false }).ground.height(x, 0);

/** Lowest and highest ground that the drawing shows. */
export function groundRange(situation: Situation, from: Metres, to: Metres): [Metres, Metres] {
	const { ground } = sceneOf(situation, { hazards: false, hole: false });
	const heights = Array.from({ length: 41 }, (_, i) =>
		ground.height(from + ((to - from) * i) / 40, 0)
	);
	return [Math.min(...heights), Math.max(...heights)];
}

/** A path in the section. What the ground does beside the line is taken out: a breaking ball stays on the ground that is drawn. */
export function sectionPath(path: Path, scale: Scale, situation: Situation): string {
	const { ground } = sceneOf(situation, { hazards: false, hole: false });
	return pathThrough(
		path.map(([, x, y, z]) => [scale.x(x), scale.y(y - ground.height(x, z) + ground.height(x, 0))])
	);
}

/** The part of a path up to its first touch-down, and the rest. */
export function splitAtLanding(path: Path, flightTime: number): { air: Path; ground: Path } {
	const at = path.findIndex(([t]) => t >= flightTime - 1e-6);
	const cut = at < 0 ? path.length - 1 : at;
	return { air: path.slice(0, cut + 1), ground: path.slice(cut) };
}

/** Highest point of a flight; what rolls up a slope afterwards does not fly. */
export const topOfFlight = (air: Path): Path[number] =>
	air.reduce((top, point) => (point[2] > top[2] ? point : top), air[0]!);

/** A flight lower than this on the paper has no room for words over it. */
export const LEAST_RISE = 14;
const LETTERS = 12;
const ABOVE = 13;

/**
 * The height of a flight as words over its top.
 *
 * @param say a height with its unit
 * @returns null where it flies too low for words
 */
export function apexLabel(air: Path, scale: Scale, say: (metres: Metres) => string): Label | null {
	const [, x, height] = topOfFlight(air);
	if (height * scale.factor <= LEAST_RISE) return null;
	const text = `${say(height)} high`;
	return { id: 'apex', text, x: scale.x(x), y: scale.y(height) - ABOVE, size: LETTERS, rank: 0 };
}

/** Marks on a standing person, for reading the height of a gate. */
export const BODY_MARKS: readonly { name: string; height: Metres }[] = [
	{ name: 'knee', height: 0.5 },
	{ name: 'hip', height: 0.95 },
	{ name: 'chest', height: 1.3 },
	{ name: 'head', height: 1.75 }
];

/** Pixels a metre from which the marks of a gate can be read. */
export const GATE_READABLE = 14;
const GATE_WORDS = 48;

/** The paper that a gate takes with its marks and their names; null where it is drawn too small for them. */
export const gateBox = (scale: Scale, at: Metres, base: Metres): Box | null =>
	scale.factor > GATE_READABLE
		? {
				left: scale.x(at) - GATE_WORDS,
				right: scale.x(at) + 4,
				top: scale.y(base + BODY_MARKS.at(-1)!.height) - LETTERS,
				bottom: scale.y(base)
			}
		: null;

/** Where the ball passes a gate, in words. */
export function gateWords(path: Path, at: Metres): { height: Metres; words: string } | null {
	const height = heightOnPath(path, at);
	if (Number.isNaN(height)) return null;
	const below = BODY_MARKS.filter((mark) => height >= mark.height).at(-1);
	const above = BODY_MARKS.find((mark) => height < mark.height);
	if (!below)
		return { height, words: height < 0.15 ? 'along the ground' : `below the ${above!.name}` };
	if (!above) return { height, words: 'over the head' };
	return { height, words: `${below.name} to ${above.name}` };
}

/** First and last station of the drawing. */
export function viewRange(situation: Situation): [Metres, Metres] {
	const pin = pinDistance(situation);
	const margin = Math.max(0.8, pin * 0.08);
	return [-margin, pin + Math.max(1.5, Math.min(situation.beyondPin, pin * 0.45)) + margin];
}
