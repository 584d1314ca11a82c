import { STRIKE } from '../constants';
import { normalQuantile } from '../math/normalQuantile';
import { PRIOR_BALLS } from '../player/carryDays';
import type { Dispersion } from '../player/player';
import { lowPointGrowth, MEAN_LOW_POINT, swingGrowth } from '../player/strike';
import type { Metres, MetresPerSecond, Radians, Ratio } from '../units';
import { huberCentre } from '../math/robust';
import { wildBalls } from './grouping';
import type { PractisedBall } from './practised';

/** Balls of one kind, with what their spread is measured against. */
export interface SpreadGroup {
	balls: readonly PractisedBall[];
	/** Head speed that the shot asks for. */
	speed: MetresPerSecond;
	/** Factors of the flight on the dispersion. */
	risk: { speed: number; direction: number; loft: number; lowPoint: number };
	/** Relative change of the carry per radian of loft. */
	loftPull: number;
	/** Whether strikes were looked at: at least one of the session was tagged. */
	tagged: boolean;
}

/** One number of a spread: what the skill presumes, what the balls say, and what is used. */
export interface SpreadPart<T extends number> {
	prior: T;
	/** Null where the balls say nothing of it, or no more than that it is below `under`. */
	data: T | null;
	/** Nine times in ten it is below this by the balls alone, where what else spreads them leaves nothing for it; null elsewhere. */
	under: T | null;
	/** Balls behind it. */
	n: number;
	used: T;
}

export interface OwnSpread {
	speed: SpreadPart<Ratio>;
	direction: SpreadPart<Radians>;
	/** Landings alone do not tell loft from speed: always presumed. */
	loft: SpreadPart<Radians>;
	lowPoint: SpreadPart<Metres>;
}

/** Whoever notes where a ball landed is off by this, one standard deviation (assumption). */
const NOTED: Metres = 0.1;

/** What one group's variance is made of: so many times that of the part in question, and what else spreads the balls. */
interface Seen {
	variance: number;
	freedom: number;
	times: number;
	besides: number;
}

/** Spreads that are tried: from a tenth of what is presumed to five times as much, evenly in their logarithm. */
const TRIED = Array.from({ length: 241 }, (_, i) => 0.1 * 50 ** (i / 240));
/** Half the chi-square of one degree that luck passes once in ten. */
const TEN_IN_HUNDRED = 1.353;

/** Log-likelihood of a variance: each group's is that of a normal's sample. */
const likelihood = (own: number, seen: readonly Seen[]): number =>
	seen.reduce((sum, { variance, freedom, times, besides }) => {
		const whole = times * own + besides;
		return sum - (freedom / 2) * (Math.log(whole) + variance / whole);
	}, 0);

/** The value up to which half of some weights lie, over spreads in rising order. */
function middleOf(spreads: readonly number[], weights: readonly number[]): number {
	const half = weights.reduce((sum, weight) => sum + weight, 0) / 2;
	let sum = 0;
	return spreads.find((_, i) => (sum += weights[i]!) >= half)!;
}

/**
 * A spread behind others that add to it, by what is presumed (as much as `PRIOR_BALLS` balls) and by groups of balls together: the middle of
 * its posterior on a grid. Taking the others' variance off group by group would leave nothing of a steady player's, or less.
 */
function estimated<T extends number>(prior: T, seen: readonly Seen[]): SpreadPart<T> {
	const n = seen.reduce((sum, { freedom }) => sum + freedom, 0);
	if (n === 0) return { prior, data: null, under: null, n, used: prior };
	const spreads = TRIED.map((share) => share * prior);
	const told = spreads.map((spread) => likelihood(square(spread), seen));
	const best = Math.max(...told);
	const presumed = TRIED.map((share) => -PRIOR_BALLS * (Math.log(share) + 1 / (2 * square(share))));
	const both = told.map((log, i) => log + presumed[i]!);
	const most = Math.max(...both);
	const used = middleOf(
		spreads,
		both.map((log) => Math.exp(log - most))
	) as T;
	const at = told.indexOf(best);
	// The spread tried first fits as well as the best: nothing says that there is any.
	const nothing = best - told[0]! < TEN_IN_HUNDRED;
	const last = told.findLastIndex((log) => best - log < TEN_IN_HUNDRED);
	return {
		prior,
		data: nothing ? null : (spreads[at]! as T),
		under: nothing ? (spreads[last]! as T) : null,
		n,
		used
	};
}

const square = (x: number): number => x * x;
const mean = (values: readonly number[]): number =>
	values.reduce((sum, value) => sum + value, 0) / values.length;

/**
 * Spread of the low point from how many balls were called heavy: a normal about the usual low point of which that share meets the turf
 * too early.
 */
function lowPointOf(prior: Metres, groups: readonly SpreadGroup[]): SpreadPart<Metres> {
	const seen = groups.filter(({ tagged }) => tagged);
	const balls = seen.flatMap((group) => group.balls);
	if (balls.length === 0) return { prior, data: null, under: null, n: 0, used: prior };
	const heavy = balls.filter(({ tags }) => tags.includes('heavy')).length;
	const early = STRIKE.heavyBehind + MEAN_LOW_POINT;
	// Growth and risk of these swings, on average: the share rises with both.
	const factor =
		seen.reduce(
			(sum, { balls: b, speed, risk }) => sum + b.length * risk.lowPoint * lowPointGrowth(speed),
			0
		) / balls.length;
	// One ball more of each keeps a share of none or all from meaning a spread of nothing or everything.
	const share = (heavy + 0.5) / (balls.length + 1);
	const data = Math.min(
		4 * prior,
		Math.max(prior / 4, early / (-normalQuantile(Math.min(0.45, share)) * factor))
	);
	const used = Math.sqrt(
		(PRIOR_BALLS * square(prior) + balls.length * square(data)) / (PRIOR_BALLS + balls.length)
	);
	return { prior, data, under: null, n: balls.length, used };
}

/**
 * A player's own spread at a swing of medium length, from balls that were meant to do the same, shrunk toward what the skill presumes.
 *
 * @param groups balls of one club, swing, flight and session each
 * @param prior of the skill
 */
export function ownSpreadOf(groups: readonly SpreadGroup[], prior: Dispersion): OwnSpread {
	const speed: Seen[] = [];
	const direction: Seen[] = [];
	for (const { balls, speed: headSpeed, risk, loftPull } of groups) {
		const wild = wildBalls(balls);
		// What was called heavy or thin is the low point's; what was not seen to land says nothing.
		const kept = balls.filter(
			({ inferred, tags }, i) =>
				!wild[i] && !inferred && !tags.includes('heavy') && !tags.includes('thin')
		);
		if (kept.length < 2) continue;
		const growth = swingGrowth(headSpeed);
		const freedom = kept.length - 1;
		const carry = huberCentre(kept.map(({ landed }) => landed[0]));
		const angle = huberCentre(kept.map(({ landed: [along, right] }) => Math.atan2(right, along)));
		const touched = mean(kept.map(({ touchError = 0 }) => square(touchError)));
		const read = Math.sqrt(square(NOTED) + touched) / carry.centre;
		const loft = loftPull * prior.loft * risk.loft * growth;
		// Carry goes with the square of head speed, so its relative spread is twice as large.
		speed.push({
			variance: square(carry.spread / carry.centre),
			freedom,
			times: square(2 * risk.speed),
			besides: square(read) + square(loft)
		});
		direction.push({
			variance: square(angle.spread),
			freedom,
			times: square(growth * risk.direction),
			besides: square(read)
		});
	}
	return {
		speed: estimated(prior.speed, speed),
		direction: estimated(prior.direction, direction),
		loft: { prior: prior.loft, data: null, under: null, n: 0, used: prior.loft },
		lowPoint: lowPointOf(prior.lowPoint, groups)
	};
}
