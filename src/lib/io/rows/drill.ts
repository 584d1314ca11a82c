import { z } from 'zod';
import { carryFlightField, formatField, markField, measureField, shapeField } from '../fields';

const number = z.number();

/** The rules of a drill as a browser keeps them. */
export const drillRulesRow = z.object({
	clubs: z.discriminatedUnion('kind', [
		z.object({ kind: z.literal('spread'), count: z.int().positive() }),
		z.object({ kind: z.literal('lofts'), lofts: z.array(number) }),
		z.object({ kind: z.literal('wedges'), count: z.int().positive() }),
		z.object({ kind: z.literal('every') })
	]),
	swings: z.discriminatedUnion('kind', [
		z.object({ kind: z.literal('mark') }),
		z.object({ kind: z.literal('lengths'), angles: z.array(number) })
	]),
	flights: z.array(carryFlightField).default(['standard']),
	shapes: z.array(shapeField).default(['straight']),
	ballsEach: z.int().positive(),
	format: formatField.default('block'),
	measure: measureField,
	mark: markField,
	/** Metres. */
	distance: number,
	tolerance: number
});

/** A drill of somebody's own. Lofts and angles in degrees. */
export const drillRow = z.object({
	id: z.string().min(1),
	name: z.string(),
	/** Id of the drill it was copied from. */
	basedOn: z.string(),
	purpose: z.string().default(''),
	steps: z.array(z.string()).default([]),
	rules: drillRulesRow
});
