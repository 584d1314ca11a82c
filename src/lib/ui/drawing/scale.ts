import { scaleLinear } from 'd3-scale';
import { line } from 'd3-shape';
import type { Metres } from '$lib/core/units';

/** A drawing true to scale: metres to pixels, the same along and up. */
export interface Scale {
	width: number;
	height: number;
	/** Pixels per metre. */
	factor: number;
	x(metres: Metres): number;
	y(metres: Metres): number;
	metresAt(x: number): Metres;
}

/**
 * @param from, to stations along the line that must be visible
 * @param baseline pixels from the top at which height 0 lies
 */
export function trueScale(
	from: Metres,
	to: Metres,
	width: number,
	height: number,
	baseline: number,
	margin: number
): Scale {
	const along = scaleLinear()
		.domain([from, to])
		.range([margin, width - margin]);
	const factor = along(1) - along(0);
	return {
		width,
		height,
		factor,
		x: (metres) => along(metres),
		y: (metres) => baseline - metres * factor,
		metresAt: (x) => along.invert(x)
	};
}

const draw = line();

/** SVG path through points in pixels. */
export const pathThrough = (points: readonly [number, number][]): string =>
	draw(points as [number, number][]) ?? '';

/** Stations for a ruler of readable steps, about one every 70 px. */
export function rulerTicks(from: number, to: number, pixels: number): number[] {
	return scaleLinear()
		.domain([from, to])
		.ticks(Math.max(2, Math.floor(pixels / 70)));
}

/** Every so many of a row of marks, so that the words below them do not touch: each has so many pixels. */
export function everyFew<T>(marks: readonly T[], width: number, room: number): T[] {
	const every = Math.ceil(marks.length / Math.max(2, Math.floor(width / room)));
	return marks.filter((_, i) => i % every === 0);
}
