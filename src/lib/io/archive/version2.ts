import * as z from 'zod/mini';

// Frozen: files and databases of the releases that wrote version 2 are read by this for ever. Nothing here follows later changes of
// fields, rows or the contract.

export const one = <const T extends readonly [string, ...string[]]>(values: T) =>
	z.enum(values, { error: `must be one of: ${values.join(', ')}` });
const number = z.number();
export const mapPoint = z.tuple([number, number]);
const outline = z.array(mapPoint);
export const address = /^[\w-]{1,64}$/;

export const situationRow = z.object({
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
	toEdge: number,
	edgeToPin: number,
	beyondPin: z._default(number, 8),
	rise: z._default(number, 0),
	fringe: z._default(one(['smooth', 'grainy', 'rough']), 'smooth'),
	segments: z.optional(
		z.array(
			z.object({
				length: number,
				slopeAlong: number,
				slopeAcross: z._default(number, 0),
				kind: z.optional(one(['green', 'fringe', 'tier', 'ridge', 'rough']))
			})
		)
	),
	slopeAlong: z._default(number, 0),
	slopeAcross: z._default(number, 0),
	hazards: z._default(
		z.array(
			z.object({
				kind: one(['sand', 'water', 'rough', 'mound']),
				from: number,
				to: number,
				height: z._default(number, 0),
				side: z.optional(one(['across', 'left', 'right'])),
				offset: z.optional(number)
			})
		),
		[]
	),
	stimpFeet: number,
	firmness: z._default(one(['soft', 'medium', 'firm']), 'medium'),
	grain: z._default(one(['none', 'with', 'against', 'left', 'right']), 'none'),
	wind: z.optional(z.object({ along: z._default(number, 0), across: z._default(number, 0) })),
	airDensity: z.optional(number),
	ball: z.optional(one(['soft', 'firm'])),
	stance: z.optional(z.object({ along: z._default(number, 0), across: z._default(number, 0) })),
	sandSurface: z.optional(one(['soft', 'medium', 'firm', 'plugged'])),
	grass: z.optional(
		z.array(z.object({ kind: one(['smooth', 'grainy', 'rough']), length: number }))
	),
	width: z.optional(z.object({ left: number, right: number }))
});

const golferRow = z.object({
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
		z.object({
			chip: z._default(one(['lean', 'sole']), 'lean'),
			flop: z._default(one(['lead', 'trail']), 'lead'),
			stroke: z._default(one(['pendulum', 'set-and-drop', 'hinge-and-hold']), 'pendulum')
		}),
		{}
	),
	spread: z.optional(
		z.object({ speed: number, direction: number, loft: number, lowPoint: number })
	),
	costs: z.optional(
		z.object({ holedHalf: number, around: number, sand: number, upAndDown: number })
	),
	carries: z._default(
		z.array(
			z.object({
				club: z.string(),
				swing: z.string(),
				carry: number,
				flight: z.optional(one(['low', 'standard', 'high'])),
				spread: z.optional(number),
				n: z.optional(number)
			})
		),
		[]
	)
});

const clubRow = z.object({
	id: z.string().check(z.minLength(1)),
	name: z.string(),
	loft: number,
	bounce: z._default(number, 6),
	putter: z._default(z.boolean(), false)
});

const workingShotRow = z.object({
	situation: situationRow,
	golfer: z.prefault(golferRow, {}),
	bag: z.array(clubRow),
	place: z.optional(z.object({ greenId: z.string(), ball: mapPoint, pin: mapPoint }))
});

const shotRow = z.object({
	id: z.string().check(z.minLength(1)),
	name: z.string(),
	savedAt: z.string(),
	shot: workingShotRow
});

export const greenRow = z.object({
	id: z.string().check(z.minLength(1)),
	name: z.string(),
	note: z._default(z.string(), ''),
	outline,
	collar: z._default(number, 1),
	fringe: z._default(one(['smooth', 'grainy', 'rough']), 'smooth'),
	areas: z._default(
		z.array(
			z.object({
				kind: one(['sand', 'water', 'rough', 'fringe']),
				outline,
				lip: z._default(number, 0)
			})
		),
		[]
	),
	spots: z._default(
		z.array(z.object({ at: mapPoint, height: number, leftOut: z._default(z.boolean(), false) })),
		[]
	),
	tilts: z._default(
		z.array(
			z.object({
				at: mapPoint,
				percent: number,
				fallsTowards: number,
				leftOut: z._default(z.boolean(), false)
			})
		),
		[]
	),
	grid: z._default(
		z.nullable(
			z
				.object({
					originU: number,
					originV: number,
					cell: number.check(z.positive()),
					columns: z.int().check(z.positive()),
					rows: z.int().check(z.positive()),
					heights: z.array(z.nullable(number))
				})
				.check(z.refine(({ columns, rows, heights }) => heights.length === columns * rows))
		),
		null
	),
	pins: z._default(z.array(z.object({ id: z.string(), name: z.string(), at: mapPoint })), [])
});

export const readingRow = z.object({
	id: z.string().check(z.minLength(1)),
	greenId: z.string().check(z.minLength(1)),
	takenAt: z.string(),
	stimpFeet: number,
	errorFeet: z._default(z.nullable(number), null),
	firmness: z._default(one(['soft', 'medium', 'firm']), 'medium'),
	wet: z._default(z.boolean(), false),
	grainTowards: z._default(z.nullable(number), null),
	method: z._default(one(['ramp', 'balls', 'judged']), 'judged'),
	rolls: z._default(
		z.array(z.object({ place: z.int(), way: one(['up', 'down']), rollOut: number })),
		[]
	),
	balls: z._default(
		z.array(
			z.object({ club: z.string(), carry: number, total: number, slope: z._default(number, 0) })
		),
		[]
	),
	note: z._default(z.string(), '')
});

const preferencesRow = z.object({
	units: z.catch(z.enum(['metres', 'yards', 'feet', 'paces']), 'metres'),
	/** The player's own pace, measured once, in metres. */
	paceLength: z.catch(z.number().check(z.minimum(0.5), z.maximum(1.3)), 0.9),
	theme: z.catch(z.enum(['paper', 'slate', 'sunlight']), 'paper')
});

/** A row that the writer could not read, as it was. */
const unreadableRow = z.strictObject({
	table: one(['shots', 'greens', 'readings']),
	row: z.looseObject({ id: z.union([z.string(), z.number()]) })
});

const withAddress = <T extends z.ZodMiniType<{ id: string }>>(row: T) =>
	row.check(
		z.refine(({ id }) => address.test(id), {
			path: ['id'],
			error: 'must be 1 to 64 letters, digits, hyphens or underscores'
		})
	);

/** An archive of version 2: golfer and bag are part of every shot. */
export const archiveVersion2 = z.strictObject({
	format: z.string(),
	version: z.literal(2),
	exportedAt: z.iso.datetime(),
	shots: z._default(z.array(withAddress(shotRow)), []),
	greens: z._default(z.array(withAddress(greenRow)), []),
	readings: z._default(z.array(withAddress(readingRow)), []),
	preferences: z._default(z.nullable(preferencesRow), null),
	unreadable: z._default(z.array(unreadableRow), [])
});
