import { z } from 'zod';
import { within } from './fields';

/** One reading as a measuring device sends it. */
export const deviceReadingSchema = z.discriminatedUnion('device', [
	z.strictObject({
		device: z.literal('ramp'),
		way: z.enum(['up', 'down']),
		rollOut: within(0, 30, 'metres')
	}),
	z.strictObject({ device: z.literal('tape'), length: within(0, 100, 'metres') }),
	z.strictObject({
		device: z.literal('level'),
		percent: within(0, 40, 'percent'),
		fallsTowards: within(0, 360, 'degrees')
	})
]);

export type DeviceReading = z.output<typeof deviceReadingSchema>;
export type DeviceName = DeviceReading['device'];
