import type { Radians } from '../units';

/** An ellipse about a middle. */
export interface Ellipse {
	x: number;
	y: number;
	/** Half axes, the longer first. */
	long: number;
	short: number;
	/** From x toward y to the long axis, −π/2 to π/2. */
	turn: Radians;
}

/** Middle and covariance of points. */
export interface Cloud {
	x: number;
	y: number;
	xx: number;
	xy: number;
	yy: number;
}

/**
 * Mean and sample covariance.
 *
 * @param points any number; the covariance of fewer than two is 0, the mean of none NaN
 */
export function cloudOf(points: readonly (readonly [number, number])[]): Cloud {
	const n = points.length;
	const mean = (at: 0 | 1) => points.reduce((sum, point) => sum + point[at], 0) / n;
	const [x, y] = [mean(0), mean(1)];
	const moment = (f: (dx: number, dy: number) => number) =>
		n < 2 ? 0 : points.reduce((sum, [px, py]) => sum + f(px - x, py - y), 0) / (n - 1);
	return {
		x,
		y,
		xx: moment((dx) => dx * dx),
		xy: moment((dx, dy) => dx * dy),
		yy: moment((_, dy) => dy * dy)
	};
}

/**
 * The ellipse that holds a share of a bivariate normal: half axes √(−2 ln(1 − p) · λ) along the eigenvectors of the covariance.
 *
 * @param cloud middle and covariance
 * @param share in (0, 1)
 * @source closed form of the χ² with two degrees of freedom; Johnson and Wichern, Applied Multivariate Statistical Analysis (from memory)
 */
export function ellipseOf({ x, y, xx, xy, yy }: Cloud, share: number): Ellipse {
	const middle = (xx + yy) / 2;
	const apart = Math.hypot((xx - yy) / 2, xy);
	const reach = -2 * Math.log(1 - share);
	return {
		x,
		y,
		long: Math.sqrt(reach * (middle + apart)),
		short: Math.sqrt(reach * Math.max(0, middle - apart)),
		turn: Math.atan2(2 * xy, xx - yy) / 2
	};
}
