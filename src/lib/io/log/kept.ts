import { ENGINE, representatives } from '$lib/core/log/forecast';
import type { PlanOption } from '$lib/core/plan/plan';
import type { Finishes } from '$lib/core/plan/race/sample';
import { playWords } from '../words/play';
import { ballsText, type Forecast, type PlayedWay } from './play';

/** A length as it is kept: to the centimetre. */
export const metres = (value: number): number => Number(value.toFixed(2));
const share = (value: number): number => Number(value.toFixed(4));

/** Places as pairs. */
export const points = (along: Float64Array, across: Float64Array): [number, number][] =>
	Array.from(along, (at, i) => [at, across[i]!]);

/** A way to play it as a played shot keeps it. */
export function wayOf({ candidate, swing }: Pick<PlanOption, 'candidate' | 'swing'>): PlayedWay {
	const { play, solution } = candidate;
	return {
		clubId: play.club.id,
		words: playWords(play),
		flight: play.flight,
		swing: play.flight === 'putt' ? '' : swing.name,
		carry: metres(solution.outcome.carry),
		roll: metres(solution.outcome.roll)
	};
}

/**
 * What was forecast of one way, as it is kept: scoring asks nobody again.
 *
 * @param prior balls of what the skill alone would have done; null where nothing more is known of the pupil
 * @param seed of the question
 * @param madeAt when it was worked out, an ISO instant; now
 * @returns undefined where too few balls were played to say anything
 */
export function forecastOf(
	{ landings, finishes, statistics }: Pick<PlanOption, 'landings' | 'finishes' | 'statistics'>,
	prior: Pick<Finishes, 'x' | 'z' | 'landingX' | 'landingZ'> | null,
	seed: number,
	madeAt = new Date().toISOString()
): Forecast | undefined {
	const balls = representatives(landings, finishes);
	if (!balls) return undefined;
	const alone =
		prior && representatives(points(prior.landingX, prior.landingZ), points(prior.x, prior.z));
	const { chances, leave } = statistics;
	return {
		version: 1,
		engine: ENGINE,
		seed,
		madeAt,
		balls: ballsText(balls),
		...(alone && { prior: ballsText(alone) }),
		strokes: share(statistics.expectedStrokes),
		error: share(statistics.standardError),
		leave: { median: metres(leave.median), p90: metres(leave.p90) },
		chances: {
			holed: share(chances.holed),
			missGreen: share(chances.missGreen),
			hazard: share(chances.hazard),
			upAndDown: share(chances.upAndDown),
			fourOrMore: share(chances.fourOrMore)
		}
	};
}
