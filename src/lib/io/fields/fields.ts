import { SHOT_KINDS } from '$lib/core/plan/question/shotKind';
import * as z from 'zod/mini';
import { STRIKE_TAGS } from '$lib/core/practice/practised';
import { GLANCE_KINDS, HEIGHTS, LIE_ANSWERS, READ_STEPS } from '$lib/core/trainer/steps';
import { LETTERS, RANGE, type Range } from './ranges';

// The small library has no words of its own: these are said where a field has none.
z.config(z.locales.en());

/** A finite number in a range, with a message that names the range and the unit. */
export const within = (low: number, high: number, unit: string) => {
	const message = `must be a number from ${low} to ${high}${unit ? ` ${unit}` : ''}`;
	return z.number({ error: message }).check(z.minimum(low, message), z.maximum(high, message));
};

/** `within` a range that a form shares. */
export const inRange = ({ low, high }: Range, unit: string) => within(low, high, unit);

/** A check that a text is no longer than so many letters. */
export const atMost = (most: number) => z.maxLength(most, `must be at most ${most} letters`);

const choice = <const T extends readonly [string, ...string[]]>(values: T) =>
	z.enum(values, { error: `must be one of: ${values.join(', ')}` });

export const lieField = choice([
	'tight',
	'fairway',
	'fringe',
	'first-cut',
	'sitting-up',
	'sitting-down',
	'semi-rough',
	'deep-rough',
	'sand'
]);
export const firmnessField = choice(['soft', 'medium', 'firm']);
export const grainField = choice(['none', 'with', 'against', 'left', 'right']);
export const fringeField = choice(['smooth', 'grainy', 'rough']);
export const hazardKindField = choice(['sand', 'water', 'rough', 'mound']);
export const carryFlightField = choice(['low', 'standard', 'high', 'open', 'splash']);
export const sideField = choice(['across', 'left', 'right']);
export const sandSurfaceField = choice(['soft', 'medium', 'firm', 'plugged']);
export const ballField = choice(['soft', 'firm']);
export const skillField = choice(['expert', 'scratch', 'middle', 'high']);
export const handField = choice(['right', 'left']);
export const vocabularyField = choice(['clock', 'body', 'shape']);
export const schoolField = choice([
	'free',
	'rule-of-twelve',
	'fly-fractions',
	'three-windows',
	'second-club-ladder',
	'todays-percentage',
	'longest-club',
	'gap-wedge-limit',
	'one-wedge-two-ways',
	'one-wedge-three-flights',
	'shape-the-spin'
]);

export const unitsField = choice(['metres', 'yards', 'feet', 'paces']);
export const clubKindField = choice(['wood', 'hybrid', 'iron', 'wedge', 'putter']);
/** How a ball's carry is known: typed one by one, stated as the carry of a swing, touched on a drawing, tracked, or read from a file. */
export const ballSourceField = choice(['typed', 'stated', 'touched', 'tracker', 'file']);
export const shapeField = choice(['inside', 'straight', 'outside']);
export const strikeTagField = choice(STRIKE_TAGS);
/** Whence a ball's swing is known: the drill asked for it, somebody said it, or it is only the model's guess. */
export const swingFromField = choice(['prescribed', 'noted', 'assumed']);
export const formatField = choice([
	'block',
	'random',
	'up-and-down',
	'worst-ball',
	'beat-your-last'
]);
export const measureField = choice(['carry', 'roll-out', 'finish', 'strokes', 'strike']);
export const markField = choice(['box', 'stick', 'flag', 'none']);

/** What a part of a lesson is. */
export const blockKindField = choice(['drill', 'test', 'shot', 'talk', 'free']);

/** Groups of like skill, or mixed. */
export const groupingField = choice(['alike', 'mixed']);

/** What is decided about a shot, and what is said of its lie and height. */
export const readStepField = choice(READ_STEPS);
export const lieAnswerField = choice(LIE_ANSWERS);
export const heightField = choice(HEIGHTS);
export const glanceKindField = choice(GLANCE_KINDS);

export const areaKindField = choice(['sand', 'water', 'rough', 'fringe']);
export const readingMethodField = choice(['ramp', 'timed', 'balls', 'judged']);
export const wayField = choice(['up', 'down']);
export const segmentKindField = choice(['green', 'fringe', 'tier', 'ridge', 'rough']);

export const stimpField = inRange(RANGE.stimpFeet, 'feet');
export const slopeField = inRange(RANGE.slope, 'percent');
export const windField = inRange(RANGE.wind, 'm/s');
/** Ids stand in addresses: letters, digits, hyphen and underscore only. */
export const idField = z
	.string()
	.check(z.regex(/^[\w-]{1,64}$/, 'must be 1 to 64 letters, digits, hyphens or underscores'));

export const nameField = z
	.string()
	.check(z.trim(), z.minLength(1, 'must not be empty'), atMost(LETTERS.name));

export const mapField = inRange(RANGE.map, 'metres');
/** A place on a green's map: to the right and up the map, in metres. */
export const mapPointField = z.tuple([mapField, mapField]);

export const shotKindField = choice(SHOT_KINDS);
/** Ways of saying how much of a shot is air and how much ground. */
export const ratioStyleField = choice(['ratio', 'share', 'units']);
