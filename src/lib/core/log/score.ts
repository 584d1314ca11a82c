import { huberCentre } from '../math/robust';
import type { Metres } from '../units';
import { depthRank, tieOf } from './depth';
import { energyScore } from './energyScore';
import { runOf, type ForecastBall, type Result } from './forecast';
import type { Miss } from './offset';

/** What is compared between forecast and result. */
export const DIRECTIONS = ['end', 'side', 'landing', 'landingSide', 'run', 'ratio'] as const;
/**
 * `end` and `side`: where the ball ended, along the line and to its right; `landing` and `landingSide` where it came down; `run` from there;
 * `ratio` ground over air. Metres but for the ratio.
 */
export type Direction = (typeof DIRECTIONS)[number];

/** A result measured against its forecast. */
export interface Scored {
	/** 0 in the middle of the forecast, 1 outside all of it; evenly spread over honest forecasts. */
	rank: number;
	/** The same of the landing; null where nobody saw it. */
	landingRank: number | null;
	/** Energy scores of the forecast and, where it was kept, of what the skill alone would have forecast. */
	score: Metres;
	priorScore: Metres | null;
	/** How far from their middle the landings were that were forecast, nearest first; null where the landing was not seen. */
	around: Readonly<Record<'landing' | 'landingSide', readonly number[]>> | null;
	/** By direction; none where it was not seen or means nothing. */
	misses: Partial<Record<Direction, Miss>>;
}

/** Spreads below this are taken for it: places are noted no better. */
const READ: Metres = 0.05;
const READ_RATIO = 0.02;
/** Nearer landings have no air to speak of. */
const LEAST_AIR: Metres = 0.5;

const missOf = (off: number[], result: number, day: string, least: number): Miss => {
	const { centre, spread } = huberCentre(off);
	return { off: result - centre, spread: Math.max(least, spread), day };
};

/**
 * Measures a result against the balls that were forecast.
 *
 * @param balls of the forecast, at least two
 * @param result in the same frame
 * @param about its id, which decides ties, the day it was played, whether it flew, and the balls that the skill alone would have forecast
 */
export function scoreResult(
	balls: readonly ForecastBall[],
	result: Result,
	about: { id: string; day: string; flew: boolean; prior?: readonly ForecastBall[] | null }
): Scored {
	const { day } = about;
	const tie = tieOf(about.id);
	const finishes = balls.map(({ finished }) => finished);
	const landings = balls.map(({ landed }) => landed);
	const landed = about.flew ? result.landed : null;
	const misses: Scored['misses'] = {
		end: missOf(
			finishes.map(([x]) => x),
			result.finished[0],
			day,
			READ
		),
		side: missOf(
			finishes.map(([, z]) => z),
			result.finished[1],
			day,
			READ
		)
	};
	if (landed) {
		misses.landing = missOf(
			landings.map(([x]) => x),
			landed[0],
			day,
			READ
		);
		misses.landingSide = missOf(
			landings.map(([, z]) => z),
			landed[1],
			day,
			READ
		);
		// A holed ball was stopped by the hole: how far it would have run nobody knows.
		if (!result.holed) Object.assign(misses, runMisses(balls, { ...result, landed }, day));
	}
	return {
		rank: depthRank(finishes, result.finished, tie),
		landingRank: landed && depthRank(landings, landed, tie),
		score: energyScore(finishes, result.finished),
		around: landed && {
			landing: aroundMiddle(landings.map(([x]) => x)),
			landingSide: aroundMiddle(landings.map(([, z]) => z))
		},
		priorScore: about.prior
			? energyScore(
					about.prior.map(({ finished }) => finished),
					result.finished
				)
			: null,
		misses
	};
}

/** Distances from the middle, in rising order. */
function aroundMiddle(values: number[]): number[] {
	const { centre } = huberCentre(values);
	return values.map((value) => Math.abs(value - centre)).sort((a, b) => a - b);
}

/** Run and ratio of a ball that was seen to land and to stop. */
function runMisses(
	balls: readonly ForecastBall[],
	result: ForecastBall,
	day: string
): Scored['misses'] {
	const air = ({ landed: [x, z] }: ForecastBall) => Math.max(LEAST_AIR, Math.hypot(x, z));
	return {
		run: missOf(balls.map(runOf), runOf(result), day, READ),
		ratio: missOf(
			balls.map((ball) => runOf(ball) / air(ball)),
			runOf(result) / air(result),
			day,
			READ_RATIO
		)
	};
}
