/** How a bracketed search ended; `x` is the best value so far in every case. */
export interface RootResult {
	status: 'converged' | 'noBracket' | 'jump' | 'iterationCap';
	x: number;
	residual: number;
	iterations: number;
}

export interface RootOptions {
	/** Stop when |f| is at most this. */
	tolerance: number;
	/** Stop when the bracket is narrower than this; an |f| still above the tolerance is then a jump. */
	width: number;
	maxIterations: number;
	/** Where it is given: a bracket narrower than `width`, both of whose ends lie farther than `size` from zero, is a jump already. */
	gap?: { width: number; size: number };
}

/** Values of a function at both ends of an interval. */
export type Ends = readonly [low: number, high: number];

/** Whether a bracket shows a jump, or is too narrow to look on. */
function isJump(wide: number, nearest: number, { width, gap }: RootOptions): boolean {
	return wide < width || (gap !== undefined && wide < gap.width && nearest > gap.size);
}

/**
 * Finds a zero of `f` between `low` and `high`, where f changes sign (regula falsi, Illinois variant).
 *
 * @param f a function of one number; may jump
 * @param options caps and tolerances, all positive
 * @param ends f at both, where that is known already
 * @returns `noBracket` when f has the same sign at both ends, `jump` when f crosses zero without reaching it
 * @source M. Dowell and P. Jarratt, A modified regula falsi method, BIT 11 (1971)
 */
export function findRoot(
	f: (x: number) => number,
	low: number,
	high: number,
	options: RootOptions,
	ends: Ends = [f(low), f(high)]
): RootResult {
	let a = low;
	let b = high;
	let [fa, fb] = ends;
	if (Math.abs(fa) <= options.tolerance)
		return { status: 'converged', x: a, residual: fa, iterations: 0 };
	if (Math.abs(fb) <= options.tolerance)
		return { status: 'converged', x: b, residual: fb, iterations: 0 };
	if (fa * fb > 0) {
		const nearest = Math.abs(fa) < Math.abs(fb);
		return {
			status: 'noBracket',
			x: nearest ? a : b,
			residual: nearest ? fa : fb,
			iterations: 0
		};
	}
	let wa = fa;
	let wb = fb;
	for (let i = 1; i <= options.maxIterations; i++) {
		// Every fourth step halves the bracket, so that a jump cannot stall the secant.
		const x = i % 4 === 0 ? (a + b) / 2 : (a * wb - b * wa) / (wb - wa);
		const fx = f(x);
		if (Math.abs(fx) <= options.tolerance)
			return { status: 'converged', x, residual: fx, iterations: i };
		if (fx * fb < 0) {
			a = b;
			fa = wa = fb;
		} else {
			wa /= 2;
		}
		b = x;
		fb = wb = fx;
		if (isJump(Math.abs(b - a), Math.min(Math.abs(fa), Math.abs(fb)), options)) {
			const best = Math.abs(fa) < Math.abs(fb);
			return { status: 'jump', x: best ? a : b, residual: best ? fa : fb, iterations: i };
		}
	}
	return { status: 'iterationCap', x: b, residual: fb, iterations: options.maxIterations };
}
