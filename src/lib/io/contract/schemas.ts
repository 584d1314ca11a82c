import * as z from 'zod/mini';
import { PRESENT_VERSION, VERSIONS } from '../archive/lift';
import { deviceReadingSchema } from '../work/deviceReading';
import { greenRow } from '../rows/green';
import { readingRow } from '../rows/reading';
import { shotRow } from '../rows/shot';
import { ballRow } from '../rows/ball';
import { clubRow } from '../rows/club';
import { pupilRow } from '../rows/pupil';
import { errorSchema } from './error';
import { planRequestSchema } from './planRequest';
import { planResponseSchema } from './planResponse';
import { ratiosRequestSchema, ratiosResponseSchema } from './ratios';
import { simulateRequestSchema, simulateResponseSchema } from './simulate';

/**
 * JSON Schemas of everything that crosses the border, from the one set of Zod schemas.
 *
 * @param version of the app that publishes them
 */
export const publishedSchemas = (version: string) => ({
	version,
	simulateRequest: z.toJSONSchema(simulateRequestSchema, { io: 'input' }),
	simulateResponse: z.toJSONSchema(simulateResponseSchema),
	planRequest: z.toJSONSchema(planRequestSchema, { io: 'input' }),
	planResponse: z.toJSONSchema(planResponseSchema),
	ratiosRequest: z.toJSONSchema(ratiosRequestSchema, { io: 'input' }),
	ratiosResponse: z.toJSONSchema(ratiosResponseSchema),
	error: z.toJSONSchema(errorSchema),
	savedShot: z.toJSONSchema(shotRow, { io: 'input' }),
	pupil: z.toJSONSchema(pupilRow, { io: 'input' }),
	club: z.toJSONSchema(clubRow, { io: 'input' }),
	ball: z.toJSONSchema(ballRow, { io: 'input' }),
	// Heights are checked by hand and say what they are in their metadata.
	green: z.toJSONSchema(greenRow, { io: 'input', unrepresentable: 'any' }),
	reading: z.toJSONSchema(readingRow, { io: 'input' }),
	archive: z.toJSONSchema(VERSIONS[PRESENT_VERSION - 1]!.schema, {
		io: 'input',
		unrepresentable: 'any'
	}),
	deviceReading: z.toJSONSchema(deviceReadingSchema)
});
