import * as z from 'zod/mini';
import { inRange, within } from '../fields/fields';
import { RANGE } from '../fields/ranges';

/** One reading as a measuring device sends it. */
export const deviceReadingSchema = z.discriminatedUnion('device', [
	z.strictObject({
		device: z.literal('ramp'),
		way: z.enum(['up', 'down']),
		rollOut: within(0, 30, 'metres')
	}),
	z.strictObject({ device: z.literal('tape'), length: within(0, 100, 'metres') }),
	z.strictObject({
		device: z.literal('tracker'),
		/** Number of the ball, the same however often it is sent. */
		id: z.string().check(z.minLength(1), z.maxLength(80)),
		/** When it was hit. */
		at: z.iso.datetime(),
		/** Along the line from the ball and to its right. */
		landed: z.tuple([within(0.05, 300, 'metres'), within(-150, 150, 'metres')]),
		/** Null where it was not followed to rest. */
		finished: z.nullable(z.tuple([within(-30, 300, 'metres'), within(-150, 150, 'metres')]))
	}),
	z.strictObject({
		device: z.literal('level'),
		percent: inRange(RANGE.steepest, 'percent'),
		fallsTowards: inRange(RANGE.bearing, 'degrees')
	})
]);

export type DeviceReading = z.output<typeof deviceReadingSchema>;
export type DeviceName = DeviceReading['device'];
