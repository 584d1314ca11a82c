import type { SituationWire } from '$lib/io/fields/situation';

export type SegmentWire = NonNullable<SituationWire['segments']>[number];

export const MOST_SEGMENTS = 12;
const SHORTEST = 0.5;
const STEEPEST = 30;
/** Length of the piece that is cut off the end of the green when one is added. */
const NEW_LENGTH = 3;

const rounded = (value: number, step: number): number =>
	Number((Math.round(value / step) * step).toFixed(3));
const between = (low: number, value: number, high: number): number =>
	Math.min(high, Math.max(low, value));
const slope = (percent: number): number => rounded(between(-STEEPEST, percent, STEEPEST), 0.25);

/**
 * Moves the break point at the end of a piece. Along: the piece grows by what the next one loses. Up: both slopes change so that the
 * far end of the next piece stays where it is.
 */
export function movedBreak(
	segments: readonly SegmentWire[],
	index: number,
	along: number,
	up: number
): SegmentWire[] {
	const moved = structuredClone([...segments]);
	const here = moved[index];
	const next = moved[index + 1];
	if (!here || !next) return moved;
	const isLast = index + 1 === moved.length - 1;
	const most = isLast ? Infinity : next.length - SHORTEST;
	const shift = rounded(between(SHORTEST - here.length, along, most), 0.1);
	const heightHere = (here.length * here.slopeAlong) / 100 + up;
	const heightNext = (here.length * here.slopeAlong) / 100 + (next.length * next.slopeAlong) / 100;
	here.length = rounded(here.length + shift, 0.1);
	if (!isLast) next.length = rounded(next.length - shift, 0.1);
	if (up === 0) return moved;
	here.slopeAlong = slope((100 * heightHere) / here.length);
	next.slopeAlong = slope((100 * (heightNext - heightHere)) / next.length);
	return moved;
}

/** Cuts the green in two half-way to the pin; both pieces keep its slope, the second reaches to the back. */
export function firstSegments({
	edgeToPin,
	beyondPin,
	slopeAlong,
	slopeAcross
}: Pick<SituationWire, 'edgeToPin' | 'beyondPin' | 'slopeAlong' | 'slopeAcross'>): SegmentWire[] {
	const length = rounded(Math.max(SHORTEST, edgeToPin / 2), 0.5);
	const rest = rounded(Math.max(SHORTEST, edgeToPin + beyondPin - length), 0.1);
	return [
		{ length, slopeAlong, slopeAcross },
		{ length: rest, slopeAlong, slopeAcross }
	];
}

/** Adds a level piece behind the others. */
export const withSegment = (segments: readonly SegmentWire[]): SegmentWire[] => [
	...segments,
	{ length: NEW_LENGTH, slopeAlong: 0, slopeAcross: 0 }
];
