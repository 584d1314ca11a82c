import type { Corrigible } from '$lib/core/log/corrections';
import type { HoledOut } from '$lib/core/log/holingOut';
import { GroundSample } from '$lib/core/ground/ground';
import { sceneOf } from '$lib/core/plan/question/scene';
import { pinDistance } from '$lib/core/plan/question/situation';
import type { Grouped } from '$lib/core/log/findings';
import { runOf } from '$lib/core/log/forecast';
import { scoreResult } from '$lib/core/log/score';
import { median } from '$lib/core/math/robust';
import { situationToCore } from '../fields/situation';
import { ballsOfText, resultOf, type Play } from './play';

/** A played shot with its result measured against its forecast. */
export interface ScoredPlay extends Grouped, Corrigible {
	play: Play;
}

/** Steeper than this along the line is up or down; percent. */
const LEVEL = 1.5;

/** Which way the line runs on average: up, level or down. */
export function slopeOf({ shot: { situation } }: Play): 'up' | 'level' | 'down' {
	const segments = situation.segments ?? [];
	const length = segments.reduce((sum, segment) => sum + segment.length, 0);
	const slope =
		length > 0
			? segments.reduce((sum, segment) => sum + segment.length * segment.slopeAlong, 0) / length
			: situation.slopeAlong;
	return slope > LEVEL ? 'up' : slope < -LEVEL ? 'down' : 'level';
}

/** The day it was played, where this device is. */
export function playedDay({ at }: Pick<Play, 'at'>): string {
	const date = new Date(at);
	const two = (n: number) => String(n).padStart(2, '0');
	return `${date.getFullYear()}-${two(date.getMonth() + 1)}-${two(date.getDate())}`;
}

/** Beside the line of a mapped green only so much is known of what grows there: the play keeps the line, not the map. */
const ALONG_THE_LINE = 3;
const sample = new GroundSample();

/** How a shot was holed out from where it ended; null where nobody counted, it went in, or what it lay on is not known. */
function holedOut(play: Play): HoledOut | null {
	const { finished, holed, strokes, shot } = play;
	if (holed || !finished || strokes === undefined || strokes < 2) return null;
	const [x, z] = finished;
	if (shot.place && Math.abs(z) > ALONG_THE_LINE) return null;
	const situation = situationToCore(shot.situation);
	sceneOf(situation, { hazards: true, hole: false }).ground.sample(x, z, sample);
	const distance = Math.hypot(x - pinDistance(situation), z);
	return { distance, on: sample.kind, strokes: strokes - 1, day: playedDay(play) };
}

const known = new Map<string, ScoredPlay | null>();
const MOST_KNOWN = 10_000;

/**
 * Measures a played shot against its forecast. A shot that was played from another lie than was asked about answers another question.
 *
 * @returns null where there is nothing to compare
 */
export function scoredPlay(play: Play): ScoredPlay | null {
	const { forecast, landed, finished, holed, lie, clubId, shot, played } = play;
	const result = resultOf(play);
	if (!forecast || !played || !result || lie !== shot.situation.lie || clubId !== played.clubId)
		return null;
	const key = [play.id, play.at, forecast.balls, landed, finished, holed, play.strokes].join('/');
	const before = known.get(key);
	if (before !== undefined) return before && { ...before, play };
	if (known.size > MOST_KNOWN) known.clear();
	const scored = score(play, result);
	known.set(key, scored);
	return scored;
}

function score(play: Play, result: NonNullable<ReturnType<typeof resultOf>>): ScoredPlay | null {
	const { forecast, shot, lie, clubId, played } = play;
	const balls = ballsOfText(forecast!.balls);
	if (!balls) return null;
	const day = playedDay(play);
	const flew = played!.flight !== 'putt';
	const prior = forecast!.prior === undefined ? null : ballsOfText(forecast!.prior);
	return {
		...scoreResult(balls, result, { id: play.id, day, flew, prior }),
		play,
		lie,
		carry: flew ? median(balls.map(({ landed }) => landed[0])) : 0,
		run: flew ? median(balls.map(runOf)) : 0,
		green: shot.place?.greenId ?? null,
		holing: holedOut(play),
		groups: { lie, club: clubId, slope: slopeOf(play), swing: played!.swing, day }
	};
}
