import { contours } from 'd3-contour';
import { FATE, type LandingRegion } from '$lib/core/plan/landingRegion';
import type { Metres } from '$lib/core/units';
import { outlinePath, type Project } from './mapPicture';

/** A ball that ends this near is a good one: inside 2 m, or 6 ft. */
export const GOOD_LEAVE: Metres = 2;

/** Where a shot may land and where it must not, as SVG paths in the frame of the line. */
export interface LandingAreas {
	good: string;
	bad: string;
	/** Share of the landing spots looked at that are good. */
	goodShare: number;
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
	const known = Array.from(leave, (value) => !Number.isNaN(value));
	const nearness = Array.from(leave, (value, i) =>
		known[i] && fate[i] === FATE.green ? -value : UNKNOWN
	);
	const trouble = Array.from(fate, (value, i) => (known[i] && value !== FATE.green ? 1 : 0));
	const good = nearness.filter((value) => value >= -GOOD_LEAVE).length;
	return {
		good: path(nearness, -GOOD_LEAVE),
		bad: path(trouble, 0.5),
		goodShare: good / Math.max(1, known.filter(Boolean).length)
	};
}
