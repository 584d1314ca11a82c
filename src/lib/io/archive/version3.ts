import { z } from 'zod';
import { stampField } from '../stamp';
import { address, greenRow, mapPoint, one, readingRow, situationRow } from './version2';

// Frozen: files and databases of the releases that wrote version 3 are read by this for ever. What version 2 already had is as it was there.

const number = z.number();
const idField = z
	.string()
	.regex(address, 'must be 1 to 64 letters, digits, hyphens or underscores');
const flightField = one(['low', 'standard', 'high', 'open', 'splash']);

const pupilRow = z.object({
	id: z.string().min(1),
	name: z.string(),
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
	pace: number.default(0.9),
	units: one(['metres', 'yards', 'feet', 'paces']).default('metres'),
	minding: z.string().default(''),
	notes: z.string().default(''),
	archived: z.boolean().default(false)
});

const clubRow = z.object({
	id: z.string().min(1),
	pupilId: z.string(),
	name: z.string(),
	loft: number,
	bounce: number.default(6),
	kind: one(['wood', 'hybrid', 'iron', 'wedge', 'putter']).default('wedge'),
	order: number.default(0),
	retiredAt: z.string().nullable().default(null)
});

const ballRow = z.object({
	id: z.string().min(1),
	pupilId: z.string(),
	clubId: z.string(),
	at: z.string(),
	swing: z.string(),
	flight: flightField.default('standard'),
	carry: number,
	source: one(['typed', 'stated']).default('typed'),
	spread: number.optional(),
	n: number.optional()
});

const shotRow = z.object({
	id: z.string().min(1),
	name: z.string(),
	savedAt: z.string(),
	shot: z.object({
		situation: situationRow,
		pupilId: z.string(),
		place: z.object({ greenId: z.string(), ball: mapPoint, pin: mapPoint }).optional()
	})
});

const TABLES = ['pupils', 'clubs', 'balls', 'shots', 'greens', 'readings'] as const;
const record = { id: idField, createdAt: stampField, updatedAt: stampField };

/** An archive of version 3: pupils with bags and carries, before there were sessions. */
export const archiveVersion3 = z.strictObject({
	format: z.string(),
	version: z.literal(3),
	exportedAt: z.iso.datetime(),
	pupils: z.array(pupilRow.extend(record)).default([]),
	clubs: z.array(clubRow.extend(record)).default([]),
	balls: z.array(ballRow.extend(record)).default([]),
	shots: z.array(shotRow.extend(record)).default([]),
	greens: z.array(greenRow.extend(record)).default([]),
	readings: z.array(readingRow.extend(record)).default([]),
	preferences: z
		.object({ theme: z.enum(['paper', 'slate', 'sunlight']).catch('paper') })
		.nullable()
		.default(null),
	deleted: z
		.array(z.strictObject({ table: one(TABLES), id: z.string(), deletedAt: stampField }))
		.default([]),
	unreadable: z
		.array(
			z.strictObject({
				table: one(TABLES),
				row: z.looseObject({ id: z.union([z.string(), z.number()]) })
			})
		)
		.default([])
});
