import { inverseOf, times } from '../math/linear';
import type { Metres, Ratio } from '../units';
import type { SpotHeight, TiltReading } from './green';

/** How well heights and slopes are read with tape, staff and level: one standard deviation (assumption). */
export const READING_NOISE: { height: Metres; slope: Ratio } = { height: 0.008, slope: 0.003 };

/** A bad reading lies this many standard deviations, its own noise among them, from what its neighbours say. */
const BAD_DEVIATIONS = 4;
const MOST_BAD = 5;
/** Roughness values that are tried, m² per m³: from a billiard table to a moonscape. */
const ROUGHNESS = Array.from({ length: 10 }, (_, i) => 10 ** (-7.5 + i / 2));
/** Readings from which the roughness is chosen; more would not change it and cost time. */
const ENOUGH_FOR_ROUGHNESS = 80;
/** What is known of the plane under the green before anything is read: level give or take this slope. */
const PRIOR_SLOPE = 0.2;
const PRIOR_HEIGHT = 1e3;

/** What one number says of the surface: its height or one part of its gradient at a place. */
interface Datum {
	u: Metres;
	v: Metres;
	about: 'height' | 'gradientU' | 'gradientV';
	value: number;
	variance: number;
	/** Which reading it came from: heights first, then tilts. */
	reading: number;
}

/** A reading against what all the others say of its place. */
export interface Residual {
	/** Index among the spots, or among the tilts. */
	index: number;
	kind: 'spot' | 'tilt';
	/** Read minus expected: m for a spot, slope for a tilt. */
	difference: number;
	bad: boolean;
}

/** A smooth surface through readings. */
export interface SpotFit {
	/** Best height at a place. */
	height: (u: Metres, v: Metres) => Metres;
	/** One standard deviation of that height against the readings' level, m. */
	uncertainty: (u: Metres, v: Metres) => Metres;
	residuals(): Residual[];
	/** How rough the surface was found to be, m² per m³. */
	roughness: number;
}

function dataOf(spots: readonly SpotHeight[], tilts: readonly TiltReading[]): Datum[] {
	const heights = spots.map(({ u, v, height }, reading): Datum => {
		return { u, v, about: 'height', value: height, variance: READING_NOISE.height ** 2, reading };
	});
	const slopes = tilts.flatMap(({ u, v, slope, fallsTowards }, i): Datum[] => {
		const common = { u, v, variance: READING_NOISE.slope ** 2, reading: spots.length + i };
		return [
			{ ...common, about: 'gradientU', value: -slope * Math.cos(fallsTowards) },
			{ ...common, about: 'gradientV', value: -slope * Math.sin(fallsTowards) }
		];
	});
	return [...heights, ...slopes];
}

const ANCHOR = -1;

/** Slopes alone leave the level open: the first of them is put at height 0. */
function anchored(data: Datum[]): Datum[] {
	const first = data[0];
	if (!first || data.some((datum) => datum.about === 'height')) return data;
	const { u, v } = first;
	return [...data, { u, v, about: 'height', value: 0, variance: 1e-8, reading: ANCHOR }];
}

/** Generalised covariance |h|³ of two data, with its derivatives where one or both are slopes. */
function covariance(a: Datum, b: Datum): number {
	const du = a.u - b.u;
	const dv = a.v - b.v;
	const r = Math.sqrt(du * du + dv * dv);
	if (a.about === 'height') {
		if (b.about === 'height') return r * r * r;
		return -3 * r * (b.about === 'gradientU' ? du : dv);
	}
	const alongA = a.about === 'gradientU' ? du : dv;
	if (b.about === 'height') return 3 * r * alongA;
	const alongB = b.about === 'gradientU' ? du : dv;
	return r === 0 ? 0 : -3 * ((alongA * alongB) / r + (a.about === b.about ? r : 0));
}

/** What a datum sees of the plane: its constant and two slopes. */
function drift({ u, v, about }: Datum): [number, number, number] {
	if (about === 'height') return [1, u, v];
	return about === 'gradientU' ? [0, 1, 0] : [0, 0, 1];
}

const PLANE = 3;
const PRIOR = [-1 / PRIOR_HEIGHT ** 2, -1 / PRIOR_SLOPE ** 2, -1 / PRIOR_SLOPE ** 2];

/** The kriging system of data at one roughness, row after row. */
function system(data: readonly Datum[], roughness: number): Float64Array {
	const n = data.length;
	const size = n + PLANE;
	const matrix = new Float64Array(size * size);
	for (let i = 0; i < n; i++) {
		for (let j = 0; j <= i; j++) {
			const value = roughness * covariance(data[i]!, data[j]!);
			matrix[i * size + j] = value;
			matrix[j * size + i] = value;
		}
		matrix[i * size + i]! += data[i]!.variance;
		drift(data[i]!).forEach((value, k) => {
			matrix[i * size + n + k] = value;
			matrix[(n + k) * size + i] = value;
		});
	}
	PRIOR.forEach((value, k) => (matrix[(n + k) * (size + 1)] = value));
	return matrix;
}

interface Solved {
	data: readonly Datum[];
	roughness: number;
	/** Row after row. */
	inverse: Float64Array;
	weights: Float64Array;
}

function solve(data: readonly Datum[], roughness: number): Solved {
	const inverse = inverseOf(system(data, roughness), data.length + PLANE);
	const weights = times(inverse, [...data.map((datum) => datum.value), 0, 0, 0]);
	return { data, roughness, inverse, weights };
}

/** Each datum against what the others say: difference and its variance, without solving again. */
const leaveOneOut = ({ inverse, weights }: Solved, i: number) => {
	const precision = inverse[i * (weights.length + 1)]!;
	return { difference: weights[i]! / precision, variance: 1 / precision };
};

/** Log score of all data, each predicted from the others; lower is better. */
function surprise(solved: Solved): number {
	return solved.data.reduce((sum, _, i) => {
		const { difference, variance } = leaveOneOut(solved, i);
		return variance > 0
			? sum + Math.log(variance) + (difference * difference) / variance
			: Infinity;
	}, 0);
}

function chooseRoughness(data: readonly Datum[]): number {
	const stride = Math.ceil(data.length / ENOUGH_FOR_ROUGHNESS);
	const some = data.filter((_, i) => i % stride === 0);
	const scored = ROUGHNESS.map((roughness) => ({
		roughness,
		score: surprise(solve(some, roughness))
	}));
	return scored.reduce((a, b) => (b.score < a.score ? b : a)).roughness;
}

const fitted = (data: readonly Datum[]): Solved => solve(data, chooseRoughness(data));

/** Height at a place from solved weights. */
function predict(solved: Solved, u: Metres, v: Metres): Metres {
	const { data, roughness, weights } = solved;
	const n = data.length;
	let sum = weights[n]! + weights[n + 1]! * u + weights[n + 2]! * v;
	for (let i = 0; i < n; i++) {
		const datum = data[i]!;
		const du = u - datum.u;
		const dv = v - datum.v;
		const r = Math.sqrt(du * du + dv * dv);
		const k =
			datum.about === 'height' ? r * r * r : -3 * r * (datum.about === 'gradientU' ? du : dv);
		sum += roughness * weights[i]! * k;
	}
	return sum;
}

/** Variance of a quantity against its prediction. */
function predictionVariance({ data, roughness, inverse }: Solved, at: Datum): number {
	const k = [...data.map((datum) => roughness * covariance(at, datum)), ...drift(at)];
	const explained = times(inverse, k).reduce((sum, value, i) => sum + k[i]! * value, 0);
	return Math.max(0, roughness * covariance(at, at) - explained);
}

/** The reading that fits worst among its neighbours, and whether a surface without it agrees that it is bad. */
function worstReading(solved: Solved): number | null {
	const scores = solved.data.map((_, i) => {
		const { difference, variance } = leaveOneOut(solved, i);
		return Math.abs(difference) / Math.sqrt(variance);
	});
	const worst = scores.reduce((best, score, i) => (score > scores[best]! ? i : best), 0);
	const suspect = solved.data[worst]!;
	const others = solved.data.filter((datum) => datum.reading !== suspect.reading);
	if (others.length < 4) return null;
	const without = fitted(others);
	const difference = Math.abs(suspect.value - valueAt(without, suspect));
	const deviation = Math.sqrt(predictionVariance(without, suspect) + suspect.variance);
	return difference > BAD_DEVIATIONS * deviation ? suspect.reading : null;
}

/** What a solved surface says in the place of a datum. */
function valueAt(solved: Solved, { u, v, about }: Datum): number {
	if (about === 'height') return predict(solved, u, v);
	const h = 0.01;
	return about === 'gradientU'
		? (predict(solved, u + h, v) - predict(solved, u - h, v)) / (2 * h)
		: (predict(solved, u, v + h) - predict(solved, u, v - h)) / (2 * h);
}

/** Readings that contradict the others, found one at a time, at most five. */
function badReadings(data: readonly Datum[]): Set<number> {
	const bad = new Set<number>();
	let rest = data;
	while (bad.size < MOST_BAD && rest.length > 4) {
		const found = worstReading(fitted(rest));
		if (found === null) break;
		bad.add(found);
		rest = rest.filter((datum) => datum.reading !== found);
	}
	return bad;
}

/** A reading against a surface through the others; one that the surface was not made from is bad. */
function residualOf(
	solved: Solved,
	all: readonly Datum[],
	spots: number,
	reading: number
): Residual {
	const own = [...solved.data.keys()].filter((i) => solved.data[i]!.reading === reading);
	const bad = own.length === 0;
	const differences = bad
		? all
				.filter((datum) => datum.reading === reading)
				.map((datum) => datum.value - valueAt(solved, datum))
		: own.map((i) => leaveOneOut(solved, i).difference);
	const tilt = reading >= spots;
	return {
		index: tilt ? reading - spots : reading,
		kind: tilt ? 'tilt' : 'spot',
		difference: tilt ? Math.hypot(...differences) : differences[0]!,
		bad
	};
}

/**
 * Fits a smooth surface with continuous gradient to spot heights and tilt readings: universal kriging with a plane as drift and the
 * generalised covariance |h|³ (a smoothing polyharmonic spline), slopes as derivative data, roughness by leave-one-out.
 *
 * @param spots, tilts those left out are not used; their `index` in the residuals counts all that were given
 * @returns a plane through what is known for few readings, level at 0 for none. Bad readings are flagged, not removed.
 * @source G. Matheron, The intrinsic random functions and their applications, Advances in Applied Probability 5 (1973);
 *   leave-one-out without refitting: O. Dubrule, Cross validation of kriging in a unique neighborhood, Mathematical Geology 15 (1983)
 */
export function fitSpots(spots: readonly SpotHeight[], tilts: readonly TiltReading[]): SpotFit {
	const used = dataOf(spots, tilts).filter(({ reading }) =>
		reading < spots.length ? !spots[reading]!.leftOut : !tilts[reading - spots.length]!.leftOut
	);
	const data = anchored(used);
	const solved = fitted(data);
	const readings = [...new Set(used.map((datum) => datum.reading))];
	return {
		height: (u, v) => predict(solved, u, v),
		uncertainty: (u, v) =>
			Math.sqrt(
				predictionVariance(solved, {
					u,
					v,
					about: 'height',
					value: 0,
					variance: 0,
					reading: ANCHOR
				})
			),
		residuals() {
			const bad = badReadings(data);
			// What is bad must not speak against its neighbours: they are judged without it.
			const good = bad.size > 0 ? fitted(data.filter(({ reading }) => !bad.has(reading))) : solved;
			return readings.map((reading) => residualOf(good, data, spots.length, reading));
		},
		roughness: solved.roughness
	};
}
