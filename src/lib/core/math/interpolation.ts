/**
 * Linear interpolation in a table, level beyond both ends.
 *
 * @param xs strictly ascending, at least one entry
 * @param ys as many as xs
 * @throws RangeError when the lists are empty or of different length
 */
export function interpolate(xs: readonly number[], ys: readonly number[], x: number): number {
	if (xs.length === 0 || xs.length !== ys.length)
		throw new RangeError(`interpolate: ${xs.length} abscissae, ${ys.length} ordinates`);
	const last = xs.length - 1;
	if (x <= xs[0]!) return ys[0]!;
	if (x >= xs[last]!) return ys[last]!;
	let i = 1;
	while (xs[i]! < x) i++;
	const share = (x - xs[i - 1]!) / (xs[i]! - xs[i - 1]!);
	return ys[i - 1]! + (ys[i]! - ys[i - 1]!) * share;
}

/**
 * The same, but past the last entry along the last piece: what grows goes on growing.
 *
 * @param xs strictly ascending, at least two entries
 * @param ys as many as xs
 * @throws RangeError when the lists are empty or of different length
 */
export function interpolateOn(xs: readonly number[], ys: readonly number[], x: number): number {
	const last = xs.length - 1;
	const past = x - xs[last]!;
	if (!(past > 0)) return interpolate(xs, ys, x);
	return ys[last]! + (past * (ys[last]! - ys[last - 1]!)) / (xs[last]! - xs[last - 1]!);
}
