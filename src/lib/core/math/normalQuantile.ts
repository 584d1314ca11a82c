const CENTRE = {
	over: [
		-39.69683028665376, 220.9460984245205, -275.9285104469687, 138.357751867269, -30.66479806614716,
		2.506628277459239
	],
	under: [
		-54.47609879822406, 161.5858368580409, -155.6989798598866, 66.80131188771972,
		-13.28068155288572, 1
	]
};
const TAIL = {
	over: [
		-0.007784894002430293, -0.3223964580411365, -2.400758277161838, -2.549732539343734,
		4.374664141464968, 2.938163982698783
	],
	under: [0.007784695709041462, 0.3224671290700398, 2.445134137142996, 3.754408661907416, 1]
};
const TAIL_FROM = 0.02425;

const polynomial = (coefficients: readonly number[], x: number): number =>
	coefficients.reduce((sum, c) => sum * x + c, 0);

/**
 * The standard normal number below which a share p lies.
 *
 * @param p in (0, 1); NaN outside
 * @returns within 1.2·10⁻⁹ of the exact value, relative
 * @source P. Acklam's rational approximation (2003), coefficients from memory
 */
export function normalQuantile(p: number): number {
	if (!(p > 0 && p < 1)) return NaN;
	if (p > 0.5) return -normalQuantile(1 - p);
	if (p < TAIL_FROM) {
		const q = Math.sqrt(-2 * Math.log(p));
		return polynomial(TAIL.over, q) / polynomial(TAIL.under, q);
	}
	const q = p - 0.5;
	const r = q * q;
	return (polynomial(CENTRE.over, r) * q) / polynomial(CENTRE.under, r);
}
