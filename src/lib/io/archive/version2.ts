import { z } from 'zod';

// Frozen: files and databases of the releases that wrote version 2 are read by this for ever. Nothing here follows later changes of
// fields, rows or the contract.

export const one = <const T extends readonly [string, ...string[]]>(values: T) =>
	z.enum(values, { error: `must be one of: ${values.join(', ')}` });
const number = z.number();
export const mapPoint = z.tuple([number, number]);
const outline = z.array(mapPoint);
export const address = /^[\w-]{1,64}$/;

export const situationRow = z.object({
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
	toEdge: number,
	edgeToPin: number,
	beyondPin: number.default(8),
	rise: number.default(0),
	fringe: one(['smooth', 'grainy', 'rough']).default('smooth'),
	segments: z
		.array(
			z.object({
				length: number,
				slopeAlong: number,
				slopeAcross: number.default(0),
				kind: one(['green', 'fringe', 'tier', 'ridge', 'rough']).optional()
			})
		)
		.optional(),
	slopeAlong: number.default(0),
	slopeAcross: number.default(0),
	hazards: z
		.array(
			z.object({
				kind: one(['sand', 'water', 'rough', 'mound']),
				from: number,
				to: number,
				height: number.default(0),
				side: one(['across', 'left', 'right']).optional(),
				offset: number.optional()
			})
		)
		.default([]),
	stimpFeet: number,
	firmness: one(['soft', 'medium', 'firm']).default('medium'),
	grain: one(['none', 'with', 'against', 'left', 'right']).default('none'),
	wind: z.object({ along: number.default(0), across: number.default(0) }).optional(),
	airDensity: number.optional(),
	ball: one(['soft', 'firm']).optional(),
	stance: z.object({ along: number.default(0), across: number.default(0) }).optional(),
	sandSurface: one(['soft', 'medium', 'firm', 'plugged']).optional(),
	grass: z.array(z.object({ kind: one(['smooth', 'grainy', 'rough']), length: number })).optional(),
	width: z.object({ left: number, right: number }).optional()
});

const golferRow = z.object({
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
		.object({
			chip: one(['lean', 'sole']).default('lean'),
			flop: one(['lead', 'trail']).default('lead'),
			stroke: one(['pendulum', 'set-and-drop', 'hinge-and-hold']).default('pendulum')
		})
		.prefault({}),
	spread: z.object({ speed: number, direction: number, loft: number, lowPoint: number }).optional(),
	costs: z
		.object({ holedHalf: number, around: number, sand: number, upAndDown: number })
		.optional(),
	carries: z
		.array(
			z.object({
				club: z.string(),
				swing: z.string(),
				carry: number,
				flight: one(['low', 'standard', 'high']).optional(),
				spread: number.optional(),
				n: number.optional()
			})
		)
		.default([])
});

const clubRow = z.object({
	id: z.string().min(1),
	name: z.string(),
	loft: number,
	bounce: number.default(6),
	putter: z.boolean().default(false)
});

const workingShotRow = z.object({
	situation: situationRow,
	golfer: golferRow.prefault({}),
	bag: z.array(clubRow),
	place: z.object({ greenId: z.string(), ball: mapPoint, pin: mapPoint }).optional()
});

const shotRow = z.object({
	id: z.string().min(1),
	name: z.string(),
	savedAt: z.string(),
	shot: workingShotRow
});

export const greenRow = z.object({
	id: z.string().min(1),
	name: z.string(),
	note: z.string().default(''),
	outline,
	collar: number.default(1),
	fringe: one(['smooth', 'grainy', 'rough']).default('smooth'),
	areas: z
		.array(
			z.object({ kind: one(['sand', 'water', 'rough', 'fringe']), outline, lip: number.default(0) })
		)
		.default([]),
	spots: z
		.array(z.object({ at: mapPoint, height: number, leftOut: z.boolean().default(false) }))
		.default([]),
	tilts: z
		.array(
			z.object({
				at: mapPoint,
				percent: number,
				fallsTowards: number,
				leftOut: z.boolean().default(false)
			})
		)
		.default([]),
	grid: z
		.object({
			originU: number,
			originV: number,
			cell: number.positive(),
			columns: z.int().positive(),
			rows: z.int().positive(),
			heights: z.array(number.nullable())
		})
		.refine(({ columns, rows, heights }) => heights.length === columns * rows)
		.nullable()
		.default(null),
	pins: z.array(z.object({ id: z.string(), name: z.string(), at: mapPoint })).default([])
});

export const readingRow = z.object({
	id: z.string().min(1),
	greenId: z.string().min(1),
	takenAt: z.string(),
	stimpFeet: number,
	errorFeet: number.nullable().default(null),
	firmness: one(['soft', 'medium', 'firm']).default('medium'),
	wet: z.boolean().default(false),
	grainTowards: number.nullable().default(null),
	method: one(['ramp', 'balls', 'judged']).default('judged'),
	rolls: z
		.array(z.object({ place: z.int(), way: one(['up', 'down']), rollOut: number }))
		.default([]),
	balls: z
		.array(z.object({ club: z.string(), carry: number, total: number, slope: number.default(0) }))
		.default([]),
	note: z.string().default('')
});

const preferencesRow = z.object({
	units: z.enum(['metres', 'yards', 'feet', 'paces']).catch('metres'),
	/** The player's own pace, measured once, in metres. */
	paceLength: z.number().min(0.5).max(1.3).catch(0.9),
	theme: z.enum(['paper', 'slate', 'sunlight']).catch('paper')
});

/** A row that the writer could not read, as it was. */
const unreadableRow = z.strictObject({
	table: one(['shots', 'greens', 'readings']),
	row: z.looseObject({ id: z.union([z.string(), z.number()]) })
});

const withAddress = <T extends z.ZodType<{ id: string }>>(row: T) =>
	row.refine(({ id }) => address.test(id), {
		path: ['id'],
		error: 'must be 1 to 64 letters, digits, hyphens or underscores'
	});

/** An archive of version 2: golfer and bag are part of every shot. */
export const archiveVersion2 = z.strictObject({
	format: z.string(),
	version: z.literal(2),
	exportedAt: z.iso.datetime(),
	shots: z.array(withAddress(shotRow)).default([]),
	greens: z.array(withAddress(greenRow)).default([]),
	readings: z.array(withAddress(readingRow)).default([]),
	preferences: preferencesRow.nullable().default(null),
	unreadable: z.array(unreadableRow).default([])
});
