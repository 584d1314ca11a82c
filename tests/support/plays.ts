import { ballsText, type Play } from '$lib/io/log/play';
import { playRow } from '$lib/io/rows/play';
import type { PlayedShot } from './played';

/** A shot of a pupil as the log keeps it. */
export const playOf = (change: Partial<Play> = {}): Play =>
	playRow.parse({
		id: 'play-1',
		pupilId: 'pupil-1',
		at: '2026-10-10T09:00:00.000Z',
		shot: {
			pupilId: 'pupil-1',
			situation: { toEdge: 3, edgeToPin: 9, stimpFeet: 10 }
		},
		clubId: 'sw',
		lie: 'fairway',
		...change
	});

/** A simulated shot with its forecast, as the log keeps it. */
export const playedAs = (
	{ id, day, balls, result }: PlayedShot,
	change: Partial<Play> = {}
): Play =>
	playOf({
		id,
		at: `${day}T12:00:00.000Z`,
		played: {
			clubId: 'sw',
			words: 'SW standard',
			flight: 'standard',
			swing: '9',
			carry: balls[0]!.landed[0],
			roll: 3
		},
		forecast: {
			version: 1,
			engine: '0.1',
			seed: 1,
			madeAt: `${day}T11:00:00.000Z`,
			balls: ballsText(balls),
			strokes: 2.8,
			error: 0.02,
			leave: { median: 2, p90: 5 },
			chances: { holed: 0.02, missGreen: 0.1, hazard: 0, upAndDown: 0.3, fourOrMore: 0.1 }
		},
		landed: [...result.landed],
		finished: [...result.finished],
		...change
	});

/** Figures of the log as plain metres, clubs by their ids. */
export const LOG_SAY = {
	length: (value: number) => `${value.toFixed(1)} m`,
	plusMinus: (value: number, within: number) => `${value.toFixed(1)} ± ${within.toFixed(1)} m`,
	club: (id: string) => id.toUpperCase(),
	day: (day: string) => day
};
