import type { Point } from '../math/polygon';
import { cloudOf } from '../math/ellipse';

/** Added to each variance, so that a heap of equal places has an inside: a centimetre, as places are noted. */
const GRAIN = 0.01 ** 2;

/** Variance of a number that is evenly spread from 0 to 1, as ranks of honest forecasts are. */
export const EVEN_VARIANCE = 1 / 12;

/** Squared distances of points from their middle, by their own covariance. */
function outness(points: readonly Point[]): number[] {
	const { x, y, xx, xy, yy } = cloudOf(points);
	const [a, b] = [xx + GRAIN, yy + GRAIN];
	const area = a * b - xy * xy;
	return points.map(([px, py]) => {
		const [dx, dy] = [px - x, py - y];
		return (b * dx * dx - 2 * xy * dx * dy + a * dy * dy) / area;
	});
}

/**
 * How far out a result lies among the balls that were forecast: 0 in the middle of them, 1 outside all. The result is measured like one of
 * them, itself included in middle and covariance, so that for an honest forecast every rank is equally likely, whatever its shape.
 *
 * @param balls of the forecast
 * @param result of the same kind
 * @param tie in [0, 1): which of several equal ranks it gets; fixed for each result
 * @returns in [0, 1)
 * @source ranks of an exchangeable score: Vovk, Gammerman and Shafer, Algorithmic Learning in a Random World (2005); the distance is
 * Mahalanobis' (1936)
 */
export function depthRank(balls: readonly Point[], result: Point, tie: number): number {
	const out = outness([...balls, result]);
	const own = out[balls.length]!;
	return rankAmong(out.slice(0, -1), own, tie);
}

/**
 * The rank of a number among others: the share of them below it, evenly spread over what equal ones leave open.
 *
 * @param others at least one
 * @param tie in [0, 1)
 * @returns in [0, 1)
 */
export function rankAmong(others: readonly number[], own: number, tie: number): number {
	const below = others.filter((other) => other < own).length;
	const equal = others.filter((other) => other === own).length;
	return (below + tie * (equal + 1)) / (others.length + 1);
}

/** A number in [0, 1) that is always the same for a text: what decides ties, since luck would change with every look. */
export function tieOf(id: string): number {
	let hash = 0x811c9dc5;
	for (let i = 0; i < id.length; i++) hash = Math.imul(hash ^ id.charCodeAt(i), 0x01000193);
	hash = Math.imul(hash ^ (hash >>> 16), 0x85ebca6b);
	return ((hash ^ (hash >>> 13)) >>> 0) / 2 ** 32;
}
