/**
 * The p-quantile of numbers already sorted upward, linear between neighbours (type 7 of Hyndman and Fan, 1996).
 *
 * @param sorted ascending; an empty list gives NaN
 * @param p in [0, 1]
 */
export function quantileSorted(sorted: ArrayLike<number>, p: number): number {
	if (sorted.length === 0) return NaN;
	const position = (sorted.length - 1) * p;
	const below = Math.floor(position);
	const above = Math.min(below + 1, sorted.length - 1);
	const low = sorted[below]!;
	return low + (sorted[above]! - low) * (position - below);
}
