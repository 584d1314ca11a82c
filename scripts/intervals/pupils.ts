/**
 * Pupils whose truth is known, made without the code that measures them: another generator, distributions of their own. A pupil has a
 * carry of their own, balls spread about it, days that differ, and arms that tire.
 */

/** How the balls of a day lie about that day's middle. */
export const SHAPES = ['normal', 'skewed', 'wild'] as const;
export type Shape = (typeof SHAPES)[number];

/** When balls are hit: all on one day, over three days, or on one day without a rest. */
export const PLANS = ['one day', 'three days', 'tiring'] as const;
export type Plan = (typeof PLANS)[number];

export interface Truth {
	/** Middle of all balls of all days, rested; metres. */
	carry: number;
	/** Relative spread of a ball on one day. */
	spread: number;
	/** Relative spread of the days. */
	days: number;
	shape: Shape;
	plan: Plan;
}

/** Weyl sequence with a finalizer (Steele, Lea and Flood 2014). */
export function uniforms(seed: number): () => number {
	let state = (seed * 0x9e3779b9) >>> 0;
	return () => {
		state = (state + 0x9e3779b9) >>> 0;
		let z = state;
		z = Math.imul(z ^ (z >>> 16), 0x85ebca6b);
		z = Math.imul(z ^ (z >>> 13), 0xc2b2ae35);
		return ((z ^ (z >>> 16)) >>> 0) / 2 ** 32;
	};
}

/** One standard normal (Box and Muller 1958). */
export const normal = (u: () => number): number =>
	Math.sqrt(-2 * Math.log(1 - u())) * Math.cos(2 * Math.PI * u());

/** A sum of three exponentials turned about: most balls a little long, a few much short; mean 0, deviation 1, skewness −1.15. */
export const skewed = (u: () => number): number =>
	(3 + Math.log(1 - u()) + Math.log(1 - u()) + Math.log(1 - u())) / Math.sqrt(3);

/** One ball in this many is duffed to between a fifth and three fifths of its way. */
const DUFFED = 20;
/** Arms lose this share of the carry over so many balls. */
const TIRED = { by: 0.1, over: 30 };

function ball({ spread, shape }: Truth, u: () => number): number {
	if (shape === 'wild' && u() * DUFFED < 1) return 0.2 + 0.4 * u();
	return 1 + spread * (shape === 'skewed' ? skewed(u) : normal(u));
}

export interface Hit {
	day: number;
	carry: number;
}

/** So many balls of a pupil, in the order they were hit. */
export function balls(truth: Truth, n: number, seed: number): Hit[] {
	const u = uniforms(seed);
	const count = truth.plan === 'three days' ? 3 : 1;
	const factors = Array.from({ length: count }, () => 1 + truth.days * normal(u));
	return Array.from({ length: n }, (_, i) => {
		const day = Math.floor((i * count) / n);
		const tired = truth.plan === 'tiring' ? 1 - (TIRED.by * i) / TIRED.over : 1;
		const carry = truth.carry * factors[day]! * tired * ball(truth, u);
		return { day, carry: Math.max(0.1, carry) };
	});
}

const MANY = 40_000;

/** Where the middle of a pupil's ordinary balls lies, duffed ones aside: counted, not computed. */
export function middleOf(truth: Truth): number {
	const u = uniforms(99);
	const plain = { ...truth, shape: truth.shape === 'wild' ? ('normal' as const) : truth.shape };
	const all = Array.from({ length: MANY }, () => ball(plain, u)).sort((a, b) => a - b);
	// Between mean and median, as anybody would who does not let a few far ones pull: the middle nine tenths.
	const kept = all.slice(MANY / 20, MANY - MANY / 20);
	return (truth.carry * kept.reduce((sum, x) => sum + x, 0)) / kept.length;
}
