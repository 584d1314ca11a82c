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
	/** Null where the balls say nothing of it. */
	data: T | null;
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

/** Variances pooled by their degrees of freedom; the prior counts as `PRIOR_BALLS`. */
function pooled<T extends number>(
	prior: T,
	parts: readonly { variance: number; freedom: number }[]
): SpreadPart<T> {
	const freedom = parts.reduce((sum, part) => sum + part.freedom, 0);
	const sum = parts.reduce((total, { variance, freedom: f }) => total + f * variance, 0);
	return {
		prior,
		data: (freedom > 0 ? Math.sqrt(sum / freedom) : null) as T | null,
		n: freedom,
		used: Math.sqrt((PRIOR_BALLS * prior ** 2 + sum) / (PRIOR_BALLS + freedom)) as T
	};
}

const square = (x: number): number => x * x;

/**
 * Spread of the low point from how many balls were called heavy: a normal about the usual low point of which that share meets the turf
 * too early.
 */
function lowPointOf(prior: Metres, groups: readonly SpreadGroup[]): SpreadPart<Metres> {
	const seen = groups.filter(({ tagged }) => tagged);
	const balls = seen.flatMap((group) => group.balls);
	if (balls.length === 0) return { prior, data: null, n: 0, used: prior };
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
	return { prior, data, n: balls.length, used };
}

/**
 * A player's own spread at a swing of medium length, from balls that were meant to do the same, shrunk toward what the skill presumes.
 *
 * @param groups balls of one club, swing, flight and session each
 * @param prior of the skill
 */
export function ownSpreadOf(groups: readonly SpreadGroup[], prior: Dispersion): OwnSpread {
	const speed: { variance: number; freedom: number }[] = [];
	const direction: typeof speed = [];
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
		const read = NOTED / carry.centre;
		const loft = loftPull * prior.loft * risk.loft * growth;
		const own = square(carry.spread / carry.centre) - square(read) - square(loft);
		// Carry goes with the square of head speed, so its relative spread is twice as large.
		speed.push({ variance: Math.max(0, own) / square(2 * risk.speed), freedom });
		const turned = Math.max(0, square(angle.spread) - square(read));
		direction.push({ variance: turned / square(growth * risk.direction), freedom });
	}
	return {
		speed: pooled(prior.speed, speed),
		direction: pooled(prior.direction, direction),
		loft: { prior: prior.loft, data: null, n: 0, used: prior.loft },
		lowPoint: lowPointOf(prior.lowPoint, groups)
	};
}
