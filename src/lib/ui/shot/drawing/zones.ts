import type { Metres } from '$lib/core/units';

/** An ellipse that holds a share of a cloud of finishes, if they scattered normally around their middle. */
export interface Zone {
	x: Metres;
	z: Metres;
	/** Half axes. */
	long: Metres;
	short: Metres;
	/** Of the long axis against the line of play, degrees, + toward the right. */
	turn: number;
}

const median = (values: number[]): number => {
	const sorted = [...values].sort((a, b) => a - b);
	return sorted[Math.floor(sorted.length / 2)]!;
};

/**
 * Zone of a cloud: centred on the medians, shaped like the covariance, and grown until it really holds the share.
 *
 * @param points at least three, (x, z)
 * @param share in (0, 1)
 * @returns null for fewer points
 */
export function zoneOf(points: readonly [Metres, Metres][], share: number): Zone | null {
	if (points.length < 3) return null;
	const x = median(points.map((point) => point[0]));
	const z = median(points.map((point) => point[1]));
	const near = points.map(([px, pz]) => [px - x, pz - z] as const);
	const kept = [...near]
		.sort((a, b) => Math.hypot(...a) - Math.hypot(...b))
		.slice(0, Math.ceil(near.length * 0.85));
	const xx = average(kept.map(([a]) => a * a)) + 1e-6;
	const zz = average(kept.map(([, b]) => b * b)) + 1e-6;
	const xz = average(kept.map(([a, b]) => a * b));
	const turn = Math.atan2(2 * xz, xx - zz) / 2;
	const spread = Math.sqrt(((xx - zz) / 2) ** 2 + xz * xz);
	const long = Math.sqrt((xx + zz) / 2 + spread);
	const short = Math.sqrt(Math.max(1e-9, (xx + zz) / 2 - spread));
	const reach = near.map(([a, b]) => {
		const u = (a * Math.cos(turn) + b * Math.sin(turn)) / long;
		const v = (b * Math.cos(turn) - a * Math.sin(turn)) / short;
		return Math.hypot(u, v);
	});
	const grown = reach.sort((a, b) => a - b)[
		Math.min(reach.length - 1, Math.ceil(reach.length * share) - 1)
	]!;
	return { x, z, long: long * grown, short: short * grown, turn: (turn * 180) / Math.PI };
}

/** The zones that hold half and nine tenths. */
export const zonesOf = (points: readonly [Metres, Metres][]): Zone[] =>
	[0.5, 0.9].flatMap((share) => zoneOf(points, share) ?? []);

const average = (values: readonly number[]): number =>
	values.reduce((sum, value) => sum + value, 0) / values.length;
