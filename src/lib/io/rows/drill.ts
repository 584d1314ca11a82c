import * as z from 'zod/mini';
import {
	carryFlightField,
	formatField,
	markField,
	measureField,
	shapeField
} from '../fields/fields';

const number = z.number();

/** The rules of a drill as a browser keeps them. */
export const drillRulesRow = z.object({
	clubs: z.discriminatedUnion('kind', [
		z.object({ kind: z.literal('spread'), count: z.int().check(z.positive()) }),
		z.object({ kind: z.literal('lofts'), lofts: z.array(number) }),
		z.object({ kind: z.literal('wedges'), count: z.int().check(z.positive()) }),
		z.object({ kind: z.literal('every') }),
		z.object({ kind: z.literal('chosen'), ids: z.array(z.string()) })
	]),
	swings: z.discriminatedUnion('kind', [
		z.object({ kind: z.literal('mark') }),
		z.object({ kind: z.literal('same') }),
		z.object({ kind: z.literal('lengths'), angles: z.array(number) })
	]),
	flights: z._default(z.array(carryFlightField), ['standard']),
	shapes: z._default(z.array(shapeField), ['straight']),
	ballsEach: z.int().check(z.positive()),
	format: z._default(formatField, 'block'),
	measure: measureField,
	mark: markField,
	/** Metres. */
	distance: number,
	tolerance: number
});

/** A drill of somebody's own. Lofts and angles in degrees. */
export const drillRow = z.object({
	id: z.string().check(z.minLength(1)),
	name: z.string(),
	/** Id of the drill it was copied from. */
	basedOn: z.string(),
	purpose: z._default(z.string(), ''),
	steps: z._default(z.array(z.string()), []),
	rules: drillRulesRow
});
