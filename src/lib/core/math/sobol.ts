/** Primitive polynomials and first direction numbers of dimensions 2 to 7: degree, coefficients, m₁ …. */
const DIRECTIONS: readonly { coefficients: number; first: readonly number[] }[] = [
	{ coefficients: 0, first: [1] },
	{ coefficients: 1, first: [1, 3] },
	{ coefficients: 1, first: [1, 3, 1] },
	{ coefficients: 2, first: [1, 1, 1] },
	{ coefficients: 1, first: [1, 1, 3, 3] },
	{ coefficients: 4, first: [1, 3, 5, 13] }
];
const BITS = 32;

/** Most dimensions there are direction numbers for. */
export const MOST_DIMENSIONS = DIRECTIONS.length + 1;

function directionNumbers(dimension: number): Uint32Array {
	const v = new Uint32Array(BITS);
	if (dimension === 0) {
		for (let i = 0; i < BITS; i++) v[i] = 1 << (BITS - 1 - i);
		return v;
	}
	const { coefficients, first } = DIRECTIONS[dimension - 1]!;
	const degree = first.length;
	for (let i = 0; i < BITS; i++) {
		if (i < degree) {
			v[i] = first[i]! << (BITS - 1 - i);
			continue;
		}
		let next = v[i - degree]! ^ (v[i - degree]! >>> degree);
		for (let k = 1; k < degree; k++) if ((coefficients >>> (degree - 1 - k)) & 1) next ^= v[i - k]!;
		v[i] = next;
	}
	return v;
}

const VECTORS = Array.from({ length: MOST_DIMENSIONS }, (_, d) => directionNumbers(d));

function reversed(bits: number): number {
	let x = bits >>> 0;
	x = ((x >>> 1) & 0x55555555) | ((x & 0x55555555) << 1);
	x = ((x >>> 2) & 0x33333333) | ((x & 0x33333333) << 2);
	x = ((x >>> 4) & 0x0f0f0f0f) | ((x & 0x0f0f0f0f) << 4);
	x = ((x >>> 8) & 0x00ff00ff) | ((x & 0x00ff00ff) << 8);
	return ((x >>> 16) | (x << 16)) >>> 0;
}

/** Owen's nested scrambling of one coordinate by a hash in which each bit depends on the higher ones only. */
function scrambled(bits: number, seed: number): number {
	let x = reversed(bits);
	x = (x + seed) | 0;
	x ^= Math.imul(x, 0x6c50b47c);
	x ^= Math.imul(x, 0xb82f1e52);
	x ^= Math.imul(x, 0xc7afe638);
	x ^= Math.imul(x, 0x8d22f6e6);
	return reversed(x);
}

/** Spreads a seed over the dimensions (finaliser of MurmurHash3). */
function hashed(seed: number, dimension: number): number {
	let h = (seed ^ Math.imul(dimension + 1, 0x9e3779b9)) | 0;
	h = Math.imul(h ^ (h >>> 16), 0x85ebca6b);
	h = Math.imul(h ^ (h >>> 13), 0xc2b2ae35);
	return h ^ (h >>> 16);
}

/**
 * A coordinate of a point of the Sobol sequence, scrambled by a seed: points of any seed fill the unit cube evenly, and averages over
 * them err less than over independent points.
 *
 * @param index 0, 1, 2 …; the first 2ⁿ points have one in each of 2ⁿ equal intervals of every coordinate
 * @param dimension 0 to `MOST_DIMENSIONS` − 1
 * @returns in (0, 1)
 * @throws RangeError for a dimension without direction numbers
 * @source S. Joe and F. Kuo, Constructing Sobol sequences with better two-dimensional projections, SIAM J. Sci. Comput. 30 (2008), direction
 *   numbers from memory; B. Burley, Practical hash-based Owen scrambling, J. Computer Graphics Techniques 9 (2020)
 */
export function sobol(index: number, dimension: number, seed: number): number {
	const vectors = VECTORS[dimension];
	if (!vectors) throw new RangeError(`sobol: dimension ${dimension}`);
	let bits = 0;
	for (let i = 0, rest = index; rest !== 0; i++, rest >>>= 1) if (rest & 1) bits ^= vectors[i]!;
	return (scrambled(bits, hashed(seed, dimension)) + 0.5) / 2 ** BITS;
}
