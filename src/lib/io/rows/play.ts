import * as z from 'zod/mini';
import { lieField, strikeTagField } from '../fields/fields';
import { instantField, keptCount, keptNumber } from '../fields/kept';
import { workingShotRow } from './shot';

/** Along the line from the ball, and to its right; metres. */
const spot = z.tuple([keptNumber, keptNumber]);

/** A way to play it, in short. */
const playedWay = z.object({
	clubId: z.string(),
	/** Club and flight in words. */
	words: z.string(),
	flight: z.string(),
	/** A mark of the pupil's vocabulary; empty for a putt. */
	swing: z._default(z.string(), ''),
	/** Air and ground without any error, metres. */
	carry: keptNumber,
	roll: keptNumber
});

/** Balls that stand for a forecast: landing along and across, finish along and across, ball after ball in whole centimetres. */
const ballsText = z.string().check(z.maxLength(4000));

const chance = z.number().check(z.minimum(0), z.maximum(1));

/** What was forecast, so that a result can be scored without asking again. */
const forecastRow = z.object({
	version: z.literal(1),
	/** Release of the app that forecast it. */
	engine: z.string(),
	seed: keptNumber,
	/** When it was worked out. */
	madeAt: instantField,
	balls: ballsText,
	/** What the starting skill alone would have done; missing where nothing more is known of the pupil. */
	prior: z.optional(ballsText),
	strokes: keptNumber,
	/** One standard error of the strokes. */
	error: keptNumber,
	/** Half, and nine in ten, end nearer the hole than this; metres. */
	leave: z.object({ median: keptNumber, p90: keptNumber }),
	chances: z.object({
		holed: chance,
		missGreen: chance,
		hazard: chance,
		upAndDown: chance,
		fourOrMore: chance
	})
});

/** A shot that was played, as a browser keeps it: the question and the forecast as they stood, and what came of it. */
export const playRow = z.object({
	id: z.string().check(z.minLength(1)),
	pupilId: z.string(),
	/** When it was played. */
	at: instantField,
	/** The round it belongs to; null for practice. */
	roundId: z._default(z.nullable(z.string()), null),
	/** The practice it was a ball of. */
	sessionId: z.optional(z.string()),
	/** The saved shot it was, by id and name. */
	saved: z.optional(z.object({ id: z.string(), name: z.string() })),
	shot: workingShotRow,
	/** The best of the plan, and what was played of it; missing where the plan had no such thing. */
	called: z.optional(playedWay),
	played: z.optional(playedWay),
	/** Of what was played. */
	forecast: z.optional(forecastRow),
	/** The club that was played. */
	clubId: z.string(),
	/** As it was found. */
	lie: lieField,
	landed: z.optional(spot),
	finished: z.optional(spot),
	holed: z._default(z.boolean(), false),
	tags: z._default(z.array(strikeTagField), []),
	/** To hole out, this one counted. */
	strokes: z.optional(keptCount),
	notes: z._default(z.string(), '')
});
