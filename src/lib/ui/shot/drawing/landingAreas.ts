import { contours } from 'd3-contour';
import { FATE, type LandingRegion } from '$lib/core/plan/studies/landingRegion';
import type { Metres } from '$lib/core/units';
import { outlinePath, type Project } from '$lib/ui/drawing/mapPicture';

/** A ball that ends this near is a good one: inside 2 m, or 6 ft. */
export const GOOD_LEAVE: Metres = 2;

/** Whether a ball landed at a spot of the region ends near the hole, on the green. */
const isGood = ({ leave, fate }: LandingRegion, at: number): boolean =>
	fate[at] === FATE.green && leave[at]! <= GOOD_LEAVE;

/** Whether it leaves the green, ends in trouble or never stops; spots the club cannot reach are neither. */
const isBad = ({ leave, fate }: LandingRegion, at: number): boolean =>
	!Number.isNaN(leave[at]!) && fate[at] !== FATE.green;

const some = (region: LandingRegion, test: (region: LandingRegion, at: number) => boolean) =>
	region.fate.some((_, at) => test(region, at));

export const hasGood = (region: LandingRegion): boolean => some(region, isGood);
export const hasBad = (region: LandingRegion): boolean => some(region, isBad);

/** Where a shot may land and where it must not, as SVG paths in the frame of the line. */
export interface LandingAreas {
	good: string;
	bad: string;
}

/** Middles of the squares in which a ball may land. */
export function goodSquares(region: LandingRegion): [Metres, Metres][] {
	const { columns, fromX, fromZ, cell } = region;
	return Array.from(region.fate, (_, at) => at)
		.filter((at) => isGood(region, at))
		.map((at) => [fromX + (at % columns) * cell, fromZ + Math.floor(at / columns) * cell]);
}

const UNKNOWN = -1e3;

/** @param project puts a place of the line (x along, z right) on the paper */
export function landingAreas(region: LandingRegion, project: Project): LandingAreas {
	const { columns, rows, leave, fate, fromX, fromZ, cell } = region;
	const shape = contours().size([columns, rows]);
	const path = (values: number[], threshold: number) =>
		shape
			.contour(values, threshold)
			.coordinates.flatMap((polygon) =>
				polygon.map((ring) =>
					outlinePath(
						ring.map(([i, j]) => [fromX + (i! - 0.5) * cell, fromZ + (j! - 0.5) * cell] as const),
						project
					)
				)
			)
			.join('');
	const nearness = Array.from(leave, (value, at) =>
		Number.isNaN(value) || fate[at] !== FATE.green ? UNKNOWN : -value
	);
	const trouble = Array.from(fate, (_, at) => (isBad(region, at) ? 1 : 0));
	return { good: path(nearness, -GOOD_LEAVE), bad: path(trouble, 0.5) };
}
