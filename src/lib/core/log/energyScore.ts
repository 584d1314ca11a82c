import type { Point } from '../math/polygon';
import type { Metres } from '../units';

const apart = (a: Point, b: Point): Metres => Math.hypot(a[0] - b[0], a[1] - b[1]);

/**
 * How far a forecast was from what came, in metres; the smaller the better. On average nobody scores better than with what they believe:
 * too narrow costs as well as too wide. Pairs are counted without a ball's distance from itself, so that few balls are not scored worse
 * than many.
 *
 * @param balls of the forecast, at least two
 * @param result where it ended
 * @source T. Gneiting and A. E. Raftery, Strictly proper scoring rules, prediction, and estimation, Journal of the American Statistical
 * Association 102 (2007), equation 22; fair for an ensemble after C. A. T. Ferro, Quarterly Journal of the Royal Meteorological Society
 * 140 (2014)
 */
export function energyScore(balls: readonly Point[], result: Point): Metres {
	const n = balls.length;
	let off = 0;
	let between = 0;
	for (let i = 0; i < n; i++) {
		off += apart(balls[i]!, result);
		for (let j = 0; j < i; j++) between += apart(balls[i]!, balls[j]!);
	}
	return off / n - between / (n * (n - 1));
}
