import type { Green } from '$lib/core/green/green';
import type { LineOfPlay } from '$lib/core/green/lineOfPlay';
import type { PlanRequest } from '$lib/core/plan/question/request';
import { expectedLie } from '$lib/core/plan/question/onGreen';
import type { MissQuestion } from '$lib/core/plan/studies/whereToMiss';
import { NO_PUTT, type WantedWire } from '../fields/wanted';
import { bearingToCore } from './green';
import { placeOn, readLine, readToday } from './placedShot';
import type { ReadingWire } from './reading';
import type { Playing } from './playing';
import type { Place, WorkingShot } from './shot';
import { shotRequest, wantedOf } from './shotRequest';

/** What a study takes from the shot on the bench. */
type Asked = Pick<WorkingShot, 'situation'>;

/** The weather and ball of a shot, with today's reading of a green in place of its ground. */
function onToday(shot: Asked, reading: ReadingWire | undefined): Asked {
	const { ball, wind, airDensity, stimpFeet, firmness, wet } = shot.situation;
	return {
		situation: {
			...shot.situation,
			ball,
			wind,
			airDensity,
			stimpFeet: reading?.stimpFeet ?? stimpFeet,
			firmness: reading?.firmness ?? firmness,
			wet: reading?.wet ?? wet
		}
	};
}

/** Which shot a map of a green is about to begin with: what the last one asked for if it was there, else what its player always wants. */
export function wishOn(
	greenId: string,
	last: Pick<WorkingShot, 'wanted' | 'place'>,
	{ noPutt }: Playing['golfer']
): WantedWire {
	const asked = last.place?.greenId === greenId ? last.wanted : undefined;
	return asked ?? (noPutt ? NO_PUTT : {});
}

/** The question of a where-to-miss map for a player, in the weather of a shot and for what it asks for. */
export function missQuestion(
	shot: Pick<WorkingShot, 'situation' | 'wanted'>,
	playing: Playing,
	green: Green,
	pin: Place['pin'],
	reading: ReadingWire | undefined,
	seed: number
): MissQuestion {
	const { situation, bag, player } = shotRequest(onToday(shot, reading), playing, 1, seed);
	const { wet, ball, greenSpeed, firmness } = situation;
	const towards = reading?.grainTowards ?? null;
	return {
		green,
		pin,
		conditions: {
			wet,
			ball,
			greenSpeed,
			firmness,
			// The wind of a shot blows along its line; from all around the green it has no direction.
			air: { ...situation.air, windAlong: 0, windAcross: 0 },
			grain: towards === null ? null : bearingToCore(towards)
		},
		bag,
		player,
		wanted: wantedOf(shot.wanted, playing, true),
		seed
	};
}

/** A question for the planner from one place of a green, or why there is none. */
export function placedRequest(
	shot: Asked,
	playing: Playing,
	green: Green,
	place: Place,
	reading: ReadingWire | undefined,
	asked: { samples: number; seed: number }
): { request: PlanRequest; line: LineOfPlay; problem: null } | { problem: string } {
	const placed = placeOn(green, place);
	if (placed.problem !== null) return placed;
	const copy = structuredClone(onToday(shot, reading));
	readLine(copy.situation, placed.line);
	if (reading) readToday(copy.situation, placed.line, reading);
	copy.situation.lie = expectedLie(placed.line.ballOn) ?? copy.situation.lie;
	const request = shotRequest(copy, playing, asked.samples, asked.seed, placed.survey);
	return { request, line: placed.line, problem: null };
}
