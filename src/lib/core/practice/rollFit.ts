import { levenbergMarquardt } from 'ml-levenberg-marquardt';
import type { Matrix } from 'ml-matrix';
import { studentQuantile } from '../math/studentT';
import type { CarryFlight } from '../solve/measuredSwings';
import type { Metres, Radians, Ratio } from '../units';
import {
	deviations,
	NUISANCES,
	observe,
	PRESUMED,
	RollProblem,
	STEP,
	type Cause,
	type KnownGreen,
	type RollStation,
	type Sought
} from './rollProblem';
import { CAUSES } from './rollResponse';

/** A number with how well it is known. */
export interface Estimate<T extends number = number> {
	value: T;
	/** It lies between these with 90 %. */
	low: T;
	high: T;
	/** Whether the balls say something of it, rather than what is presumed. */
	told: boolean;
}

/** What balls say of a player's strike and of the turf. */
export interface RollFit {
	/**
	 * `few` balls; at the `end` of what is looked for; `unread`: nobody measured the green, so that a roll tells nothing of a strike;
	 * `confounded`: nothing can be told from something else; `found`: the rest.
	 */
	status: 'found' | 'few' | 'end' | 'unread' | 'confounded';
	/** Balls behind it. */
	n: number;
	/** Empty where there are too few balls. */
	loft: Partial<Record<CarryFlight, Estimate<Radians>>>;
	grip: Estimate<Ratio>;
	firmness: Estimate;
	/** What is known worst and what it is mixed up with most; null where everything is told. */
	mixedUp: [Cause, Cause] | null;
	/** Standard deviation of a roll about the fit, relative to what is presumed. */
	scatter: Ratio;
}

/** The presumed scatter counts as much as this many balls. */
const PRIOR_BALLS = 8;
/** Fewer balls than this are not looked at. */
const FEWEST_BALLS = 8;
const CONFIDENCE = 0.9;
/** Of speed, slope and landing, in their deviations: as far as they are looked for. */
const NUISANCE_END = 3;
/** The balls say something of a number once it is known by so much better than was presumed. */
const TOLD: Ratio = 0.7;
/** A number this near to an end of the table, in presumed deviations, is at it. */
const AT_END = 0.05;
/** Of those looked for the parameter of which least is told, and of all the one it is most correlated with. */
function mixedUp(cov: Matrix): [number, number] {
	const sd = deviations(cov);
	const worst = sd.indexOf(Math.max(...sd.slice(0, -NUISANCES.length)));
	const tied = (i: number) => (i === worst ? -1 : Math.abs(cov.get(worst, i)) / sd[i]!);
	const other = sd.reduce((best, _, i) => (tied(i) > tied(best) ? i : best), worst === 0 ? 1 : 0);
	return [worst, other];
}

/** Ends of the table in presumed deviations. */
function endsOf(name: Cause, firmness: number): [number, number] {
	if (name === 'speed' || name === 'slope' || name === 'landing')
		return [-NUISANCE_END, NUISANCE_END];
	const ends = (row: readonly number[], about: number, unit: number): [number, number] => [
		(row[0]! - about) / unit,
		(row[row.length - 1]! - about) / unit
	];
	if (name === 'firmness') return ends(CAUSES.firmness, firmness, PRESUMED.firmness);
	if (name === 'grip') return ends(CAUSES.grip, 1, PRESUMED.grip);
	return ends(CAUSES.loft, 0, PRESUMED.loft);
}

/**
 * What balls that landed and were followed to rest say of this player's delivered loft, the grip of face on ball and the turf: nonlinear
 * least squares on the engine's roll-outs together with what is presumed (players differ so much, the turf was judged so well, speed and
 * slope of the green and the eye for a landing are off by so much), with the covariance of the linearised problem. Of what the balls do not
 * tell, it says so.
 *
 * @param stations of one green on one day; wild balls left out
 * @param green as it was read
 * @source Levenberg–Marquardt as in ml-levenberg-marquardt; priors as further observations and the linearised covariance as in Seber and
 *   Wild, Nonlinear Regression, 1989 (from memory)
 */
export function fitRolls(stations: readonly RollStation[], green: KnownGreen): RollFit {
	const { firmness } = green;
	const flights = [...new Set(stations.map(({ flight }) => flight))];
	const sought: Sought[] = [...flights, 'grip', 'firmness'];
	const names: Cause[] = [...sought, ...NUISANCES];
	const observed = observe(stations, flights, firmness);
	const problem = new RollProblem(observed, names.length, green);
	const n = observed.length;
	if (n < FEWEST_BALLS) return { ...nothing(firmness), n };
	const ends = names.map((name) => endsOf(name, firmness));
	const rows = Array.from({ length: problem.rows }, (_, i) => i);
	const { parameterValues: at } = levenbergMarquardt(
		{ x: rows, y: rows.map((row) => problem.wanted(row)) },
		(scaled) => (row) => problem.given(row, scaled),
		{
			initialValues: names.map(() => 0.01),
			minValues: ends.map(([low]) => low),
			maxValues: ends.map(([, high]) => high),
			damping: 0.1,
			maxIterations: 60,
			gradientDifference: STEP / 2,
			centralDifference: true,
			errorTolerance: 1e-9
		}
	);
	const freedom = PRIOR_BALLS + n - sought.length;
	const scatter = Math.sqrt((PRIOR_BALLS + problem.squares(at)) / freedom);
	const cov = problem.covariance(at, scatter);
	const sd = deviations(cov);
	const reach = studentQuantile((1 + CONFIDENCE) / 2, freedom);
	const estimate = (i: number, unit: number, about = 0): Estimate => ({
		value: about + at[i]! * unit,
		low: about + (at[i]! - reach * sd[i]!) * unit,
		high: about + (at[i]! + reach * sd[i]!) * unit,
		told: green.speedError !== null && sd[i]! < TOLD
	});
	const loft = Object.fromEntries(flights.map((flight, i) => [flight, estimate(i, PRESUMED.loft)]));
	const grip = estimate(flights.length, PRESUMED.grip, 1);
	const all = [...Object.values(loft), grip];
	const [worst, other] = mixedUp(cov);
	// A green read as firm or soft is at an end of the table from the start: only lofts and grip are looked at.
	const atEnd = at
		.slice(0, flights.length + 1)
		.some((v, i) => v < ends[i]![0] + AT_END || v > ends[i]![1] - AT_END);
	return {
		status: statusOf(green, atEnd, all),
		n,
		loft,
		grip,
		firmness: estimate(flights.length + 1, PRESUMED.firmness, firmness),
		mixedUp: sd[worst]! < TOLD ? null : [names[worst]!, names[other]!],
		scatter
	};
}

function statusOf(green: KnownGreen, atEnd: boolean, all: readonly Estimate[]): RollFit['status'] {
	if (green.speedError === null) return 'unread';
	if (atEnd) return 'end';
	return all.some(({ told }) => told) ? 'found' : 'confounded';
}

const nothing = (firmness: number): Omit<RollFit, 'n'> => {
	const reach = studentQuantile((1 + CONFIDENCE) / 2, PRIOR_BALLS);
	const presumed = (about: number, unit: number): Estimate => ({
		value: about,
		low: about - reach * unit,
		high: about + reach * unit,
		told: false
	});
	return {
		status: 'few',
		loft: {},
		grip: presumed(1, PRESUMED.grip),
		firmness: presumed(firmness, PRESUMED.firmness),
		mixedUp: null,
		scatter: 1
	};
};

/** A ball that would settle what cannot be told apart. */
export interface SettlingBall {
	club: string;
	flight: CarryFlight;
	carry: Metres;
}

/** So many more balls are imagined of each candidate. */
const IMAGINED = 6;

/**
 * Of several stations that could be hit, the one after which loft and grip would be known best together.
 *
 * @param stations hit so far
 * @param candidates that could be hit, each with one ball at its carry
 * @param green as it was read
 * @returns null where there is none
 */
export function settlingBall(
	stations: readonly RollStation[],
	candidates: readonly RollStation[],
	green: KnownGreen
): SettlingBall | null {
	const flights = [...new Set(stations.map(({ flight }) => flight))];
	const size = flights.length + 2 + NUISANCES.length;
	const observed = observe(stations, flights, green.firmness);
	const presumed = Array.from({ length: size }, () => 0);
	let best: SettlingBall | null = null;
	let least = Infinity;
	for (const station of candidates) {
		const [one] = observe([station], flights, green.firmness);
		if (!one || one.loftAt < 0) continue;
		const more = Array.from({ length: IMAGINED }, () => one);
		const cov = new RollProblem([...observed, ...more], size, green).covariance(presumed, 1);
		const left = Math.max(...deviations(cov).slice(0, flights.length + 1));
		if (left >= least) continue;
		least = left;
		best = { club: station.club, flight: station.flight, carry: one.carry };
	}
	return best;
}
