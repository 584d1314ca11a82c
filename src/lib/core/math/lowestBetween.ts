/**
 * Where a parabola through values at places is lowest, between the neighbours of the lowest; the lowest itself at an end.
 *
 * @param places at least one, in any order
 */
export function lowestBetween(places: readonly { at: number; value: number }[]): number {
	const sorted = [...places].sort((a, b) => a.at - b.at);
	const i = sorted.reduce((best, p, k) => (p.value < sorted[best]!.value ? k : best), 0);
	const [a, b, c] = [sorted[i - 1], sorted[i]!, sorted[i + 1]];
	if (!a || !c) return b.at;
	const left = (b.at - a.at) * (b.value - c.value);
	const right = (b.at - c.at) * (b.value - a.value);
	const denominator = 2 * (left - right);
	if (Math.abs(denominator) < 1e-9) return b.at;
	const lowest = b.at - ((b.at - a.at) * left - (b.at - c.at) * right) / denominator;
	return Math.max(a.at, Math.min(c.at, lowest));
}
