import type { LineOfPlay } from '$lib/core/green/lineOfPlay';
import { expectedLie, lineOn, standBeside } from '$lib/core/plan/question/onGreen';
import type { SurveyedGround } from '$lib/core/plan/question/situation';
import { grainAlong } from '$lib/core/ground/grain';
import { toPercent } from '$lib/core/units';
import type { SituationWire } from '../fields/situation';
import { bearingToCore, greenToCore, type GreenWire } from './green';
import type { ReadingWire } from './reading';
import type { Place } from './shot';
import { lineProblemWords } from '../words/line';

const STEEPEST = 30;
const LONGEST = 80;
const rounded = (value: number, decimals: number): number => Number(value.toFixed(decimals));
const slope = (ratio: number): number =>
	rounded(Math.max(-STEEPEST, Math.min(STEEPEST, toPercent(ratio))), 2);
const length = (metres: number, low: number, high: number): number =>
	rounded(Math.max(low, Math.min(high, metres)), 3);

/** Ground under the line of a placed shot, or why there is no line. */
export type Placed =
	| { line: LineOfPlay; survey: SurveyedGround; problem: null }
	| { problem: string };

/**
 * Cuts the line of play of a placed shot.
 *
 * @param green the core's green; the same object every time keeps its surface
 */
export function placeOn(green: SurveyedGround['green'], place: Place): Placed {
	const line = lineOn(green, place.ball, place.pin);
	if (typeof line === 'string') return { problem: lineProblemWords(line) };
	if (line.toEdge + line.edgeToPin > LONGEST) return { problem: lineProblemWords('tooFar') };
	return {
		line,
		survey: { green, placement: line.placement, kinds: 'map', tilt: 0 },
		problem: null
	};
}

/** Writes what the map shows along the line into the situation; lie and weather stay. */
export function readLine(situation: SituationWire, line: LineOfPlay): void {
	situation.toEdge = length(line.toEdge, 0, LONGEST);
	situation.edgeToPin = length(line.edgeToPin, 0.5, LONGEST);
	situation.beyondPin = length(line.beyondPin, 0, 60);
	situation.rise = length(line.rise, -10, 10);
	situation.fringe = line.fringe;
	delete situation.grass;
	delete situation.stance;
	delete situation.width;
	situation.segments = line.segments.map((segment) => ({
		length: length(segment.length, 0.1, 200),
		slopeAlong: slope(segment.slopeAlong),
		slopeAcross: slope(segment.slopeAcross)
	}));
	situation.hazards = line.hazards.slice(0, 8).map((hazard) => ({
		kind: hazard.kind,
		from: length(hazard.from, 0, 120),
		to: length(hazard.to, hazard.from + 0.01, 120),
		height: length(hazard.height, 0, 10)
	}));
}

/** Puts today's reading of the green into the situation. */
export function readToday(situation: SituationWire, line: LineOfPlay, reading: ReadingWire): void {
	situation.stimpFeet = rounded(reading.stimpFeet, 1);
	situation.firmness = reading.firmness;
	situation.wet = reading.wet;
	readGrain(situation, line, reading);
}

/** How the line lies to today's grain; it changes as the ball is moved around the green. */
export function readGrain(situation: SituationWire, line: LineOfPlay, reading: ReadingWire): void {
	const { grainTowards } = reading;
	situation.grain = grainAlong(
		grainTowards === null ? null : bearingToCore(grainTowards),
		line.placement.heading
	);
}

/** Changes the lie when the ball has come to another kind of ground; a lie the player chose for the same ground stays. */
export function followLie(
	situation: SituationWire,
	before: LineOfPlay | null,
	now: LineOfPlay
): void {
	if (before?.ballOn === now.ballOn) return;
	situation.lie = expectedLie(now.ballOn) ?? situation.lie;
}

const nearest = (value: number): number => rounded(value, 2);

/** Ball and pin of a green, moved along the line between them: ball by `ballBy`, pin by `pinBy`, + toward and past the pin. */
export function movedAlong(place: Place, ballBy: number, pinBy: number): Place {
	const [bu, bv] = place.ball;
	const [pu, pv] = place.pin;
	const distance = Math.hypot(pu - bu, pv - bv);
	const [du, dv] = distance > 0 ? [(pu - bu) / distance, (pv - bv) / distance] : [0, 1];
	return {
		greenId: place.greenId,
		ball: [nearest(bu + ballBy * du), nearest(bv + ballBy * dv)],
		pin: [nearest(pu + pinBy * du), nearest(pv + pinBy * dv)]
	};
}

/** A first place for a ball on a green: beside it, with a view of the pin. */
export function firstPlace(wire: GreenWire, pin: Place['pin'] | undefined): Place {
	const at = pin ?? wire.pins[0]?.at ?? centreOf(wire.outline);
	const [u, v] = standBeside(greenToCore(wire), at);
	return { greenId: wire.id, ball: [nearest(u), nearest(v)], pin: [...at] };
}

/** Middle of the corners of an outline. */
export function centreOf(outline: GreenWire['outline']): Place['pin'] {
	const sum = outline.reduce(([su, sv], [u, v]) => [su + u, sv + v], [0, 0]);
	return [nearest(sum[0] / outline.length), nearest(sum[1] / outline.length)];
}
