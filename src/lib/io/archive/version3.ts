import * as z from 'zod/mini';
import { stampField } from '../stamp';
import { address, greenRow, mapPoint, one, readingRow, situationRow } from './version2';

// Frozen: files and databases of the releases that wrote version 3 are read by this for ever. What version 2 already had is as it was there.

const number = z.number();
const idField = z
	.string()
	.check(z.regex(address, 'must be 1 to 64 letters, digits, hyphens or underscores'));
const flightField = one(['low', 'standard', 'high', 'open', 'splash']);

const pupilRow = z.object({
	id: z.string().check(z.minLength(1)),
	name: z.string(),
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
	pace: z._default(number, 0.9),
	units: z._default(one(['metres', 'yards', 'feet', 'paces']), 'metres'),
	minding: z._default(z.string(), ''),
	notes: z._default(z.string(), ''),
	archived: z._default(z.boolean(), false)
});

const clubRow = z.object({
	id: z.string().check(z.minLength(1)),
	pupilId: z.string(),
	name: z.string(),
	loft: number,
	bounce: z._default(number, 6),
	kind: z._default(one(['wood', 'hybrid', 'iron', 'wedge', 'putter']), 'wedge'),
	order: z._default(number, 0),
	retiredAt: z._default(z.nullable(z.string()), null)
});

const ballRow = z.object({
	id: z.string().check(z.minLength(1)),
	pupilId: z.string(),
	clubId: z.string(),
	at: z.string(),
	swing: z.string(),
	flight: z._default(flightField, 'standard'),
	carry: number,
	source: z._default(one(['typed', 'stated']), 'typed'),
	spread: z.optional(number),
	n: z.optional(number)
});

const shotRow = z.object({
	id: z.string().check(z.minLength(1)),
	name: z.string(),
	savedAt: z.string(),
	shot: z.object({
		situation: situationRow,
		pupilId: z.string(),
		place: z.optional(z.object({ greenId: z.string(), ball: mapPoint, pin: mapPoint }))
	})
});

const TABLES = ['pupils', 'clubs', 'balls', 'shots', 'greens', 'readings'] as const;
const record = { id: idField, createdAt: stampField, updatedAt: stampField };

/** An archive of version 3: pupils with bags and carries, before there were sessions. */
export const archiveVersion3 = z.strictObject({
	format: z.string(),
	version: z.literal(3),
	exportedAt: z.iso.datetime(),
	pupils: z._default(z.array(z.extend(pupilRow, record)), []),
	clubs: z._default(z.array(z.extend(clubRow, record)), []),
	balls: z._default(z.array(z.extend(ballRow, record)), []),
	shots: z._default(z.array(z.extend(shotRow, record)), []),
	greens: z._default(z.array(z.extend(greenRow, record)), []),
	readings: z._default(z.array(z.extend(readingRow, record)), []),
	preferences: z._default(
		z.nullable(z.object({ theme: z.catch(z.enum(['paper', 'slate', 'sunlight']), 'paper') })),
		null
	),
	deleted: z._default(
		z.array(z.strictObject({ table: one(TABLES), id: z.string(), deletedAt: stampField })),
		[]
	),
	unreadable: z._default(
		z.array(
			z.strictObject({
				table: one(TABLES),
				row: z.looseObject({ id: z.union([z.string(), z.number()]) })
			})
		),
		[]
	)
});
