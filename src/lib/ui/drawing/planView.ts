import { toLine, type Placement } from '$lib/core/green/surveyed';
import { boundsOf, type Point } from '$lib/core/math/polygon';
import { degrees, type Radians } from '$lib/core/units';
import type { Project } from './mapPicture';
import type { Scale } from './scale';

/** How a map lies on the paper. */
export interface PlanView {
	project: Project;
	/** Pixels per metre. */
	factor: number;
	/** Direction of the map that points to the right of the paper. */
	heading: Radians;
	/** The same in degrees, for turning what is drawn upright on the map. */
	turn: number;
}

const MARGIN = 24;

/** The line of play runs to the right, its stations under those of the section. */
function along(placement: Placement, scale: Scale, height: number): PlanView {
	const project: Project = (u, v) => {
		const [x, z] = toLine(placement, u, v);
		return [scale.x(x), height / 2 + z * scale.factor];
	};
	const { heading } = placement;
	return { project, factor: scale.factor, heading, turn: degrees(heading) };
}

/** Everything in view, the top of the map up. */
function whole(
	outline: readonly Point[],
	others: readonly Point[],
	width: number,
	height: number,
	margin = MARGIN
): PlanView {
	const [lowU, lowV, highU, highV] = boundsOf([...outline, ...others]);
	const factor = Math.min(
		(width - 2 * margin) / Math.max(1, highU - lowU),
		(height - 2 * margin) / Math.max(1, highV - lowV)
	);
	const [midU, midV] = [(lowU + highU) / 2, (lowV + highV) / 2];
	const project: Project = (u, v) => [
		width / 2 + (u - midU) * factor,
		height / 2 - (v - midV) * factor
	];
	return { project, factor, heading: 0, turn: 0 };
}

export const planView = { along, whole };
