/**
 * How often a standard normal value lies above z.
 *
 * @param z any
 * @returns within 7.5e-8
 * @source M. Abramowitz and I. Stegun, Handbook of Mathematical Functions (1964), 26.2.17
 */
export function normalTail(z: number): number {
	const t = 1 / (1 + 0.2316419 * Math.abs(z));
	const series =
		t *
		(0.31938153 + t * (-0.356563782 + t * (1.781477937 + t * (-1.821255978 + t * 1.330274429))));
	const tail = (Math.exp((-z * z) / 2) / Math.sqrt(2 * Math.PI)) * series;
	return z >= 0 ? tail : 1 - tail;
}
