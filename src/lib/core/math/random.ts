/** A source of randomness is always handed in; the core never reaches for an ambient one. */
export interface Rng {
	/** Uniform in [0, 1). */
	uniform(): number;
	/** Standard normal. */
	normal(): number;
}

/**
 * A seeded generator: sfc32 for the uniforms, Marsaglia's polar method for the normals.
 *
 * @param seed any finite number; its 32 low bits count
 * @returns the same sequence for the same seed on every machine
 * @source C. Doty-Humphrey, PractRand (sfc32); G. Marsaglia and T. Bray, SIAM Review 6 (1964)
 */
export function createRng(seed: number): Rng {
	let a = seed | 0;
	let b = 0x9e3779b9;
	let c = 0x243f6a88;
	let counter = 1;
	const next = () => {
		const t = (((a + b) | 0) + counter) | 0;
		counter = (counter + 1) | 0;
		a = b ^ (b >>> 9);
		b = (c + (c << 3)) | 0;
		c = ((c << 21) | (c >>> 11)) + t;
		return (t >>> 0) / 4294967296;
	};
	for (let i = 0; i < 15; i++) next();
	let spare = NaN;
	return {
		uniform: next,
		normal() {
			if (!Number.isNaN(spare)) {
				const value = spare;
				spare = NaN;
				return value;
			}
			let u: number, v: number, s: number;
			do {
				u = 2 * next() - 1;
				v = 2 * next() - 1;
				s = u * u + v * v;
			} while (s >= 1 || s === 0);
			const scale = Math.sqrt((-2 * Math.log(s)) / s);
			spare = v * scale;
			return u * scale;
		}
	};
}
