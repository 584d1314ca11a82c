import * as z from 'zod/mini';
import { REPRESENTATIVES, type ForecastBall, type Result } from '$lib/core/log/forecast';
import { pinDistance } from '$lib/core/plan/question/situation';
import { atMost, idField, lieField, strikeTagField, within } from '../fields/fields';
import { LETTERS } from '../fields/ranges';
import type { playRow } from '../rows/play';
import type { roundRow } from '../rows/round';

/** A shot that was played. */
export type Play = z.output<typeof playRow>;
export type Round = z.output<typeof roundRow>;
export type Forecast = NonNullable<Play['forecast']>;
export type PlayedWay = NonNullable<Play['played']>;

/** Numbers of one ball in a text. */
const PER_BALL = 4;
const CENTIMETRES = 100;

/** Balls that stand for a forecast as a file and a browser keep them: whole centimetres, ball after ball. */
export const ballsText = (balls: readonly ForecastBall[]): string =>
	balls
		.flatMap(({ landed, finished }) => [...landed, ...finished])
		.map((metres) => Math.round(metres * CENTIMETRES))
		.join(' ');

/** Reads them again; null where the text is of nothing of the kind. */
export function ballsOfText(text: string): ForecastBall[] | null {
	const numbers = text.split(' ').map((part) => Number(part) / CENTIMETRES);
	const count = numbers.length / PER_BALL;
	const makesSense = Number.isInteger(count) && count >= 2 && count <= REPRESENTATIVES;
	if (!makesSense || !numbers.every(Number.isFinite)) return null;
	return Array.from({ length: count }, (_, i) => {
		const [a, b, c, d] = numbers.slice(i * PER_BALL, (i + 1) * PER_BALL);
		return { landed: [a!, b!], finished: [c!, d!] };
	});
}

/** Where a played shot ended, as it is scored; null where nobody noted it. */
export function resultOf({ landed, finished, holed, shot }: Play): Result | null {
	if (holed) return { landed: landed ?? null, finished: [pinDistance(shot.situation), 0], holed };
	return finished ? { landed: landed ?? null, finished, holed } : null;
}

/** How far from the hole it ended, metres; null where nobody noted it. */
export function leaveOf(play: Play): number | null {
	if (play.holed) return 0;
	if (!play.finished) return null;
	return Math.hypot(play.finished[0] - pinDistance(play.shot.situation), play.finished[1]);
}

/**
 * Strokes to hole out, as far as they are known: one that was holed took one.
 */
export const strokesOf = ({ holed, strokes }: Play): number | null =>
	holed ? 1 : (strokes ?? null);

const spotField = z.tuple([within(-30, 300, 'metres'), within(-150, 150, 'metres')]);

/** What may be said of a played shot, and changed later. */
export const resultSchema = z.object({
	at: z.string(),
	roundId: z.nullable(idField),
	clubId: idField,
	lie: lieField,
	landed: z.optional(spotField),
	finished: z.optional(spotField),
	holed: z.boolean(),
	tags: z.array(strikeTagField),
	strokes: z.optional(
		z
			.int('must be a whole number')
			.check(z.minimum(1, 'must be 1 or more'), z.maximum(20, 'must be 20 at most'))
	),
	notes: z.string().check(atMost(LETTERS.notes))
});
export type PlayResult = z.output<typeof resultSchema>;
