/** A smooth curve through points: its value at an abscissa, level beyond both ends. */
export type Curve = (x: number) => number;

const signed = (a: number, b: number): boolean => a * b > 0;

/** Slopes at the points: none where the points turn, and nowhere so steep that the curve overshoots. */
function slopesOf(steps: readonly number[], secants: readonly number[]): number[] {
	const last = secants.length;
	return Array.from({ length: last + 1 }, (_, i) => {
		if (i === 0) return secants[0]!;
		if (i === last) return secants[last - 1]!;
		const [before, after] = [secants[i - 1]!, secants[i]!];
		if (!signed(before, after)) return 0;
		const [short, long] = [steps[i - 1]!, steps[i]!];
		// The weighted harmonic mean never leaves the region in which the cubic is monotone.
		const [v, w] = [2 * long + short, long + 2 * short];
		return (v + w) / (v / before + w / after);
	});
}

/**
 * A cubic through points that rises where they rise and falls where they fall, without a turn between them.
 *
 * @param xs strictly ascending, at least one
 * @param ys as many as xs
 * @throws RangeError when the lists are empty or of different length
 * @source F. N. Fritsch and R. E. Carlson, Monotone piecewise cubic interpolation, SIAM Journal on Numerical Analysis 17 (1980), with
 * the slopes of Fritsch and Butland (1984)
 */
export function monotoneCurve(xs: readonly number[], ys: readonly number[]): Curve {
	if (xs.length === 0 || xs.length !== ys.length)
		throw new RangeError(`monotoneCurve: ${xs.length} abscissae, ${ys.length} ordinates`);
	const last = xs.length - 1;
	const steps = xs.slice(1).map((x, i) => x - xs[i]!);
	const secants = steps.map((step, i) => (ys[i + 1]! - ys[i]!) / step);
	const slopes = last === 0 ? [0] : slopesOf(steps, secants);
	return (x) => {
		if (x <= xs[0]!) return ys[0]!;
		if (x >= xs[last]!) return ys[last]!;
		let i = 0;
		while (xs[i + 1]! < x) i++;
		const h = steps[i]!;
		const t = (x - xs[i]!) / h;
		const back = 1 - t;
		return (
			ys[i]! * (1 + 2 * t) * back * back +
			slopes[i]! * h * t * back * back +
			ys[i + 1]! * t * t * (3 - 2 * t) -
			slopes[i + 1]! * h * t * t * back
		);
	};
}
