import * as z from 'zod/mini';

// Frozen: files of release 0.1 are read by this for ever. Nothing here follows later changes of fields, rows or the contract; only
// limits on counts are lifted, since that release wrote more than it read.
const within = (low: number, high: number, unit: string) => {
	const message = `must be a number from ${low} to ${high} ${unit}`;
	return z.number({ error: message }).check(z.minimum(low, message), z.maximum(high, message));
};
const one = <const T extends readonly [string, ...string[]]>(values: T) =>
	z.enum(values, { error: `must be one of: ${values.join(', ')}` });
const id = z
	.string()
	.check(z.regex(/^[\w-]{1,64}$/, 'must be 1 to 64 letters, digits, hyphens or underscores'));
const name = z
	.string()
	.check(
		z.trim(),
		z.minLength(1, 'must not be empty'),
		z.maxLength(60, 'must be at most 60 letters')
	);
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
	bounce: z._default(within(0, 20, 'degrees'), 6),
	putter: z._default(z.boolean(), false)
});

const situation = z.strictObject({
	lie: z._default(
		one([
			'tight',
			'fairway',
			'fringe',
			'first-cut',
			'sitting-up',
			'sitting-down',
			'semi-rough',
			'deep-rough',
			'sand'
		]),
		'fairway'
	),
	wet: z._default(z.boolean(), false),
	toEdge: within(0, 80, 'metres'),
	edgeToPin: within(0.5, 80, 'metres'),
	beyondPin: z._default(within(0, 60, 'metres'), 8),
	rise: z._default(within(-10, 10, 'metres'), 0),
	fringe: z._default(fringe, 'smooth'),
	segments: z.optional(
		z.array(
			z.strictObject({
				length: within(0.1, 200, 'metres'),
				slopeAlong: slope,
				slopeAcross: z._default(slope, 0),
				kind: z.optional(one(['green', 'fringe', 'tier', 'ridge', 'rough']))
			})
		)
	),
	slopeAlong: z._default(slope, 0),
	slopeAcross: z._default(slope, 0),
	hazards: z._default(
		z.array(
			z.strictObject({
				kind: one(['sand', 'water', 'rough', 'mound']),
				from: within(0, 120, 'metres'),
				to: within(0, 120, 'metres'),
				height: z._default(within(0, 10, 'metres'), 0)
			})
		),
		[]
	),
	stimpFeet: stimp,
	firmness: z._default(firmness, 'medium'),
	grain: z._default(one(['none', 'with', 'against']), 'none'),
	wind: z.optional(z.strictObject({ along: z._default(wind, 0), across: z._default(wind, 0) })),
	airDensity: z.optional(within(0.6, 1.5, 'kg/m³')),
	ball: z.optional(one(['soft', 'firm'])),
	/** Let in by that release's file although no screen wrote it. */
	survey: z.optional(z.unknown())
});

const golfer = z.strictObject({
	skill: z._default(one(['expert', 'scratch', 'middle', 'high']), 'middle'),
	hand: z._default(one(['right', 'left']), 'right'),
	school: z._default(
		one([
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
		]),
		'free'
	),
	vocabulary: z._default(one(['clock', 'body', 'shape']), 'clock'),
	technique: z.prefault(
		z.strictObject({
			chip: z._default(one(['lean', 'sole']), 'lean'),
			flop: z._default(one(['lead', 'trail']), 'lead'),
			stroke: z._default(one(['pendulum', 'set-and-drop', 'hinge-and-hold']), 'pendulum')
		}),
		{}
	),
	spread: z.optional(
		z.strictObject({
			speed: within(0.5, 30, 'percent'),
			direction: within(0.2, 15, 'degrees'),
			loft: within(0.2, 12, 'degrees'),
			lowPoint: within(0.1, 8, 'centimetres')
		})
	)
});

const workingShot = z.strictObject({
	situation,
	golfer: z.prefault(golfer, {}),
	bag: z.array(club),
	place: z.optional(z.strictObject({ greenId: id, ball: mapPoint, pin: mapPoint }))
});

const shot = z.strictObject({ id, name, savedAt: z.iso.datetime(), shot: workingShot });

const outline = z.array(mapPoint).check(z.minLength(3, 'must have at least three corners'));
const green = z.strictObject({
	id,
	name,
	note: z._default(z.string(), ''),
	outline,
	collar: z._default(within(0, 10, 'metres'), 1),
	fringe: z._default(fringe, 'smooth'),
	areas: z._default(
		z.array(
			z.strictObject({
				kind: one(['sand', 'water', 'rough', 'fringe']),
				outline,
				lip: z._default(within(0, 5, 'metres'), 0)
			})
		),
		[]
	),
	spots: z._default(
		z.array(
			z.strictObject({
				at: mapPoint,
				height: within(-100, 100, 'metres'),
				leftOut: z._default(z.boolean(), false)
			})
		),
		[]
	),
	tilts: z._default(
		z.array(
			z.strictObject({
				at: mapPoint,
				percent: within(0, 40, 'percent'),
				fallsTowards: within(0, 360, 'degrees'),
				leftOut: z._default(z.boolean(), false)
			})
		),
		[]
	),
	grid: z._default(
		z.nullable(
			z
				.strictObject({
					originU: metresOnMap,
					originV: metresOnMap,
					cell: within(0.05, 20, 'metres'),
					columns: z.int().check(z.minimum(2), z.maximum(1000)),
					rows: z.int().check(z.minimum(2), z.maximum(1000)),
					heights: z.array(z.nullable(z.number()))
				})
				.check(
					z.refine(({ columns, rows, heights }) => heights.length === columns * rows, {
						path: ['heights'],
						error: 'must be columns × rows numbers'
					})
				)
		),
		null
	),
	pins: z._default(z.array(z.strictObject({ id, name, at: mapPoint })), [])
});

const reading = z.strictObject({
	id,
	greenId: id,
	takenAt: z.iso.datetime(),
	stimpFeet: stimp,
	errorFeet: z._default(z.nullable(within(0, 6, 'feet')), null),
	firmness: z._default(firmness, 'medium'),
	wet: z._default(z.boolean(), false),
	grainTowards: z._default(z.nullable(within(0, 360, 'degrees')), null),
	method: z._default(one(['ramp', 'balls', 'judged']), 'judged'),
	rolls: z._default(
		z.array(
			z.strictObject({
				place: z.int().check(z.minimum(1), z.maximum(9)),
				way: one(['up', 'down']),
				rollOut: within(0, 30, 'metres')
			})
		),
		[]
	),
	balls: z._default(
		z.array(
			z.strictObject({
				club: name,
				carry: within(0.1, 100, 'metres'),
				total: within(0.1, 150, 'metres'),
				slope: z._default(slope, 0)
			})
		),
		[]
	),
	note: z._default(z.string(), '')
});

/** An archive as release 0.1 wrote it. */
export const archiveVersion1 = z.strictObject({
	format: z.string(),
	version: z.literal(1),
	exportedAt: z.iso.datetime(),
	shots: z._default(z.array(shot), []),
	greens: z._default(z.array(green), []),
	readings: z._default(z.array(reading), [])
});
