import { REPRESENTATIVES } from '$lib/core/log/forecast';
import type { PlanRequest } from '$lib/core/plan/question/request';
import { forecastOf } from '$lib/io/log/kept';
import type { Forecast } from '$lib/io/log/play';
import { profileOf } from '$lib/io/work/player';
import type { Choice } from '$lib/ui/call/choices';
import type { ShotBench } from './shotBench.svelte';

/** The same question for a player of whom nothing is known but the skill: what a forecast has to beat. */
function forSkill(request: PlanRequest, { golfer }: ShotBench): PlanRequest {
	const { dispersion, costs } = profileOf(golfer);
	return { ...request, player: { ...request.player, dispersion, costs, swings: {} } };
}

/** A choice as it was forecast, to be kept with its result; undefined where nothing was. */
export async function keptForecast(
	bench: ShotBench,
	{ option, candidate }: Choice
): Promise<Forecast | undefined> {
	const { asked, golfer, pool } = bench;
	if (!option || !asked) return undefined;
	if (golfer.spread === undefined && golfer.carries.length === 0)
		return forecastOf(option, null, asked.seed);
	const { speed, aim } = candidate.solution;
	const job = { play: candidate.play, speed, aim, from: 0, to: REPRESENTATIVES };
	const prior = await pool.play(forSkill(asked, bench), job);
	return forecastOf(option, prior, asked.seed);
}
