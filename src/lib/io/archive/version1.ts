import { z } from 'zod';

// Frozen: files of release 0.1 are read by this for ever. Nothing here follows later changes of fields, rows or the contract; only
// limits on counts are lifted, since that release wrote more than it read.
const within = (low: number, high: number, unit: string) => {
	const message = `must be a number from ${low} to ${high} ${unit}`;
	return z.number({ error: message }).min(low, message).max(high, message);
};
const one = <const T extends readonly [string, ...string[]]>(values: T) =>
	z.enum(values, { error: `must be one of: ${values.join(', ')}` });
const id = z
	.string()
	.regex(/^[\w-]{1,64}$/, 'must be 1 to 64 letters, digits, hyphens or underscores');
const name = z.string().trim().min(1, 'must not be empty').max(60, 'must be at most 60 letters');
const slope = within(-30, 30, 'percent');
const stimp = within(3, 18, 'feet');
const firmness = one(['soft', 'medium', 'firm']);
const fringe = one(['smooth', 'grainy', 'rough']);
const metresOnMap = within(-500, 500, 'metres');
const mapPoint = z.tuple([metresOnMap, metresOnMap]);
const wind = within(-20, 20, 'm/s');

const club = z.strictObject({
	name,
	loft: within(0, 75, 'degrees'),
	bounce: within(0, 20, 'degrees').default(6),
	putter: z.boolean().default(false)
});

const situation = z.strictObject({
	lie: one([
		'tight',
		'fairway',
		'fringe',
		'first-cut',
		'sitting-up',
		'sitting-down',
		'semi-rough',
		'deep-rough',
		'sand'
	]).default('fairway'),
	wet: z.boolean().default(false),
	toEdge: within(0, 80, 'metres'),
	edgeToPin: within(0.5, 80, 'metres'),
	beyondPin: within(0, 60, 'metres').default(8),
	rise: within(-10, 10, 'metres').default(0),
	fringe: fringe.default('smooth'),
	segments: z
		.array(
			z.strictObject({
				length: within(0.1, 200, 'metres'),
				slopeAlong: slope,
				slopeAcross: slope.default(0),
				kind: one(['green', 'fringe', 'tier', 'ridge', 'rough']).optional()
			})
		)
		.optional(),
	slopeAlong: slope.default(0),
	slopeAcross: slope.default(0),
	hazards: z
		.array(
			z.strictObject({
				kind: one(['sand', 'water', 'rough', 'mound']),
				from: within(0, 120, 'metres'),
				to: within(0, 120, 'metres'),
				height: within(0, 10, 'metres').default(0)
			})
		)
		.default([]),
	stimpFeet: stimp,
	firmness: firmness.default('medium'),
	grain: one(['none', 'with', 'against']).default('none'),
	wind: z.strictObject({ along: wind.default(0), across: wind.default(0) }).optional(),
	airDensity: within(0.6, 1.5, 'kg/m³').optional(),
	ball: one(['soft', 'firm']).optional(),
	/** Let in by that release's file although no screen wrote it. */
	survey: z.unknown().optional()
});

const golfer = z.strictObject({
	skill: one(['expert', 'scratch', 'middle', 'high']).default('middle'),
	hand: one(['right', 'left']).default('right'),
	school: one([
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
	]).default('free'),
	vocabulary: one(['clock', 'body', 'shape']).default('clock'),
	technique: z
		.strictObject({
			chip: one(['lean', 'sole']).default('lean'),
			flop: one(['lead', 'trail']).default('lead'),
			stroke: one(['pendulum', 'set-and-drop', 'hinge-and-hold']).default('pendulum')
		})
		.prefault({}),
	spread: z
		.strictObject({
			speed: within(0.5, 30, 'percent'),
			direction: within(0.2, 15, 'degrees'),
			loft: within(0.2, 12, 'degrees'),
			lowPoint: within(0.1, 8, 'centimetres')
		})
		.optional()
});

const workingShot = z.strictObject({
	situation,
	golfer: golfer.prefault({}),
	bag: z.array(club),
	place: z.strictObject({ greenId: id, ball: mapPoint, pin: mapPoint }).optional()
});

const shot = z.strictObject({ id, name, savedAt: z.iso.datetime(), shot: workingShot });

const outline = z.array(mapPoint).min(3, 'must have at least three corners');
const green = z.strictObject({
	id,
	name,
	note: z.string().default(''),
	outline,
	collar: within(0, 10, 'metres').default(1),
	fringe: fringe.default('smooth'),
	areas: z
		.array(
			z.strictObject({
				kind: one(['sand', 'water', 'rough', 'fringe']),
				outline,
				lip: within(0, 5, 'metres').default(0)
			})
		)
		.default([]),
	spots: z
		.array(
			z.strictObject({
				at: mapPoint,
				height: within(-100, 100, 'metres'),
				leftOut: z.boolean().default(false)
			})
		)
		.default([]),
	tilts: z
		.array(
			z.strictObject({
				at: mapPoint,
				percent: within(0, 40, 'percent'),
				fallsTowards: within(0, 360, 'degrees'),
				leftOut: z.boolean().default(false)
			})
		)
		.default([]),
	grid: z
		.strictObject({
			originU: metresOnMap,
			originV: metresOnMap,
			cell: within(0.05, 20, 'metres'),
			columns: z.int().min(2).max(1000),
			rows: z.int().min(2).max(1000),
			heights: z.array(z.number().nullable())
		})
		.refine(({ columns, rows, heights }) => heights.length === columns * rows, {
			path: ['heights'],
			error: 'must be columns × rows numbers'
		})
		.nullable()
		.default(null),
	pins: z.array(z.strictObject({ id, name, at: mapPoint })).default([])
});

const reading = z.strictObject({
	id,
	greenId: id,
	takenAt: z.iso.datetime(),
	stimpFeet: stimp,
	errorFeet: within(0, 6, 'feet').nullable().default(null),
	firmness: firmness.default('medium'),
	wet: z.boolean().default(false),
	grainTowards: within(0, 360, 'degrees').nullable().default(null),
	method: one(['ramp', 'balls', 'judged']).default('judged'),
	rolls: z
		.array(
			z.strictObject({
				place: z.int().min(1).max(9),
				way: one(['up', 'down']),
				rollOut: within(0, 30, 'metres')
			})
		)
		.default([]),
	balls: z
		.array(
			z.strictObject({
				club: name,
				carry: within(0.1, 100, 'metres'),
				total: within(0.1, 150, 'metres'),
				slope: slope.default(0)
			})
		)
		.default([]),
	note: z.string().default('')
});

/** An archive as release 0.1 wrote it. */
export const archiveVersion1 = z.strictObject({
	format: z.string(),
	version: z.literal(1),
	exportedAt: z.iso.datetime(),
	shots: z.array(shot).default([]),
	greens: z.array(green).default([]),
	readings: z.array(reading).default([])
});
