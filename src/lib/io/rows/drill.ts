import * as z from 'zod/mini';
import {
	carryFlightField,
	formatField,
	markField,
	measureField,
	shapeField
} from '../fields/fields';
import { keptCount, keptNumber } from '../fields/kept';

/** The rules of a drill as a browser keeps them. */
export const drillRulesRow = z.object({
	clubs: z.discriminatedUnion('kind', [
		z.object({ kind: z.literal('spread'), count: keptCount }),
		z.object({ kind: z.literal('lofts'), lofts: z.array(keptNumber) }),
		z.object({ kind: z.literal('wedges'), count: keptCount }),
		z.object({ kind: z.literal('every') }),
		z.object({ kind: z.literal('chosen'), ids: z.array(z.string()) })
	]),
	swings: z.discriminatedUnion('kind', [
		z.object({ kind: z.literal('mark') }),
		z.object({ kind: z.literal('same') }),
		z.object({ kind: z.literal('lengths'), angles: z.array(keptNumber) })
	]),
	flights: z._default(z.array(carryFlightField), ['standard']),
	shapes: z._default(z.array(shapeField), ['straight']),
	ballsEach: keptCount,
	format: z._default(formatField, 'block'),
	measure: measureField,
	mark: markField,
	/** Metres. */
	distance: keptNumber,
	tolerance: keptNumber
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
