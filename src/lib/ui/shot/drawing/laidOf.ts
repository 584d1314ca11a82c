import { flightWindows } from '$lib/core/plan/studies/flightWindows';
import type { Metres } from '$lib/core/units';
import { HEIGHT_WORDS } from '$lib/io/trainer/words';
import type { Choice } from '$lib/ui/call/choices';
import type { Laid } from '$lib/ui/perspective/laidIn';
import type { ShotBench } from '$lib/ui/shot/state/shotBench.svelte';
import { goodSquares } from './landingAreas';
import type { PlanLayers } from './planLayers';

/**
 * What a shot's answer lays into the picture from behind the ball.
 *
 * @param gate where low, middle and high are told apart, ahead of the ball
 */
export function laidOf(
	{ plan, region }: Pick<ShotBench, 'plan' | 'region'>,
	chosen: Choice | null,
	shows: PlanLayers,
	gate: Metres
): Laid {
	if (!chosen) return { path: [], balls: [], mark: null };
	const { path, solution, play } = chosen.candidate;
	const windows = plan && shows.windows ? flightWindows(plan.options, plan.rejected, gate) : [];
	const others = windows.flatMap(({ id, best }) =>
		best && best.candidate.path.length > 1 && best.candidate.play !== play
			? [
					{
						name: `${HEIGHT_WORDS[id]}, ${best.candidate.play.club.name}`,
						path: best.candidate.path
					}
				]
			: []
	);
	return {
		path,
		balls: shows.balls ? (chosen.option?.finishes ?? []) : [],
		mark: [solution.outcome.landingX, solution.outcome.landingZ],
		others,
		...(region && shows.landing && { area: { side: region.cell, middles: goodSquares(region) } })
	};
}
