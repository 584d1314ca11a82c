/** A rectangle of the paper, in pixels. */
export interface Box {
	left: number;
	top: number;
	right: number;
	bottom: number;
}

/** A piece of text that would like to stand somewhere. */
export interface Label {
	id: string;
	text: string;
	/** Middle of the baseline. */
	x: number;
	y: number;
	/** Height of the letters. */
	size: number;
	/** Less is more important: those are placed first and never give way. */
	rank: number;
	/** Shifts that are tried in turn; as it stands only, where there are none. */
	shifts?: readonly (readonly [number, number])[];
}

const AS_IT_STANDS: readonly (readonly [number, number])[] = [[0, 0]];
/** Width of a letter and rise above the baseline as shares of its size, wide enough for both faces of type. */
const LETTER_WIDTH = 0.58;
const RISE = 0.8;
const FALL = 0.22;

/** The paper a text covers with the middle of its baseline at a place. */
export function textBox(text: string, size: number, x: number, y: number): Box {
	const half = (text.length * size * LETTER_WIDTH) / 2;
	return { left: x - half, right: x + half, top: y - RISE * size, bottom: y + FALL * size };
}

/** Labels keep this far from each other, in pixels: words that touch read as one. */
const GAP = 4;

/** The paper a text covers with the room around it that other words leave free. */
export function textRoom(text: string, size: number, x: number, y: number): Box {
	const { left, right, top, bottom } = textBox(text, size, x, y);
	return { left: left - GAP, right: right + GAP, top: top - GAP / 2, bottom: bottom + GAP / 2 };
}

const meet = (a: Box, b: Box, gap: number): boolean =>
	a.left < b.right + gap &&
	b.left < a.right + gap &&
	a.top < b.bottom + gap / 2 &&
	b.top < a.bottom + gap / 2;

/** Small boxes along a line, so that text keeps off it. */
export function lineBoxes(points: readonly (readonly [number, number])[], margin = 2): Box[] {
	return points.slice(1).map(([x1, y1], i) => {
		const [x0, y0] = points[i]!;
		return {
			left: Math.min(x0, x1) - margin,
			right: Math.max(x0, x1) + margin,
			top: Math.min(y0, y1) - margin,
			bottom: Math.max(y0, y1) + margin
		};
	});
}

const PIECES = 4;

/** Points along a straight line, close enough that the boxes between them hug it. */
export const pieces = (from: readonly number[], to: readonly number[]): [number, number][] =>
	Array.from({ length: PIECES + 1 }, (_, i) => {
		const share = i / PIECES;
		return [from[0]! + (to[0]! - from[0]!) * share, from[1]! + (to[1]! - from[1]!) * share];
	});

/** A box around a mark. */
export const markBox = (x: number, y: number, reach: number): Box => ({
	left: x - reach,
	right: x + reach,
	top: y - reach,
	bottom: y + reach
});

const inside = (box: Box, paper: Box): boolean =>
	box.left >= paper.left &&
	box.right <= paper.right &&
	box.top >= paper.top &&
	box.bottom <= paper.bottom;

/**
 * Finds room for labels: the more important first, each where it would like to stand or at the first shift that is free. What finds no
 * room is left out.
 *
 * @param taken what labels must keep off
 * @param paper what they must stay on; anywhere where it is left out
 * @returns places by id, in pixels; labels that are left out are not among them
 */
export function placeLabels(
	labels: readonly Label[],
	taken: readonly Box[] = [],
	paper?: Box
): Map<string, [number, number]> {
	const words: Box[] = [];
	const placed = new Map<string, [number, number]>();
	for (const { id, text, x, y, size, shifts = AS_IT_STANDS } of [...labels].sort(
		(a, b) => a.rank - b.rank
	)) {
		for (const [dx, dy] of shifts) {
			const box = textBox(text, size, x + dx, y + dy);
			if (paper && !inside(box, paper)) continue;
			if (taken.some((other) => meet(box, other, 0))) continue;
			if (words.some((other) => meet(box, other, GAP))) continue;
			words.push(box);
			placed.set(id, [x + dx, y + dy]);
			break;
		}
	}
	return placed;
}
